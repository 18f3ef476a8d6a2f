import assert from 'node:assert/strict';
import { copyFile, mkdir, rm, utimes } from 'node:fs/promises';
import { join } from 'node:path';
import { newShootAtSaltreach, newShot } from '../requests.mjs';
import { assertAccessible, assertAllTaken, benchIsReady, browser, go, startRun, test, type } from './support.mjs';
import { say } from './words.mjs';

const view = browser();

test.oneIn(4, 'a take’s photos are read from the camera’s card, stand in their places, and are marked by one key', async () => {
  const page = await view.open(await newShot(await newShootAtSaltreach('For photos'), 'Flood at the sluice', undefined, 'legs-alone'));
  await benchIsReady(page);
  await type(page, say('shots.sentence.photos_total'), '30');
  await go(page, 'run');
  await startRun(page);
  await page.getByText('Complete.').waitFor({ timeout: 60_000 });
  await assertAllTaken(page, 30);
  const shot = new URL(page.url()).pathname.replace(/\/takes.*/, '');

  await page.goto(new URL(`${shot}/review`, page.url()).href);
  await page.getByRole('link', { name: say('shots.all_takes.import'), exact: true }).click();
  await page.getByLabel('Folder on this machine').fill('/etc');
  await page.getByRole('button', { name: say('photos.index.read') }).click();
  await page.getByText('Enter a folder below an allowed one').waitFor();
  assert.equal(await page.getByLabel('Folder on this machine').inputValue(), '/etc');
  await page.getByLabel('Folder on this machine').fill(await page.locator('#card-folders option').first().getAttribute('value'));
  await page.locator('#card-take').selectOption({ index: 1 });
  await page.getByRole('button', { name: say('photos.index.read') }).click();
  await page.locator('.contact').first().waitFor({ timeout: 60_000 });
  assert.equal(await page.locator('.contact[data-number]').count(), 30);
  assert.match(await page.locator('.figures-row').textContent(), /30\s*of\s*30/);
  await assertAccessible(page, 'photos of a take');

  // The same from this computer: three of them are sent, and the other places are empty.
  const names = (await page.locator('.contact small').allTextContents()).slice(0, 3);
  const card = await page.getByLabel('Folder on this machine').inputValue();
  await page.getByLabel('or photos').setInputFiles([{ name: 'card.zip', mimeType: 'application/zip', buffer: Buffer.from('PK') }]);
  await page.getByRole('button', { name: say('photos.index.send') }).click();
  await page.getByText('card.zip is an archive').waitFor();
  await page.getByLabel('or photos').setInputFiles(names.map((name) => join(card, 'DCIM', '100EVRNT', name)));
  await page.getByRole('button', { name: say('photos.index.send') }).click();
  await page.getByText(/27 photos missing from the card/).waitFor({ timeout: 60_000 });
  await page.locator('#card-take').selectOption({ index: 1 });
  await page.getByRole('button', { name: say('photos.index.read') }).click();
  await page.locator('.contact:not(.is-missing) >> nth=29').waitFor({ timeout: 60_000 });

  await page.locator('.contact[data-number="3"]').focus();
  await page.keyboard.press('s');
  await page.locator('.contact[data-number="3"][data-mark=spoilt]').waitFor();
  await page.keyboard.press('ArrowRight');
  await page.keyboard.press('k');
  await page.locator('.contact[data-number="4"][data-mark=pick]').waitFor();
  await page.reload();
  assert.deepEqual(await page.locator('.contact[data-mark=spoilt], .contact[data-mark=pick]').evaluateAll((all) => all.map(({ dataset }) => [dataset.number, dataset.mark])), [['3', 'spoilt'], ['4', 'pick']]);
});

test.oneIn(10, 'of many photos only those in view are there; they are gone to, taken in by spans, and put to their places', async () => {
  const page = await view.open(await newShot(await newShootAtSaltreach('For many photos'), 'Ebb at the salt works', undefined, 'legs-alone'));
  await benchIsReady(page);
  await type(page, say('shots.sentence.photos_total'), '400');
  await type(page, 'Interval in seconds', '5');
  await page.goto(new URL(`${/.*\/shots\/\d+/.exec(new URL(page.url()).pathname)[0]}/photos`, page.url()).href);
  const card = await page.locator('#card-folders option').first().getAttribute('value');
  const folder = join(card, 'many');
  const some = join(import.meta.dirname, 'photo.jpg');
  await mkdir(folder, { recursive: true });
  try {
    // They say nothing of when they were taken: the times of the files do. The last is not there.
    for (let n = 1; n < 400; n += 1) {
      const file = join(folder, `EVR_${String(n).padStart(4, '0')}.JPG`);
      await copyFile(some, file);
      await utimes(file, 1_800_000_000 + 5 * n, 1_800_000_000 + 5 * n);
    }
    await page.getByLabel('Folder on this machine').fill(folder);
    await page.getByRole('button', { name: say('photos.index.read') }).click();
    await page.locator('.contact[data-number="1"]').waitFor({ timeout: 60_000 });
    await page.getByText(say('photos.matching.file_times')).waitFor();
    const there = async () => page.locator('.stairs-part').evaluateAll((all) => all.map(({ dataset }) => Number(dataset.from)).sort((a, b) => a - b));

    await page.getByLabel('Go to photo').fill('400');
    await page.locator('.contact[data-number="400"].is-missing').waitFor();
    await page.locator('.stairs-part[data-from="1"]').waitFor({ state: 'detached' });
    assert.ok((await there()).length <= 4, `${await there()}`);
    await page.locator('.contact[data-number="399"]').focus();
    await page.keyboard.press('Home');
    await page.locator('.contact[data-number="1"]:focus').waitFor();
    for (const key of ['ArrowRight', 'Shift+ArrowRight', 'Shift+ArrowRight']) await page.keyboard.press(key);
    await page.locator('.contact[data-number="4"]:focus').waitFor();
    assert.deepEqual([await page.locator('#mark-from').inputValue(), await page.locator('#mark-to').inputValue()], ['2', '4']);
    await page.locator('#mark-why').fill('a gull');
    await page.locator('.contact[data-number="4"]').focus();
    await page.keyboard.press('s');
    await page.locator('.contact[data-number="4"][data-mark=spoilt]', { hasText: 'a gull' }).waitFor();
    await page.reload();
    assert.equal(await page.locator('.contact[data-mark=spoilt]').count(), 3);
    await page.locator('dd', { hasText: '5 to 399' }).waitFor();
    await assertAccessible(page, 'photos on the stairs');

    // It was the first that was not there: the one that stands at 1 is dragged to 2, and all others follow.
    await page.locator('.contact[data-number="1"]').dragTo(page.locator('.contact[data-number="2"]'));
    await page.getByText('EVR_0001.JPG was matched to photo 2 manually.').waitFor();
    await page.locator('.contact[data-number="1"].is-missing').waitFor();
    await page.getByRole('button', { name: say('photos.index.undo') }).click();
    await page.locator('.contact[data-number="1"]:not(.is-missing)').waitFor();

    // Off the line nothing is shown as if it were kept.
    await page.context().setOffline(true);
    await page.locator('.contact[data-number="9"]').focus();
    await page.keyboard.press('k');
    await page.locator('.contact[data-number="9"] .mark', { hasText: say('scripts.photos.not_saved') }).waitFor();
    await page.context().setOffline(false);
  } finally {
    await rm(folder, { recursive: true, force: true });
  }
});
