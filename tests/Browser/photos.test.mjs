import assert from 'node:assert/strict';
import { join } from 'node:path';
import { test } from 'node:test';
import { newShootAtSaltreach } from '../requests.mjs';
import { assertAccessible, benchIsReady, browser, go, type } from './support.mjs';

const view = browser();

test('a take’s photos are read from the camera’s card, stand in their places, and are marked by one key', async () => {
  const page = await view.open(`/shoots/${await newShootAtSaltreach('For photos')}`);
  await page.getByLabel('Title', { exact: true }).last().fill('Flood at the sluice');
  await page.getByLabel('Rig', { exact: true }).selectOption({ label: 'none: camera on legs alone' });
  await page.getByRole('button', { name: 'Create shot' }).click();
  await benchIsReady(page);
  await type(page, 'Photos in all', '30');
  await go(page, 'run');
  await page.getByRole('button', { name: 'Start shooting' }).click();
  await page.waitForURL(/takes\/\d+/);
  await page.getByText('30 of 30 photos').first().waitFor({ timeout: 60_000 });
  const shot = new URL(page.url()).pathname.replace(/\/takes.*/, '');

  await page.goto(new URL(`${shot}/review`, page.url()).href);
  await page.getByRole('link', { name: 'Photos from the card' }).click();
  await page.getByLabel('Folder on this machine').fill('/etc');
  await page.getByRole('button', { name: 'Read the photos' }).click();
  await page.getByText('This is no folder below one that may be read').waitFor();
  assert.equal(await page.getByLabel('Folder on this machine').inputValue(), '/etc');
  await page.getByLabel('Folder on this machine').fill(await page.locator('#card-folders option').first().getAttribute('value'));
  await page.locator('#card-take').selectOption({ index: 1 });
  await page.getByRole('button', { name: 'Read the photos' }).click();
  await page.locator('.contact').first().waitFor();
  assert.equal(await page.locator('.contact[data-number]').count(), 30);
  assert.match(await page.locator('.figures-row').textContent(), /30\s*of\s*30/);
  await assertAccessible(page, 'photos of a take');

  // The same from this computer: three of them are sent, and the other places are empty.
  const names = (await page.locator('.contact small').allTextContents()).slice(0, 3);
  const card = await page.getByLabel('Folder on this machine').inputValue();
  await page.getByLabel('or photos').setInputFiles([{ name: 'card.zip', mimeType: 'application/zip', buffer: Buffer.from('PK') }]);
  await page.getByRole('button', { name: 'Send' }).click();
  await page.getByText('card.zip is an archive').waitFor();
  await page.getByLabel('or photos').setInputFiles(names.map((name) => join(card, 'DCIM', '100EVRNT', name)));
  await page.getByRole('button', { name: 'Send' }).click();
  await page.getByText(/27 photos are not on the card/).waitFor();
  await page.locator('#card-take').selectOption({ index: 1 });
  await page.getByRole('button', { name: 'Read the photos' }).click();
  await page.locator('.contact:not(.is-missing) >> nth=29').waitFor();

  await page.locator('.contact[data-number="3"]').focus();
  await page.keyboard.press('s');
  await page.locator('.contact[data-number="3"][data-mark=spoilt]').waitFor();
  await page.keyboard.press('ArrowRight');
  await page.keyboard.press('k');
  await page.locator('.contact[data-number="4"][data-mark=pick]').waitFor();
  await page.reload();
  assert.deepEqual(await page.locator('.contact[data-mark=spoilt], .contact[data-mark=pick]').evaluateAll((all) => all.map(({ dataset }) => [dataset.number, dataset.mark])), [['3', 'spoilt'], ['4', 'pick']]);
});
