import assert from 'node:assert/strict';
import { readFile } from 'node:fs/promises';
import { newShoot } from '../requests.mjs';
import { browser, go, makeShot, openAllPhotos, openDemo, tabTo, test, type, valueBecomes, verdictIs } from './support.mjs';
import { say } from './words.mjs';

const view = browser();

test.oneIn(4, 'a shooter breaks the demo shot, mends it, dry-runs it and takes its schedule away', async () => {
  const page = await openDemo(view, 'Flood tide at the mill race');
  await verdictIs(page, true);

  await type(page, 'Interval in seconds', '2');
  await verdictIs(page, false);
  await go(page, 'review');
  await page.getByText('Photo 57 needs 2.42 s').waitFor();
  assert.match(await page.locator('.interval .slack').textContent(), /0\.42 s short/);

  await page.locator('#finding-T1').getByRole('button', { name: 'Set interval to 2.5 s' }).click();
  await verdictIs(page, true);
  await valueBecomes(page, 'Interval in seconds', '2.5');

  const download = page.waitForEvent('download');
  await page.getByRole('link', { name: 'Schedule, CSV' }).click();
  const csv = (await readFile(await (await download).path(), 'utf8')).trim().split('\n').map((line) => line.split(','));
  assert.equal(csv.length, 241);
  const column = (name) => csv[0].indexOf(name);
  await openAllPhotos(page);
  for (const number of [1, 13, 57, 228, 240]) {
    await page.getByLabel('Go to photo').fill(String(number));
    await page.keyboard.press('Enter');
    const cells = page.locator('#schedule tbody tr', { has: page.getByRole('link', { name: String(number), exact: true }) }).locator('td');
    await cells.first().waitFor();
    const row = csv[number];
    assert.equal(Number(row[column('trigger_s')]), (number - 1) * 2.5);
    const shown = (await cells.nth(6).textContent()).replace('−', '-');
    assert.equal(shown, Number(row[column('positions:slide')]).toFixed(3));
    assert.equal((await cells.nth(0).textContent()).trim(), say(`scripts.bench.phase_${row[column('phase')]}`));
  }

  await go(page, 'run');
  await page.getByRole('button', { name: say('shots.rehearsal.run') }).click();
  await page.getByText('Variation added').waitFor();
  assert.match(await page.locator('.verdict').textContent(), /This shot works\. Every photo on time, with slack/);
  assert.equal(await page.locator('#photos tbody tr').count(), 50);
  await page.getByRole('link', { name: 'Flood tide at the mill race' }).click();

  await page.getByRole('button', { name: 'Undo' }).click();
  await verdictIs(page, false);
  await page.getByRole('button', { name: 'Undo' }).click();
  await verdictIs(page, true);
  await valueBecomes(page, 'Interval in seconds', '8');
});

test.oneIn(10, 'by keyboard alone: open a shot, break it, look at its photos, mend it, dry-run it', async () => {
  const page = await makeShot(view, 'By keyboard');
  await page.goto(new URL('/', page.url()).href);
  await tabTo(page, page.getByRole('link', { name: 'For By keyboard' }));
  await page.keyboard.press('Enter');
  await page.waitForURL(/shoots\/\d+/);
  await tabTo(page, page.getByRole('link', { name: 'By keyboard', exact: true }), 600);
  await page.keyboard.press('Enter');
  await verdictIs(page, true);

  await tabTo(page, page.getByLabel('Interval in seconds'));
  await page.keyboard.press('Control+a');
  await page.keyboard.type('1.5');
  await page.keyboard.press('Enter');
  await verdictIs(page, false);
  // The focus stays in the field that was typed into.
  assert.equal(await page.evaluate(() => document.activeElement.id), 'f-timing-interval_s');

  await tabTo(page, page.locator('#scrub'));
  const photo = page.locator('.readout b').first();
  await page.keyboard.press('Home');
  assert.equal(await photo.textContent(), '1');
  await page.keyboard.press('ArrowRight');
  await page.keyboard.press('ArrowRight');
  assert.equal(await photo.textContent(), '3');
  assert.match(await page.locator('#scrub').getAttribute('aria-valuetext'), /^Photo 3, opening hold, at 0:03\.0, 0\.74 s slack/);
  await page.keyboard.press('End');
  assert.equal(await photo.textContent(), '288');

  await tabTo(page, page.locator('.is-beside[data-finding=T1] .remedy button').first());
  await page.keyboard.press('Enter');
  await verdictIs(page, true);
  // The button is gone with its finding: the keyboard goes on from the verdict.
  assert.equal(await page.evaluate(() => document.activeElement.id), 'verdict');
  await page.keyboard.press('Alt+5');
  await tabTo(page, page.getByRole('button', { name: say('shots.rehearsal.run') }));
  await page.keyboard.press('Enter');
  await page.getByText('Variation added').waitFor();
});

