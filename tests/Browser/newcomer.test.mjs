import assert from 'node:assert/strict';
import { benchIsReady, browser, planOf, test, valueBecomes, verdictIs } from './support.mjs';
import { say } from './words.mjs';

const view = browser();

/** Seconds that a person takes for a character, a press and a look for the next place. */
const typingSeconds = 0.2;

/**
 * Somebody with no manual who wants a shot of their own: 12 s at 25 fps, 600 mm of slide, 20° of pan, 40 minutes, at dusk. Worked by hand:
 * 12 s at 25 are 300 photos, and 300 in 40 min are one every 8 s.
 */
async function assertPlanned(page) {
  await verdictIs(page, true);
  await valueBecomes(page, say('shots.sentence.photos_total'), '300');
  await valueBecomes(page, 'Interval in seconds', '8');
  const plan = await planOf(page);
  const [a, b] = plan.move.keyframes;
  assert.deepEqual([b.slide - a.slide, b.pan - a.pan, plan.timing.frames_per_second, plan.start.event, plan.start.offset_s], [600, 20, 25, 'sunset', -1200]);
}

/** What is typed and pressed, counted. */
function hand(page) {
  let [typed, presses, keys] = [0, 0, 0];
  const saved = () => page.locator('#saving[data-state=saved]').waitFor();
  return {
    async type(text) {
      typed += text.length;
      await page.keyboard.type(text);
    },
    async press(locator) {
      presses += 1;
      await locator.click();
    },
    async tap(locator) {
      presses += 1;
      const box = await locator.boundingBox();
      assert.ok(box.height >= 40 || await locator.evaluate((element) => element.matches('input')), `${locator} can be hit`);
      await locator.tap();
    },
    async key(name, times = 1) {
      for (let n = 0; n < times; n++) {
        keys += 1;
        await page.keyboard.press(name);
      }
    },
    async fill(locator, text, reach = 'press') {
      await this[reach](locator);
      await page.keyboard.press('Control+a');
      await this.type(text);
    },
    saved,
    told: () => ({ typed, presses, keys }),
  };
}

const field = (page, label) => page.getByLabel(label, { exact: true });
const start = say('shots.sentence.start_hint');

test.oneIn(10, 'by pointer: in at most 12 presses and a minute of typing', async () => {
  const page = await view.open('/');
  const { type, press, fill, saved, told } = hand(page);
  const at = { type, press };
  await press(page.locator('.new-shoot').getByLabel('Name'));
  await type('Ebb');
  await press(page.getByRole('button', { name: 'Create shoot' }));
  await press(field(page, 'Title').last());
  await type('Dusk at the sluice');
  await press(page.getByRole('button', { name: 'Create shot' }));
  await benchIsReady(page);
  await fill.call(at, field(page, say('shots.sentence.fps_label')), '25');
  await fill.call(at, field(page, 'Clip length'), '12 s');
  await fill.call(at, field(page, say('shots.sentence.shooting')), '40 min');
  await fill.call(at, field(page, start), '20 min before sunset');
  await press(page.getByRole('navigation', { name: 'Views of this shot' }).getByRole('link', { name: /^Framing/ }));
  await saved();
  await fill.call(at, field(page, 'Slide at B'), '700');
  await fill.call(at, field(page, 'Pan at B'), '10');
  await page.keyboard.press('Enter');
  await saved();
  await assertPlanned(page);
  const { presses, typed } = told();
  console.log(`by pointer: ${presses} presses, ${typed} characters, ${Math.round(typed * typingSeconds + presses * 2)} s at human speed`);
  assert.ok(presses <= 12 && typed * typingSeconds + presses * 2 <= 60, `${presses} presses, ${typed} characters`);
});

