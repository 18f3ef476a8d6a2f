import assert from 'node:assert/strict';
import { execFileSync } from 'node:child_process';
import { join } from 'node:path';
import { test } from '../Runner/tests.mjs';
import validator from 'gltf-validator';

const root = join(import.meta.dirname, '..', '..');
const plan = join(root, 'tests', 'fixtures', '1-two-keyframes.plan.json');

test('the camera’s path is a glTF file with nothing to be said against it', async () => {
  const file = execFileSync('php', [join(root, 'bin', 'evrent'), 'export', plan, 'gltf'], { maxBuffer: 1e8 });
  const { issues, info } = await validator.validateBytes(new Uint8Array(file), { uri: 'path.gltf' });
  assert.deepEqual(issues.messages, []);
  assert.equal(info.animationCount, 2);
});
