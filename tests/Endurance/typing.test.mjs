import assert from 'node:assert/strict';
import { benchIsReady, browser, reach, test } from '../Browser/support.mjs';
import { isEndurance, newShoot, newShot, numbers, planOf, times, until } from './support.mjs';
import { say } from '../Browser/words.mjs';

const view = browser();

/** Fields of one page that hang on nothing but themselves: how they are called, what may be typed, and where it ends. */
const fields = [
  ['Interval in seconds', (random) => random.whole(20, 99) / 10, (plan) => plan.timing.interval_s],
  ['Exposure in seconds', (random) => random.whole(2, 9) / 10, (plan) => plan.timing.exposure_s],
  [say('shots.sentence.head_label'), (random) => random.whole(1, 60), (plan) => plan.timing.head_photos],
  [say('shots.sentence.tail_label'), (random) => random.whole(1, 60), (plan) => plan.timing.tail_photos],
  [say('shots.sentence.move_label'), (random) => random.whole(100, 300), (plan) => plan.timing.photos],
  ['Start delay in seconds', (random) => random.whole(1, 90), (plan) => plan.timing.start_delay_s],
  ['Slide at B', (random) => random.whole(100, 1100), (plan) => plan.move.keyframes.at(-1).slide],
  ['Pan at B', (random) => random.whole(-90, 90), (plan) => plan.move.keyframes.at(-1).pan],
  ['Tilt at B', (random) => random.whole(-30, 30), (plan) => plan.move.keyframes.at(-1).tilt],
];

/** Each answer comes late, twice, or never, as the line is. */
function spoilLine(page, random, { latest }) {
  return page.route('**/shots/*', async (route) => {
    if (route.request().method() !== 'POST') return route.continue();
    const after = random.whole(0, latest);
    const luck = random.next();
    await new Promise((resolve) => setTimeout(resolve, after));
    try {
      if (luck < 0.12) {
        await route.fetch();
        return await route.abort('connectionreset');
      }
      if (luck < 0.2) return await route.abort('connectionrefused');
      const response = luck < 0.3 ? (await route.fetch(), await route.fetch()) : await route.fetch();
      return await route.fulfill({ response });
    } catch {
      return undefined;
    }
  });
}

test('pairs of fields typed at any speed over any line: every number arrives, and what waits is told', { timeout: isEndurance ? 3_600_000 : 240_000 }, async () => {
  const random = numbers(20261126);
  const pairs = times(5, 5, 300);
  const shot = await newShot(await newShoot('Typed into'), 'Typed fast');
  const page = await view.open(shot);
  await benchIsReady(page);
  const wanted = new Map();
  for (let pair = 0; pair < pairs; pair++) {
    await page.unroute('**/shots/*');
    await spoilLine(page, random, { latest: random.one([0, 200, 600, 1500]) });
    const speed = random.whole(30, 200);
    const [first, second] = [random.one(fields), random.one(fields)];
    for (const [label, make, read] of [first, second]) {
      const text = String(make(random));
      const field = await reach(page, page.getByLabel(label, { exact: true }));
      await field.focus();
      await page.keyboard.press('Control+a');
      await field.pressSequentially(text, { delay: speed });
      if (random.next() < 0.8) await page.keyboard.press('Tab');
      wanted.set(label, [text, read]);
      assert.equal(await field.inputValue(), text, `${label} says what was typed`);
    }
    await page.keyboard.press('Tab');
    if (pair % 5 === 4) {
      // What spoils the line asks the server past the browser: it has to be off for the browser to be alone.
      await page.unroute('**/shots/*');
      await page.context().setOffline(true);
      const [label, make, read] = random.one(fields);
      const field = await reach(page, page.getByLabel(label, { exact: true }));
      const text = String(make(random));
      await field.fill(text);
      await page.keyboard.press('Tab');
      wanted.set(label, [text, read]);
      await page.locator('#saving[data-state=waiting]').waitFor({ timeout: 15_000 });
      await page.context().setOffline(false);
    }
  }
  await page.unroute('**/shots/*');
  await page.locator('#saving[data-state=saved]').waitFor({ timeout: 30_000 });
  const plan = await planOf(shot);
  for (const [label, [text, read]] of wanted) {
    assert.equal(read(plan), Number(text), `${label} is kept`);
    const [over, under = 1] = (await page.getByLabel(label, { exact: true }).inputValue()).split('/');
    assert.equal(over / under, Number(text), `${label} still says so`);
  }
});

test('what waits survives another page and a closed tab, and half a number is there again', { timeout: 120_000 }, async () => {
  const shoot = await newShoot('Left behind');
  const [one, two] = [await newShot(shoot, 'Left by a link'), await newShot(shoot, 'Closed')];
  const page = await view.open(one);
  await benchIsReady(page);
  await page.route('**/shots/*', (route) => (route.request().method() === 'POST' ? route.abort('connectionrefused') : route.continue()));
  await page.getByLabel('Interval in seconds').fill('7.5');
  await page.keyboard.press('Tab');
  await page.locator('#saving[data-state=waiting]').waitFor();
  await page.getByRole('link', { name: 'Left behind' }).click();
  await page.locator('#saving').getByText('1 change waits').waitFor();
  await page.unroute('**/shots/*');
  await until('it is sent from the other page', async () => (await planOf(one)).timing.interval_s === 7.5);

  await page.goto(new URL(two, page.url()).href);
  await benchIsReady(page);
  await page.route('**/shots/*', (route) => (route.request().method() === 'POST' ? route.abort('connectionrefused') : route.continue()));
  await page.getByLabel('Interval in seconds').fill('8.5');
  await page.keyboard.press('Tab');
  await page.getByLabel(say('shots.sentence.move_label')).pressSequentially('2');
  const typed = await page.getByLabel(say('shots.sentence.move_label')).inputValue();
  await page.locator('#saving[data-state=waiting]').waitFor();
  const context = page.context();
  await page.close();
  const again = await context.newPage();
  await again.goto(`${process.env.EVRENT_URL ?? 'http://127.0.0.1:8710'}${two}`);
  await benchIsReady(again);
  await until('the closed tab’s change is sent', async () => (await planOf(two)).timing.interval_s === 8.5);
  assert.equal(await again.getByLabel(say('shots.sentence.move_label')).inputValue(), typed);
  // A tab that closes slowly leaves its field before that, which saves it; otherwise it says that it is not saved.
  if ((await planOf(two)).timing.photos !== Number(typed)) await again.getByText(say('scripts.bench.draft')).waitFor();
});

test('while a change is on its way the verdict is marked as of before', { timeout: 60_000 }, async () => {
  const shot = await newShot(await newShoot('Older state'), 'Older verdict');
  const page = await view.open(shot);
  await benchIsReady(page);
  let letGo;
  const gate = new Promise((resolve) => { letGo = resolve; });
  await page.route('**/shots/*', async (route) => {
    if (route.request().method() === 'POST') await gate;
    await route.continue();
  });
  await page.getByLabel('Interval in seconds').fill('1');
  await page.keyboard.press('Tab');
  await page.locator('#stale').getByText('from before your last change').waitFor();
  await page.locator('#saving[data-state=saving]').waitFor();
  assert.equal(await page.locator('#verdict').getAttribute('data-works'), 'yes');
  letGo();
  await page.locator('#verdict[data-works=no]').waitFor();
  await page.locator('#stale').waitFor({ state: 'hidden' });
  await page.locator('#saving[data-state=saved]').waitFor();
});
