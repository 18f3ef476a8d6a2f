// A shot is shot: from what is looked at before to the log afterwards, on the simulated rig and camera that run beside the tests' server.
import assert from 'node:assert/strict';
import { test } from 'node:test';
import { answered, assertAccessible, browser, go, makeShot, reach } from './support.mjs';

const view = browser();

async function started(page, photos) {
  await (await reach(page, page.locator('#f-held-photos'))).fill(String(photos));
  await answered(page, () => page.keyboard.press('Tab'));
  await go(page, 'run');
  await page.getByRole('button', { name: 'Start shooting' }).click();
  await page.locator('#now').waitFor();
}

const status = (page, what) => page.locator(`#now[data-status=${what}]`).waitFor({ timeout: 60_000 });
const count = async (page) => Number(await page.locator('.room-count b').textContent());

test('by pointer: a shot is looked over, shot with a mark and a pause, and its log is read', async () => {
  const page = await makeShot(view, 'Shot by pointer');
  await go(page, 'run');
  const boxes = page.locator('#preflight input');
  await boxes.first().check();
  await page.getByText(/1 of \d+ ticked/).waitFor();
  await started(page, 60);
  await status(page, 'running');
  await page.waitForFunction(() => Number(document.querySelector('.room-count b').textContent) > 5);
  await page.getByRole('button', { name: 'Mark spoilt' }).click();
  await page.getByRole('button', { name: 'Pause' }).click();
  await status(page, 'paused');
  const stood = await count(page);
  await page.getByRole('button', { name: 'Go on' }).click();
  await status(page, 'running');
  await page.waitForFunction((before) => Number(document.querySelector('.room-count b').textContent) > before, stood);
  await page.getByText('Shot to its end.').waitFor({ timeout: 60_000 });
  await page.getByText(/59 of 60 photos, 1 spoilt/).waitFor();
  await page.getByText('ordered: pause').waitFor();
});

test('by keyboard, at night: it is paused, gone on with and ended early, and every pixel is red', async () => {
  const page = await makeShot(view, 'Shot by key', { look: 'night' });
  await started(page, 900);
  await status(page, 'running');
  await assertAccessible(page, 'run room at night');
  await page.keyboard.press('p');
  await status(page, 'paused');
  await page.keyboard.press('g');
  await status(page, 'running');
  page.on('dialog', (dialog) => dialog.accept());
  await page.keyboard.press('f');
  await page.getByText('Finished early.').waitFor({ timeout: 60_000 });
});

test('on a phone: the page is lost for a while, a second device looks on, and it is aborted', async () => {
  const page = await makeShot(view, 'Shot by thumb', { width: 390, height: 844, touch: true });
  await started(page, 900);
  await status(page, 'running');
  for (const button of await page.locator('.room-acts button:visible').all()) assert.ok((await button.boundingBox()).height >= 44);
  assert.ok(await page.evaluate(() => document.documentElement.scrollWidth <= innerWidth));
  const second = await view.open(new URL(page.url()).pathname);
  await status(second, 'running');
  const before = await count(second);
  await page.goto('about:blank');
  await second.waitForFunction((seen) => Number(document.querySelector('.room-count b').textContent) > seen + 2, before);
  second.on('dialog', (dialog) => dialog.accept());
  await second.getByRole('button', { name: 'Abort' }).click();
  await second.getByText('Aborted.').waitFor({ timeout: 60_000 });
});
