import assert from 'node:assert/strict';
import { answered, browser, chartPicture, makeShot, planOf, test, type, verdictIs } from './support.mjs';
import { say } from './words.mjs';

const view = browser();

test.oneIn(4, 'on a phone a thumb scrubs, jogs, reads the findings and starts the run', async () => {
  const page = await makeShot(view, 'By thumb', { width: 390, height: 844, touch: true });
  const photo = page.locator('.readout b').first();
  const tab = (name) => page.getByRole('navigation', { name: 'Views of this shot' }).getByRole('link', { name }).tap();
  const before = Number(await photo.textContent());
  await page.getByRole('button', { name: say('shots.chart.after') }).tap();
  assert.equal(Number(await photo.textContent()), before + 1);

  await tab(/^Framing/);
  await page.locator('.jog-axis', { hasText: 'pan' }).getByRole('button', { name: /5° forward/ }).tap();
  await page.locator('.finder-tag').getByText(say('scripts.bench.tag_jogging')).waitFor();
  const [seen, wheel] = [await page.locator('.finder-frame').boundingBox(), await page.locator('#jog .jog-axes').boundingBox()];
  assert.ok(seen.y >= 0 && wheel.y + wheel.height <= 844 - 52, 'what the rig sees and what moves it are on one screen');
  await answered(page, () => page.getByRole('button', { name: say('shots.keyframes.set', { peg: 'A' }) }).tap());
  assert.equal((await planOf(page)).move.keyframes[0].pan, -5);

  await tab(/^Time/);
  await page.getByText('Interval in seconds').tap();
  await answered(page, () => page.getByRole('button', { name: 'Much less' }).tap());
  assert.equal((await planOf(page)).timing.interval_s, 5);
  await type(page, 'Interval in seconds', '1');
  await verdictIs(page, false);
  await page.getByRole('link', { name: /Will fail/ }).tap();
  await page.locator('#finding-T1 .remedy button').first().tap();
  await verdictIs(page, true);
  await tab(/^Run/);
  await page.getByRole('button', { name: say('shots.rehearsal.run') }).tap();
  await page.getByText('Variation added').waitFor();
});

test.oneIn(10, 'two fingers zoom the chart, one scrubs it', async () => {
  const page = await makeShot(view, 'By fingers', { width: 390, height: 844, touch: true });
  const canvas = page.locator('.plot-area canvas');
  await canvas.scrollIntoViewIfNeeded();
  const box = await canvas.boundingBox();
  const whole = await chartPicture(page);
  const client = await page.context().newCDPSession(page);
  const touch = (kind, ...points) => client.send('Input.dispatchTouchEvent', { type: kind, touchPoints: points.map(([x, y], id) => ({ x: box.x + x, y: box.y + y, id })) });
  await touch('touchStart', [150, 60], [190, 60]);
  for (const apart of [60, 100, 160]) await touch('touchMove', [170 - apart, 60], [170 + apart, 60]);
  await touch('touchEnd');
  assert.ok(await chartPicture(page) !== whole, 'the run is drawn closer');
  await page.getByRole('button', { name: say('shots.chart.whole') }).tap();
  await touch('touchStart', [20, 60]);
  await touch('touchEnd');
  const first = Number(await page.locator('.readout b').first().textContent());
  await touch('touchStart', [200, 60]);
  await touch('touchEnd');
  assert.ok(Number(await page.locator('.readout b').first().textContent()) > first);
});

for (const [width, height] of [[1280, 800], [768, 1024], [390, 844]]) {
  test.oneIn(10, `nothing jumps when the shot is worked out again, at ${width} pixels`, async () => {
    const page = await makeShot(view, `Still at ${width}`, { width, height });
    const places = () => page.evaluate(() => ['.plot-area canvas', '.interval', '#finder', '#timing'].map((part) => {
      const { top, left } = document.querySelector(part).getBoundingClientRect();
      return `${part} ${Math.round(left)} ${Math.round(top + scrollY)}`;
    }));
    const before = await places();
    for (const interval of ['1', '2.5', '30', '6']) {
      await type(page, 'Interval in seconds', interval);
      await page.waitForFunction((text) => document.getElementById('f-timing-interval_s').dataset.stood === text, interval);
      const now = await places();
      assert.deepEqual(now, before, `every ${interval} s`);
    }
  });
}

test.oneIn(10, 'the run is on the screen while something is typed, and half a number changes nothing', async () => {
  const page = await makeShot(view, 'While typing');
  const field = page.getByLabel(say('shots.sentence.move_label'), { exact: true });
  await field.focus();
  await page.keyboard.press('Control+a');
  await page.keyboard.type('480');
  await page.locator('#figures').getByText('528', { exact: true }).waitFor();
  await page.locator('#verdict[data-preview=yes]').waitFor();
  assert.equal((await planOf(page)).timing.photos, 240, 'nothing is saved yet');
  const picture = await chartPicture(page);
  const asked = page.waitForResponse((response) => response.status() === 422);
  await page.keyboard.type('x');
  await asked;
  assert.ok(await chartPicture(page) === picture, 'the last good plan stays drawn');
  assert.equal(await field.inputValue(), '480x');
  assert.equal(await page.locator('#p-timing-photos').textContent(), '', 'nobody is interrupted');
  await page.keyboard.press('Backspace');
  await answered(page, () => page.keyboard.press('Tab'));
  assert.equal((await planOf(page)).timing.photos, 480);
});
