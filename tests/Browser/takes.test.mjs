// A shot is shot: from what is looked at before to the log afterwards, on the simulated rig and camera that run beside the tests' server.
import assert from 'node:assert/strict';
import { spawn } from 'node:child_process';
import { once } from 'node:events';
import { mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { newShootAtSaltreach } from '../requests.mjs';
import { begin, press, startField, typed } from './planning.mjs';
import { answered, assertAccessible, assertAllTaken, browser, go, makeShot, reach, startRun, test, url } from './support.mjs';
import { say } from './words.mjs';

const view = browser();

async function started(page, photos) {
  await (await reach(page, page.locator('#f-held-photos'))).fill(String(photos));
  await answered(page, () => page.keyboard.press('Tab'));
  await go(page, 'run');
  await startRun(page);
}

const status = (page, what) => page.locator(`#now[data-status=${what}]`).waitFor({ timeout: 60_000 });
const count = async (page) => Number(await page.locator('.room-count b').textContent());

test.oneIn(4, 'by pointer: a shot is looked over, shot with a mark and a pause, and its log is read', async () => {
  const page = await makeShot(view, 'Shot by pointer');
  await go(page, 'run');
  const boxes = page.locator('#preflight input');
  await boxes.first().check();
  await page.getByText(/1 of \d+ done/).waitFor();
  await started(page, 60);
  await status(page, 'running');
  await page.waitForFunction(() => Number(document.querySelector('.room-count b').textContent) > 5);
  await page.getByRole('button', { name: say('takes.room.flag') }).click();
  await page.getByRole('button', { name: 'Pause' }).click();
  await status(page, 'paused');
  const stood = await count(page);
  await page.getByRole('button', { name: say('takes.room.resume') }).click();
  await status(page, 'running');
  await page.waitForFunction((before) => Number(document.querySelector('.room-count b').textContent) > before, stood);
  await page.getByText('Complete.').waitFor({ timeout: 60_000 });
  await assertAllTaken(page, 60, 1);
  await page.getByText(say('takes.event.command', { what: 'pause' })).waitFor();
});

test.oneIn(10, 'by keyboard, at night: it is paused, gone on with and ended early, and every pixel is red', async () => {
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
  await page.getByText('Ended early.').waitFor({ timeout: 60_000 });
});

test.oneIn(10, 'on a phone: the page is lost for a while, a second device looks on, and it is aborted', async () => {
  const page = await makeShot(view, 'Shot by thumb', { width: 390, height: 844, touch: true });
  await started(page, 900);
  await status(page, 'running');
  const stop = await page.locator('[data-stop]').boundingBox();
  for (const button of await page.locator('.room-acts button:visible').all()) {
    const box = await button.boundingBox();
    assert.ok(box.height >= 44);
    assert.ok(box.y + box.height <= stop.y, 'Stop covers no other button');
  }
  assert.ok(await page.evaluate(() => document.documentElement.scrollWidth <= innerWidth));
  const second = await view.open(new URL(page.url()).pathname);
  await status(second, 'running');
  // Without a link the page says that it is old, counts no further, and does not pretend that an order was heard.
  await page.context().setOffline(true);
  await page.locator('.room.is-cut [data-link]').getByText(/No link to Evrent. Last heard \d+ s ago/).waitFor();
  const shown = await count(page);
  await page.getByRole('button', { name: 'Pause' }).click();
  await page.locator('[data-link]').getByText('Not sent: Pause.').waitFor();
  assert.equal(await count(page), shown);
  await page.context().setOffline(false);
  await page.locator('.room:not(.is-cut)').waitFor();
  await page.locator('[data-link]').getByText('Not sent: Pause.').waitFor();
  await page.getByRole('button', { name: say('takes.room.resume') }).click();
  await page.locator('[data-link]').waitFor({ state: 'hidden' });
  const before = await count(second);
  await page.goto('about:blank');
  await second.waitForFunction((seen) => Number(document.querySelector('.room-count b').textContent) > seen + 2, before);
  second.on('dialog', (dialog) => dialog.accept());
  await second.getByRole('button', { name: 'Abort' }).click();
  await second.getByText('Aborted.').waitFor({ timeout: 60_000 });
});

test.oneIn(10, 'an axis that stalls is seen before the start, heard while it runs, and told afterwards', async () => {
  const folder = mkdtempSync(join(tmpdir(), 'evrent-stall-'));
  writeFileSync(join(folder, 'faults.json'), JSON.stringify({ format: 'evrent.faults/1', faults: [{ kind: 'stalled_axis', frame: 100, axis: 'slide', frames: 3 }] }));
  const trigger = `127.0.0.1:${Number(new URL(url).port) + 3}`;
  const rig = spawn('php', ['bin/evrent', 'rig', '--port=0', `--trigger=${trigger}`, '--speed=200', `--faults=${join(folder, 'faults.json')}`]);
  try {
    const [address] = /[\d.]+:\d+/.exec(String((await once(rig.stdout, 'data'))[0]));
    const kit = await view.open('/kit');
    const pieces = await (await kit.request.get(`${url}/kit.json`)).json();
    const stalls = { ...pieces.items.find((piece) => piece.kind === 'rig' && piece.address), name: `Stalling rig ${Date.now()}`, address };
    await kit.locator('.kit-import input[type=file]').setInputFiles({ name: 'kit.json', mimeType: 'application/json', buffer: Buffer.from(JSON.stringify({ ...pieces, items: [stalls] })) });
    await kit.locator('.kit-import button').click();
    await kit.getByText('1 item added to the kit.').waitFor();

    const page = await makeShot(view, 'Shot with a stall');
    await (await reach(page, page.locator('#f-held-photos'))).fill('150');
    await answered(page, () => page.keyboard.press('Tab'));
    await go(page, 'run');
    await page.locator('#take-rig').selectOption({ label: `${stalls.name}, at ${address}` });
    await page.locator('#take-delay').fill('2 s');
    await page.getByRole('button', { name: 'Test photo at each keyframe' }).click();
    await page.locator('#device-check').getByText(say('shots.device_check.asked')).waitFor({ timeout: 60_000 });
    assert.equal(await page.locator('.test-photos img').count(), 2);
    assert.ok(await page.locator('#preflight input[value=cable]').isChecked());
    assert.equal(await page.locator('#take-delay').inputValue(), '2 s');
    await startRun(page);
    await page.locator('.room-alarm').getByText('Slide out of position').waitFor({ timeout: 60_000 });
    await page.locator('.room-picture img').waitFor();
    await page.getByText('Complete.').waitFor({ timeout: 60_000 });
    await page.locator('#found-R5').getByText('Out of position: slide from photo').waitFor();
    await page.getByText(say('takes.findings.again')).waitFor();
  } finally {
    rig.kill();
    rmSync(folder, { recursive: true });
  }
});

test.oneIn(10, 'a camera on the trigger cable is turned by somebody: the room asks, Done is pressed, and the next turn is shown', async () => {
  const page = await view.open(`/shoots/${await newShootAtSaltreach('For turns')}`);
  await begin(page, 'Turned by hand', 'slide only');
  await typed(page, { [say('shots.sentence.head_label')]: '0', [say('shots.sentence.tail_label')]: '0', [say('shots.sentence.move_label')]: '60', 'Interval in seconds': '8', 'Exposure in seconds': '0.5', [startField]: '15 min after sunset' });
  await press(page, page.locator('#light-in'));
  await typed(page, { 'Aperture, f/': '5.6', [say('shots.light.longest')]: '5' });
  await page.getByText(say('shots.view_light.methods')).click();
  await press(page, page.locator('#by-stepless'));
  await go(page, 'run');
  await page.locator('#take-speed').selectOption('10');
  await page.locator('#take-camera').selectOption('none');
  await startRun(page, 'I stand by');
  await page.getByText('exposure ramp: used as is, because: I stand by').waitFor();
  await page.getByLabel(say('takes.room.sound')).check();
  const turn = page.locator('[data-turn]');
  await turn.getByText(/after\s+photo \d+/i).waitFor();
  const first = await turn.getAttribute('data-turn');
  await page.locator('[data-turn][data-due=yes]').waitFor({ timeout: 60_000 });
  await page.locator('[data-turn]').getByText(/1 click (longer|shorter)/).waitFor();
  await page.keyboard.press('d');
  await page.locator(`[data-turn]:not([data-turn="${first}"])`).waitFor();
  await page.reload();
  assert.ok(await page.getByLabel(say('takes.room.sound')).isChecked());
  page.on('dialog', (dialog) => dialog.accept());
  await page.getByRole('button', { name: 'Abort' }).click();
  await page.getByText('Aborted.').waitFor({ timeout: 60_000 });
  const [after, setting] = first.split(' ');
  await page.getByText(`turned manually: ${say(`run.setting.${setting}`)} after photo ${after}`).waitFor();
});