test.oneIn(10, 'the pointer scrubs along the chart, and a finding leads to its photo', async () => {
  const page = await openDemo(view, 'Moonrise over the pump house');
  const plot = await page.locator('.plot-area canvas').boundingBox();
  const photo = page.locator('.readout b').first();
  await page.mouse.move(plot.x + 2, plot.y + 10);
  await page.mouse.down();
  assert.equal(await photo.textContent(), '1');
  await page.mouse.move(plot.x + plot.width - 2, plot.y + 10, { steps: 4 });
  await page.mouse.up();
  assert.equal(await photo.textContent(), '288');
  await page.locator('.is-beside[data-finding=T1]').getByRole('link', { name: /^photo/ }).click();
  assert.equal(await photo.textContent(), '26');
  const bar = await page.locator('.segment[data-kind=open]').boundingBox();
  const whole = await page.locator('.bar').first().boundingBox();
  // 6 s open in an interval of 7.2 s that the controller stretches by what it is short.
  const short = Number((await page.locator('.interval .slack').textContent()).match(/([\d.]+) s short/)[1]);
  assert.ok(Math.abs(bar.width / whole.width - 6 / (7.2 + short)) < 0.003, `${bar.width} of ${whole.width}`);
});

test.oneIn(10, 'shots are renamed, copied, deleted and brought back', async () => {
  const page = await makeShot(view, 'To be handled');
  await go(page, 'review');
  await page.getByRole('button', { name: 'Duplicate' }).click();
  await page.getByText('To be handled (copy)').first().waitFor();
  await page.getByRole('link', { name: 'For To be handled' }).click();
  const card = page.locator('.shot-card', { has: page.getByRole('link', { name: 'To be handled (copy)', exact: true }) });
  await card.getByText('Rename').click();
  await card.getByLabel('Title').fill('');
  await card.getByRole('button', { name: say('common.save_title') }).click();
  await card.getByText('Enter a title of up to 200 characters.').waitFor();
  await card.getByLabel('Title').fill('Handled');
  await card.getByRole('button', { name: say('common.save_title') }).click();
  const renamed = page.locator('.shot-card', { has: page.getByRole('link', { name: 'Handled', exact: true }) });
  await renamed.getByRole('button', { name: 'Delete' }).click();
  await page.getByText('“Handled” deleted.').waitFor();
  assert.equal(await renamed.count(), 0);
  await page.getByRole('button', { name: 'Undo' }).click();
  await renamed.waitFor();
  // A copy goes to another shoot, and this one stays.
  const other = await newShoot('Where copies go');
  await page.reload();
  await renamed.getByText('To another shoot').click();
  await renamed.getByLabel('Shoot', { exact: true }).selectOption({ value: String(other) });
  await renamed.getByRole('button', { name: say('shoots.day.copy') }).click();
  await page.getByText('Handled (copy)').first().waitFor();
  assert.match(page.url(), new RegExp(`/shoots/${other}/shots/`));
});

test.oneIn(10, 'a plan file is saved and opened again; a broken one is refused by name', async () => {
  const page = await openDemo(view, 'Salt rising on the evaporation pans');
  await go(page, 'review');
  const download = page.waitForEvent('download');
  await page.getByRole('link', { name: 'Plan file' }).click();
  const text = await readFile(await (await download).path(), 'utf8');
  await page.getByRole('link', { name: 'Spring tide at Saltreach mill' }).click();
  const give = async (content) => {
    await page.getByLabel(say('shoots.show.file')).setInputFiles({ name: 'x.plan.json', mimeType: 'application/json', buffer: Buffer.from(content) });
    await page.getByRole('button', { name: say('shoots.show.open_press') }).click();
  };
  await give(text.replace('"photos": 1450', '"photos": -1'));
  await page.getByText('/timing/photos: Enter a whole number of photos from 2').waitFor();
  await give(text.replace('evaporation', 'oldest'));
  await verdictIs(page, true);
  assert.equal(await page.getByLabel(say('shots.sentence.move_label')).inputValue(), '1450');
});
