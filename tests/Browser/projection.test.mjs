import assert from 'node:assert/strict';
import { readFileSync } from 'node:fs';
import { test } from '../Runner/tests.mjs';
import { turned } from '../../resources/js/bench/night.js';
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

test('the finder’s sky turns from east over the south to west', () => {
  const close = (is, shouldBe) => is.forEach((value, n) => assert.ok(Math.abs(value - shouldBe[n]) < 1e-9, `${is} is ${shouldBe}`));
  const [right, up, ahead] = [[1, 0, 0], [0, 1, 0], [0, 0, 1]];
  const behind = [0, 0, -1];
  // At the pole all stars go round level, to the right of whoever looks at them.
  close(turned(ahead, up, 90), right);
  close(turned(right, up, 90), behind);
  // On the equator, facing north: what rises in the east stands overhead a quarter of a day later, and the pole stays.
  close(turned(right, ahead, 90), up);
  close(turned(ahead, ahead, 77), ahead);
});