test.oneIn(10, 'by keyboard alone: in at most 40 keys besides what is typed', async () => {
  const page = await view.open('/');
  const { type, key, saved, told } = hand(page);
  const is = (id) => page.waitForFunction((wanted) => document.activeElement.id === wanted, id);
  await key('n');
  await type('Ebb');
  await key('Enter');
  await page.waitForURL(/shoots\/\d+$/);
  await page.locator('[x-data=dayLine][data-ready=yes]').waitFor();
  await key('n');
  await type('Dusk at the sluice');
  await key('Enter');
  await page.waitForURL(/shots\/\d+/);
  await benchIsReady(page);
  await key('s');
  await key('Tab', 2);
  await is('f-timing-frames_per_second');
  await type('25');
  await key('Shift+Tab');
  await type('12 s');
  await key('Tab', 7);
  await is('f-held-shooting');
  await type('40 min');
  await key('Tab', 5);
  await is('f-start');
  await type('20 min before sunset');
  await key('Enter');
  await saved();
  await key('Alt+1');
  await key('Tab', 13);
  await is('f-move-keyframes-1-slide');
  await type('700');
  await key('Tab');
  await type('10');
  await key('Enter');
  await saved();
  await assertPlanned(page);
  const { keys, typed } = told();
  console.log(`by keyboard: ${keys} keys besides ${typed} characters typed`);
  assert.ok(keys <= 40, `${keys} keys`);
});

test.oneIn(10, 'on a phone, with one thumb', async () => {
  const page = await view.open('/', { width: 390, height: 844, touch: true });
  const { type, tap, fill, saved, told } = hand(page);
  const at = { type, tap };
  await tap(page.locator('.new-shoot').getByLabel('Name'));
  await type('Ebb');
  await tap(page.getByRole('button', { name: 'Create shoot' }));
  await tap(field(page, 'Title').last());
  await type('Dusk at the sluice');
  await tap(page.getByRole('button', { name: 'Create shot' }));
  await benchIsReady(page);
  await fill.call(at, field(page, say('shots.sentence.fps_label')), '25', 'tap');
  await fill.call(at, field(page, 'Clip length'), '12 s', 'tap');
  await fill.call(at, field(page, say('shots.sentence.shooting')), '40 min', 'tap');
  await fill.call(at, field(page, start), '20 min before sunset', 'tap');
  await tap(page.getByRole('navigation', { name: 'Views of this shot' }).getByRole('link', { name: /^Framing/ }));
  await saved();
  await fill.call(at, field(page, 'Slide at B'), '700', 'tap');
  await fill.call(at, field(page, 'Pan at B'), '10', 'tap');
  await page.keyboard.press('Enter');
  await saved();
  await assertPlanned(page);
  const { presses, typed } = told();
  console.log(`by thumb: ${presses} taps, ${typed} characters`);
});

test.oneIn(10, 'single letters can be switched off, and keys with Alt stay', async () => {
  const page = await view.open('/settings');
  await page.getByLabel('Keyboard', { exact: true }).selectOption('off');
  await page.getByRole('button', { name: 'Save settings' }).click();
  await page.locator('#notice').getByText('Saved.').waitFor();
  try {
    await page.goto(new URL('/', page.url()).href);
    await page.keyboard.press('n');
    assert.notEqual(await page.evaluate(() => document.activeElement.id), 'f-name');
    await page.getByRole('link', { name: 'Moonrise over the pump house' }).first().click();
    await benchIsReady(page);
    await page.keyboard.press('j');
    await page.keyboard.press('?');
    assert.equal(await page.locator('#shot').getAttribute('data-view'), 'time');
    assert.ok(!await page.locator('#keys').isVisible());
    await page.keyboard.press('Alt+6');
    await page.locator('#view-review').waitFor();
  } finally {
    await page.goto(new URL('/settings', page.url()).href);
    await page.getByLabel('Keyboard', { exact: true }).selectOption('on');
    await page.getByRole('button', { name: 'Save settings' }).click();
    await page.locator('#notice').getByText('Saved.').waitFor();
  }
});
