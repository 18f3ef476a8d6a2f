import assert from 'node:assert/strict';
import { copyFile, mkdir, mkdtemp, rm, utimes, writeFile } from 'node:fs/promises';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { get, newShootAtSaltreach, newShot, post } from '../requests.mjs';
import { assertAccessible, benchIsReady, browser, newContext, test, type } from './support.mjs';
import { say } from './words.mjs';

const view = browser();

/** A shot of a camera on legs alone, and as many photos of it in a folder on the card. */
async function shotWithPhotos(name, photos) {
  const page = await view.open(await newShot(await newShootAtSaltreach(name), 'Ebb at the sluice', undefined, 'legs-alone'));
  await benchIsReady(page);
  await type(page, say('shots.sentence.photos_total'), String(photos));
  await type(page, 'Interval in seconds', '5');
  const shot = /.*\/shots\/\d+/.exec(page.url())[0];
  await page.goto(`${shot}/photos`);
  const folder = join(await page.locator('#card-folders option').first().getAttribute('value'), name.replaceAll(' ', '-'));
  await mkdir(folder, { recursive: true });
  for (let n = 1; n <= photos; n += 1) {
    const file = join(folder, `EVR_${String(n).padStart(4, '0')}.JPG`);
    await copyFile(join(import.meta.dirname, 'photo.jpg'), file);
    await utimes(file, 1_800_000_000 + 5 * n, 1_800_000_000 + 5 * n);
  }
  await page.getByLabel('Folder on this machine').fill(folder);
  await page.getByRole('button', { name: say('photos.index.read') }).click();
  await page.locator('.contact').first().waitFor({ timeout: 60_000 });
  return { page, shot, folder };
}

/** Drags from the middle of an element by so many pixels. */
async function drag(page, locator, right, down = 0, from = null) {
  // What was asked for before has come, so that nothing is drawn anew under the hand.
  await page.locator('#saving[data-state=saved]').waitFor();
  // As a hand does: not before it stands still.
  await locator.hover(from ? { position: { x: from[0], y: from[1] } } : {});
  const box = await locator.boundingBox();
  const [x, y] = from ? [box.x + from[0], box.y + from[1]] : [box.x + box.width / 2, box.y + box.height / 2];
  await page.mouse.move(x, y);
  await page.mouse.down();
  await page.mouse.move(x + right / 2, y + down / 2);
  await page.mouse.move(x + right, y + down);
  await page.mouse.up();
}

const fieldIs = (page, id, value) => page.waitForFunction(([name, is]) => document.getElementById(name)?.value === is, [id, value]);
const framesAre = (page, count) => page.locator('.figures-row div', { hasText: 'Frames' }).locator('b', { hasText: new RegExp(`^${count}$`) }).waitFor();

test.oneIn(4, 'a clip is cut by dragging, looked at at once, made, cancelled and deleted, and nothing typed is lost', async () => {
  const { page, shot, folder } = await shotWithPhotos('For a clip', 60);
  try {
    await page.goto(`${shot}/clip`);
    await framesAre(page, 60);
    await assertAccessible(page, 'clip');

    // A sixth of the strip from the left, and as much from the right.
    const strip = await page.locator('.strip-photos').boundingBox();
    await drag(page, page.locator('[data-drag=in]'), strip.width / 6);
    await fieldIs(page, 'clip-in', '11');
    await framesAre(page, 50);
    await drag(page, page.locator('[data-drag=out]'), -strip.width / 6);
    await fieldIs(page, 'clip-out', '50');
    await framesAre(page, 40);

    // What is refused stays in its field, with what to enter; the list stays as it was.
    await page.locator('#clip-out').fill('99');
    await page.keyboard.press('Tab');
    await page.locator('#p-clip-out', { hasText: 'from 1 to 60' }).waitFor();
    assert.equal(await page.locator('#clip-out').inputValue(), '99');
    await page.locator('#clip-out').fill('50');
    await page.keyboard.press('Tab');
    await page.waitForFunction(() => document.getElementById('p-clip-out').textContent === '');

    await page.locator('#new-span summary').click();
    for (const [id, text] of [['from', '21'], ['to', '40'], ['factor', '2']]) await page.locator(`#new-${id}`).fill(text);
    await page.getByRole('button', { name: 'Add', exact: true }).click();
    await framesAre(page, 30);
    await drag(page, page.locator('.strip-span'), -strip.width / 12);
    await fieldIs(page, 'span-from-0', '16');
    await fieldIs(page, 'span-to-0', '35');

    // A second crop, made narrower by its corner and moved.
    await page.locator('#clip-moves').selectOption('yes');
    const second = page.locator('[data-crop=end]');
    await second.waitFor();
    const photo = await second.boundingBox();
    await drag(page, second.locator('[data-corner]'), -photo.width / 4, 0, [20, 20]);
    await page.waitForFunction(() => Number(document.getElementById('clip-end_width').value) < 60);
    await drag(page, second.locator('.crop-box'), photo.width / 8, 0, [10, 10]);
    await page.waitForFunction(() => Number(document.getElementById('clip-end_x').value) > 55);

    // Off the line it waits, and is sent when the line is back.
    await page.context().setOffline(true);
    await page.locator('#clip-size').selectOption('720p');
    await page.locator('#saving[data-state=waiting], #saving:not([data-state=saved])').waitFor();
    await page.context().setOffline(false);
    await page.locator('.clip-history, #clip-list').first().waitFor();
    await page.locator('#saving[data-state=saved]').waitFor({ timeout: 40_000 });
    await page.reload();
    assert.equal(await page.locator('#clip-size').inputValue(), '720p');

    await page.getByRole('button', { name: 'Undo' }).click();
    await fieldIs(page, 'clip-size', '1080p');
    await page.getByRole('button', { name: 'Redo' }).click();
    await fieldIs(page, 'clip-size', '720p');

    await page.getByRole('button', { name: say('clip.look.play') }).click();
    await page.waitForFunction(() => document.querySelector('video').readyState >= 2, null, { timeout: 30_000 });

    await page.getByRole('button', { name: say('clip.show.render') }).click();
    const made = page.locator('.film[data-status=done]');
    await made.waitFor({ timeout: 120_000 });
    const [download] = await Promise.all([page.waitForEvent('download'), made.getByRole('link', { name: /ebb-at-the-sluice/ }).click()]);
    assert.match(download.suggestedFilename(), /^ebb-at-the-sluice-\d+\.mp4$/);
    assert.match(await made.textContent(), /1280 × 720, 30 frames/);

    await page.locator('#clip-size').selectOption('2160p');
    await page.locator('.figures-row', { hasText: 'Enlarged' }).waitFor();
    await page.getByRole('button', { name: say('clip.show.render') }).click();
    await page.locator('.film').getByRole('button', { name: 'Cancel' }).click();
    await page.locator('.film[data-status=stopped]', { hasText: 'Nothing was kept' }).waitFor();
    await page.locator('.film[data-status=stopped]').getByRole('button', { name: 'Delete' }).click();
    await page.waitForFunction(() => document.querySelectorAll('.film').length === 1);
  } finally {
    await rm(folder, { recursive: true, force: true });
  }
});

