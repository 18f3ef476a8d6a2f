// A test shoot, shot cell by cell: watched, played side by side, and one cell taken into the plan.
import assert from 'node:assert/strict';
import { assertAccessible, browser, makeShot, test, url } from './support.mjs';
import { say } from './words.mjs';

const view = browser();

test.oneIn(4, 'a test is shot cell by cell, and one press takes a cell into the plan', async () => {
  const page = await makeShot(view, 'Reeds to try');
  const shot = new URL(page.url()).pathname;
  await page.goto(url + shot.replace(/\/shots\/.*/, '/trials'));
  await page.getByLabel(say('trials.index.subject')).fill('reeds');
  await page.getByLabel('Intervals in s').fill('20 40');
  await page.getByLabel('Shutter times in s').fill('0.5 1');
  await page.getByLabel('Photos each').fill('5');
  await page.getByRole('button', { name: say('trials.index.create') }).click();
  await page.getByText(say('trials.shoot_it.shoot')).first().click();
  await page.getByLabel(say('trials.shoot_it.over')).selectOption({ label: 'Reeds to try' });
  await page.getByRole('button', { name: say('trials.shoot_it.start') }).click();
  await page.locator('.grid-now').getByText('Done, based on “Reeds to try”').waitFor({ timeout: 90_000 });
  // The clips came by themselves, as they were shot.
  assert.equal(await page.locator('.cell-clip video').count(), 4);
  await page.reload();
  await page.getByRole('button', { name: say('scripts.trials.play') }).click();
  await page.waitForFunction(() => [...document.querySelectorAll('.cell-clip video')].every((clip) => !clip.paused && clip.currentTime > 0));
  const seconds = await page.locator('.cell-clip video').evaluateAll((clips) => clips.map((clip) => Math.round(clip.duration * 24)));
  assert.deepEqual(seconds, [5, 5, 5, 5], 'each plays at the rate of the clip');
  await page.getByRole('button', { name: say('scripts.trials.pause') }).click();
  await assertAccessible(page);
  await page.getByRole('button', { name: 'Use in plan: 40 s and 1 s' }).click();
  await page.locator('#shot[data-ready=yes][data-view=time]').waitFor();
  assert.equal(await page.locator('[name="plan[timing][interval_s]"]').first().inputValue(), '40');
});
