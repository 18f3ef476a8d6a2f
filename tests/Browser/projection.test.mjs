import assert from 'node:assert/strict';
import { readFileSync } from 'node:fs';
import { test } from '../Runner/tests.mjs';
import { farPoint, projector } from '../../resources/js/bench/projection.js';

test('the finder’s projection is the core’s', () => {
  const cases = JSON.parse(readFileSync(new URL('../fixtures/projection.json', import.meta.url), 'utf8'));
  assert.ok(cases.length >= 40);
  for (const { pose, yaw, pitch, place, ...lens } of cases) {
    const seen = { x: 0.4, ...pose };
    const found = projector(seen, lens)(farPoint(seen, yaw, pitch));
    assert.equal(found === null, place === null, JSON.stringify({ pose, yaw, pitch }));
    if (place) for (const k of [0, 1]) assert.ok(Math.abs(found[k] - place[k]) < 1e-5 * Math.max(1, Math.abs(place[k])), `${found} is ${place}`);
  }
});
