import assert from 'node:assert/strict';
import { assertAccessible, browser, go, makeShot, openAllPhotos, test, type, verdictIs } from './support.mjs';
import { say } from './words.mjs';

const view = browser();

test.oneIn(10, 'the picture is described, judged, mended and left out again', async () => {
  const page = await makeShot(view, 'Described');
  await go(page, 'frame');
  await page.getByRole('button', { name: say('shots.optics.add') }).click();
  await page.locator('#crop-told').getByText('A 1920 × 1080 clip crops 8 % at top and bottom each.').waitFor();
  await page.getByText(say('shots.finder.example')).waitFor();
  await page.getByLabel(say('shots.optics.finder')).selectOption('hills');
  await page.getByText(say('shots.finder.example')).waitFor({ state: 'hidden' });
  await page.locator('canvas[aria-label*="the hut"]').waitFor();
  await type(page, say('shots.keyframes.subject_high', { peg: 'B' }), '95');
  await page.locator('.is-beside[data-finding=L5]').getByText('10.6 % of the height lost at B').waitFor();
  await page.getByRole('button', { name: 'B: mark as most important' }).click();
  const late = page.locator('.is-beside[data-finding=E5]');
  await late.getByRole('button', { name: say('checks.best_framing_comes_late.turned') }).click();
  await late.waitFor({ state: 'detached' });
  await page.getByRole('button', { name: 'A most important: clear' }).click();
  await page.getByRole('button', { name: 'Undo' }).click();
  await page.getByRole('button', { name: 'Undo' }).click();
  await assertAccessible(page, 'a shot with its picture described');

  await type(page, 'Pan at B', '120');
  await go(page, 'review');
  const finding = page.locator('#finding-T12');
  await finding.getByText('Too fast on screen (pan)').waitFor();
  await finding.getByRole('button', { name: /^Spread the move over/ }).click();
  await finding.waitFor({ state: 'detached' });
  assert.ok(Number(await page.getByLabel(say('shots.sentence.move_label')).inputValue()) > 240);
  await verdictIs(page, true);

  await type(page, 'Subject', '1');
  await page.locator('#p-optics-subject_m').filter({ hasText: 'between foreground and background' }).waitFor();
  await type(page, 'Subject', '30');
  await page.locator('#p-optics-subject_m').filter({ hasText: /^$/ }).waitFor({ state: 'attached' });

  await page.getByRole('button', { name: say('shots.optics.out') }).click();
  await page.getByRole('button', { name: say('shots.optics.add') }).waitFor();
  assert.equal(await page.locator('#finding-L5').count(), 0);
});

test.oneIn(10, 'a long dry run is paged, and finds a photo by its number', async () => {
  const page = await makeShot(view, 'Long run');
  await type(page, say('shots.sentence.move_label'), '1952');
  await openAllPhotos(page);
  await page.locator('#schedule').getByText('1–50 of 2000').waitFor();
  await go(page, 'run');
  await page.getByRole('button', { name: say('shots.rehearsal.run') }).click();
  await page.getByText('Variation added').waitFor();
  await page.getByRole('link', { name: 'Last page' }).click();
  await page.getByText('1951–2000 of 2000').waitFor();
  await page.getByLabel('Go to photo').fill('777');
  await page.getByRole('button', { name: 'Go', exact: true }).click();
  await page.getByText('751–800 of 2000').waitFor();
  assert.equal(await page.getByRole('rowheader', { name: '777', exact: true }).count(), 1);
  // What was typed is still there, for the next one.
  assert.equal(await page.getByLabel('Go to photo').inputValue(), '777');
});