test.oneIn(10, 'a card on a phone with no network counts down, shows what is to be turned, and moves with a late start', async () => {
  const shoot = await newShootAtSaltreach('For cards');
  const shot = await newShot(shoot, 'Dusk at the sluice');
  assert.equal((await post(`${shot}/stay`, { _method: 'put', start: '17:50', setup_minutes: '30', teardown_minutes: '15' })).status, 302);
  const page = await view.open(`/shoots/${shoot}/cards`);
  await page.getByRole('heading', { name: 'Dusk at the sluice' }).waitFor();
  await assertAccessible(page, 'cards');
  // A page of paper each, and nothing else on it.
  await page.setViewportSize({ width: 514, height: 748 });
  await page.emulateMedia({ media: 'print' });
  assert.ok(await page.locator('.card').evaluate((card) => card.getBoundingClientRect().height) <= 748);
  assert.equal(await page.getByRole('button', { name: 'Print' }).isVisible(), false);

  let html = await (await get(`/shoots/${shoot}/cards.html`)).text();
  const first = Number(/<li data-at="([\d.]+)"[^>]*><time>[^<]*<\/time> <span>First photo/.exec(html)[1]);
  // One cue, so that it is seen to come: a minute after the first photo.
  html = html.replace(/(First photo<\/span><\/li>)/, `$1<li data-at="${first + 60}" class="is-cue"><time></time> <span>One click longer, to 1 s</span></li>`);
  const folder = await mkdtemp(join(tmpdir(), 'evrent-card-'));
  try {
    await writeFile(join(folder, 'cards.html'), html);
    const context = await newContext({ viewport: { width: 390, height: 844 }, offline: true });
    const card = await context.newPage();
    card.on('pageerror', (error) => assert.fail(`script error on the card: ${error.message}`));
    card.on('request', (request) => assert.match(request.url(), /^(file|data):/));
    await card.clock.install({ time: new Date((first - 150) * 1000) });
    await card.goto(`file://${folder}/cards.html`);
    // A clock that went on by itself would be a second further on a machine that is busy.
    await card.clock.pauseAt(new Date((first - 90) * 1000));
    assert.deepEqual([await card.locator('[data-next]').textContent(), await card.locator('[data-left]').textContent()], ['First photo', '1:30']);
    assert.ok(await card.evaluate(() => document.documentElement.scrollWidth <= window.innerWidth));
    await card.clock.runFor(91_000);
    assert.equal(await card.locator('.moments .is-next span').textContent(), 'One click longer, to 1 s');
    assert.equal(await card.locator('[data-cue]').isVisible(), false);
    await card.clock.runFor(40_000);
    assert.equal(await card.locator('[data-cue]').textContent(), 'In 0:19: One click longer, to 1 s');
    await card.clock.runFor(20_000);
    assert.equal(await card.locator('[data-cue]').textContent(), 'One click longer, to 1 s');
    await card.clock.runFor(40_000);
    assert.equal(await card.locator('[data-cue]').isVisible(), false);
    // It began only now: everything comes later by as much, and does so after the phone was off.
    await card.getByRole('button', { name: 'First photo now' }).click();
    assert.match(await card.locator('[data-shifted]').textContent(), /2 min later than planned/);
    assert.equal(await card.locator('[data-left]').textContent(), '1:00');
    await card.reload();
    assert.match(await card.locator('[data-shifted]').textContent(), /later than planned/);
    await card.getByRole('button', { name: 'As planned' }).click();
    assert.equal(await card.locator('[data-shifted]').textContent(), '');
    await card.getByRole('button', { name: 'Day' }).click();
    assert.equal(await card.evaluate(() => getComputedStyle(document.body).backgroundColor), 'rgb(255, 255, 255)');
  } finally {
    await rm(folder, { recursive: true, force: true });
  }
});
