// The real rig and camera in hand, each test with simulated ones of its own: held, stopped, looked on at, let go of and looked through.
import assert from 'node:assert/strict';
import { spawn } from 'node:child_process';
import { once } from 'node:events';
import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { after } from 'node:test';
import { go, assertAccessible, browser, makeShot, startRun, test, type, url } from './support.mjs';
import { say } from './words.mjs';

const view = browser();
const folder = mkdtempSync(join(tmpdir(), 'evrent-hand-'));
const running = [];
after(() => {
  running.forEach((device) => device.kill());
  rmSync(folder, { recursive: true });
});

/** A simulated device of this test's own: where it is reached. */
async function device(...args) {
  const started = spawn('php', ['bin/evrent', ...args, '--port=0', '--speed=1000']);
  running.push(started);
  return String((await once(started.stdout, 'data'))[0]).match(/[\d.]+:\d+/g);
}

/** A rig and a camera in the kit, named after the test; the shot's page in Frame with both chosen. */
async function inFrame(title, options = {}) {
  const [camera, trigger] = await device('camera', '--trigger-port=0', `--card=${join(folder, title.replaceAll(' ', '-'))}`);
  const [rig] = await device('rig', `--trigger=${trigger}`);
  const kit = await view.open('/kit');
  const pieces = await (await kit.request.get(`${url}/kit.json`)).json();
  const like = (kind, address) => ({ ...pieces.items.find((piece) => piece.kind === kind && piece.address), name: `${kind} ${title}`, address });
  const items = [like('rig', rig), like('body', `ptp:${camera}`)];
  await kit.locator('.kit-import input[type=file]').setInputFiles({ name: 'kit.json', mimeType: 'application/json', buffer: Buffer.from(JSON.stringify({ ...pieces, items })) });
  await kit.locator('.kit-import button').click();
  await kit.getByText('2 items added to the kit.').waitFor();
  const page = await makeShot(view, title, options);
  await go(page, 'frame');
  await choose(page, title);
  return page;
}

async function choose(page, title) {
  await page.locator('#rig-choice option', { hasText: `rig ${title}` }).evaluate((option) => { option.selected = true; });
  await page.locator('#live-camera option', { hasText: `body ${title}` }).evaluate((option) => { option.selected = true; });
}

const connect = async (page) => {
  await page.locator('[data-rig=connect]').click();
  await page.locator('.rig[data-state=on]').waitFor();
};
const home = async (page) => {
  await page.locator('[data-rig=home]').click();
  await page.locator('.rig[data-homed=yes][data-moves=no]').waitFor({ timeout: 60_000 });
};
const stands = (page) => page.locator('.rig[data-moves=no]').waitFor({ timeout: 30_000 });
const at = async (page, axis = 'slide') => Number(await page.locator(`[data-rig-axis=${axis}] [data-drive]`).inputValue());
const beyond = (page, axis, value) => page.waitForFunction(([id, least]) => Number(document.querySelector(`[data-rig-axis=${id}] [data-drive]`).value) > least, [axis, value], { timeout: 20_000 });

async function holdDown(page, selector) {
  const box = await page.locator(selector).boundingBox();
  await page.mouse.move(box.x + box.width / 2, box.y + box.height / 2);
  await page.mouse.down();
}

test.oneIn(5, 'a rig is jogged, its place is taken as A, another window looks on and stops it', async () => {
  const page = await inFrame('Jogged');
  await connect(page);
  await page.getByText('Keep hands clear before the rig moves.').first().waitFor();
  await page.locator('#rig-state').getByText('Home it first').waitFor();
  await home(page);
  await holdDown(page, '[data-rig-axis=slide] [data-hold="1"]');
  await beyond(page, 'slide', 12);
  // Another window may look on, and is told why it may not drive.
  const second = await view.open(new URL(page.url()).pathname);
  await choose(second, 'Jogged');
  await connect(second);
  await second.locator('#rig-state').getByText(say('scripts.rig.elsewhere')).waitFor();
  await second.locator('[data-rig=home]').click();
  await second.locator('#rig-problem').getByText('Another window has this rig').waitFor();
  await page.mouse.up();
  await stands(page);
  const stood = await at(page);
  await page.locator('[data-set-here="0"]').click();
  await page.waitForFunction((value) => Math.abs(Number(document.getElementById('f-move-keyframes-0-slide').value) - value) < 0.001, stood);

  await page.locator('#rig-seconds').fill('20 s');
  await page.locator('[data-rig=loop]').click();
  await beyond(page, 'slide', stood + 3);
  await second.locator('[data-stop-state]').getByText('Keep hands clear').waitFor();
  await second.locator('[data-stop] button').click();
  await stands(page);
  await page.locator('#rig-problem').getByText('', { exact: true }).waitFor({ state: 'attached' });
  await second.goto('about:blank');

  // By keys, by one motor step, and to a place that is typed.
  await page.locator('[data-rig-axis=pan] [data-hold="1"]').focus();
  await page.keyboard.down('Enter');
  await beyond(page, 'pan', await at(page, 'pan') + 0.5);
  await page.keyboard.up('Enter');
  await stands(page);
  await page.locator('[name=rig-speed][value=step]').check();
  const before = await at(page);
  await page.locator('[data-rig-axis=slide] [data-hold="1"]').click();
  await beyond(page, 'slide', before);
  await stands(page);
  assert.ok(await at(page) - before < 0.1);
  await page.locator('[data-rig-axis=slide] [data-drive]').fill('5000');
  await page.keyboard.press('Tab');
  await page.locator('#rig-problem').getByText('Nothing moved').waitFor();
});

test.oneIn(5, 'a camera is looked through: live, magnified, with its histogram, and by a test photo', async () => {
  const page = await inFrame('Looked through');
  await page.locator('[data-live=connect]').click();
  await page.locator('#live-state').getByText(/Live, \d+ frames? per second/).waitFor();
  await page.locator('[data-live=histogram]').click();
  await page.locator('.live-histogram figcaption').getByText(/clipped/i).waitFor();
  await page.locator('[data-live=magnify]').click();
  await page.locator('[data-live=fire]').click();
  await page.locator('#live-photos img').waitFor({ timeout: 20_000 });
  await assertAccessible(page, 'live view');
  await page.locator('[data-live=let-go]').click();
  await page.locator('.live[data-state=off]').waitFor();
});

test.oneIn(5, 'on a phone at night a thumb holds it; whatever is lost meanwhile, the rig brakes', async () => {
  const page = await inFrame('By thumb', { width: 390, height: 844, touch: true, look: 'night' });
  await connect(page);
  await home(page);
  assert.ok(await page.evaluate(() => document.documentElement.scrollWidth <= innerWidth));
  for (const button of await page.locator('.rig-axis button:visible').all()) assert.ok((await button.boundingBox()).height >= 44);
  const touch = await page.context().newCDPSession(page);
  const finger = async (selector) => {
    const box = await page.locator(selector).boundingBox();
    return [{ x: box.x + box.width / 2, y: box.y + box.height / 2 }];
  };
  await page.locator('[data-rig-axis=slide]').scrollIntoViewIfNeeded();
  await touch.send('Input.dispatchTouchEvent', { type: 'touchStart', touchPoints: await finger('[data-rig-axis=slide] [data-hold="1"]') });
  await beyond(page, 'slide', 8);
  await touch.send('Input.dispatchTouchEvent', { type: 'touchEnd', touchPoints: [] });
  await stands(page);

  // A reply that is late holds up no letting go.
  let isSlow = true;
  await page.route('**/rig', async (route) => {
    const response = await route.fetch();
    if (isSlow) await new Promise((done) => { setTimeout(done, 900); });
    await route.fulfill({ response }).catch(() => {});
  });
  const before = await at(page);
  await touch.send('Input.dispatchTouchEvent', { type: 'touchStart', touchPoints: await finger('[data-rig-axis=slide] [data-hold="1"]') });
  await page.locator('[data-hold][data-down]').waitFor();
  await touch.send('Input.dispatchTouchEvent', { type: 'touchEnd', touchPoints: [] });
  const second = await view.open(new URL(page.url()).pathname);
  await choose(second, 'By thumb');
  await connect(second);
  await stands(second);
  assert.ok(await at(second) - before < 10, 'it stopped soon after');
  isSlow = false;
  await page.unroute('**/rig', { behavior: 'ignoreErrors' });

  // The page goes while the thumb is down: nobody says anything any more.
  await stands(page);
  await touch.send('Input.dispatchTouchEvent', { type: 'touchStart', touchPoints: await finger('[data-rig-axis=slide] [data-hold="1"]') });
  await beyond(second, 'slide', await at(second) + 3);
  await page.goto('about:blank');
  await stands(second);
  const stood = await at(second);
  await second.locator('[data-rig=keyframe][data-keyframe="1"]').click();
  await second.locator('.rig[data-moves=yes]').waitFor();
  await second.locator('[data-stop] button').click();
  await stands(second);
  assert.ok(await at(second) !== stood);
});

test.oneIn(5, 'by gamepad and by the cursor; what loses the focus lets go, and a take gets the rig that was in hand', async () => {
  const page = await inFrame('By pad');
  // A gamepad as browsers tell of one: two sticks, and buttons.
  await page.evaluate(() => {
    window.pad = { connected: true, axes: [0, 0, 0, 0], buttons: Array.from({ length: 16 }, () => ({ pressed: false })) };
    navigator.getGamepads = () => [window.pad];
  });
  const tilt = (axes, pressed = false) => page.evaluate(([stick, isPressed]) => {
    window.pad.axes = stick;
    window.pad.buttons[1].pressed = isPressed;
  }, [axes, pressed]);
  await connect(page);
  await home(page);
  await tilt([0.9, -0.9, 0, 0]);
  await beyond(page, 'pan', 1);
  await beyond(page, 'tilt', 0.3);
  await tilt([0, 0, 0, 0]);
  await stands(page);
  await tilt([0, 0, 1, 0]);
  await beyond(page, 'slide', 4);
  // Whoever stands before the camera swaps what is left and what is right.
  await page.getByRole('button', { name: say('scripts.bench.swap', { axis: 'slide' }) }).click();
  const far = await at(page);
  await tilt([0, 0, 0, 0]);
  await stands(page);
  await tilt([0, 0, 1, 0]);
  await page.waitForFunction((most) => Number(document.querySelector('[data-rig-axis=slide] [data-drive]').value) < most, far - 1);
  await page.getByRole('button', { name: say('scripts.bench.swap', { axis: 'slide' }) }).click();
  await tilt([0, 0, 0, 0], true);
  await stands(page);
  await tilt([0, 0, 0, 0]);

  await page.locator('[name=rig-speed][value=fine]').check();
  await holdDown(page, '[data-rig-axis=slide] [data-hold="1"]');
  await page.locator('.rig[data-moves=yes]').waitFor();
  await page.evaluate(() => window.dispatchEvent(new Event('blur')));
  await stands(page);
  await page.mouse.up();

  // The cursor is dragged through the run, and the rig goes along.
  await page.locator('[data-rig=photo]').click();
  await page.locator('.rig[data-moves=yes]').waitFor();
  await stands(page);
  await page.locator('[data-rig-follow]').check();
  const before = await at(page);
  const photo = Number(await page.locator('#scrub').inputValue());
  await page.locator('#scrub').fill(String(photo + 6));
  await beyond(page, 'slide', before + 1);
  await stands(page);
  await page.locator('[data-rig-follow]').uncheck();

  // Nobody has to let go before a take: while it stands, the rig goes to whoever needs it.
  await go(page, 'run');
  await page.locator('.rig-on').waitFor();
  await page.locator('#take-rig option', { hasText: 'rig By pad' }).evaluate((option) => { option.selected = true; });
  await page.locator('#take-camera option', { hasText: 'body By pad' }).evaluate((option) => { option.selected = true; });
  await startRun(page);
  await page.locator('#now[data-status=running], #now[data-status=waiting]').first().waitFor({ timeout: 60_000 });
  await page.locator('[data-stop] button').click();
  await page.getByText('Aborted.').waitFor({ timeout: 60_000 });
});

test.oneIn(5, 'what the camera sees at both ends takes the place of the drawing, and moves as the move goes', async () => {
  const page = await inFrame('Own photos');
  await type(page, 'Slide at B', '150');
  await connect(page);
  await home(page);
  await page.locator('[data-live=connect]').click();
  await page.getByText(/^Live, [1-9]/).waitFor();
  await page.getByText(say('shots.backdrop.title')).click();
  const keep = async (letter, end) => {
    await page.getByRole('button', { name: say('shots.backdrop.use_view', { letter }) }).click();
    await page.locator(`#backdrop img[alt="Your photo at ${letter}"]`).waitFor();
    assert.match(await page.locator('.backdrop-of', { hasText: `Remove ${letter}` }).textContent(), new RegExp(`as the camera saw it, rig at slide ${end}`));
  };
  await page.getByRole('button', { name: say('shots.backdrop.use_view', { letter: 'A' }) }).click();
  await page.getByText(say('app.backdrop.no_picture')).waitFor();
  await page.getByRole('button', { name: say('shots.optics.add') }).click();
  await page.locator('#crop-told').getByText('crops').waitFor();
  await page.getByRole('button', { name: 'Drive to A' }).click();
  await page.locator('.rig[data-moves=yes]').waitFor();
  await page.getByRole('button', { name: say('shots.backdrop.use_view', { letter: 'A' }) }).click();
  await page.getByText(say('app.backdrop_form.moves')).waitFor();
  await stands(page);
  await keep('A', 100);
  await page.getByRole('button', { name: 'Drive to B' }).click();
  await page.locator('.rig[data-moves=yes]').waitFor();
  await stands(page);
  await keep('B', 150);
  await page.getByRole('button', { name: 'End live view' }).click();
  await page.getByText('your photos', { exact: true }).waitFor();
  const drawn = () => page.locator('.finder-frame canvas').evaluate((canvas) => canvas.toDataURL());
  const atB = await drawn();
  await page.locator('#scrub').focus();
  await page.keyboard.press('Home');
  await page.waitForFunction((before) => document.querySelector('.finder-frame canvas').toDataURL() !== before, atB);
  await page.getByRole('button', { name: say('scripts.bench.hide_photos') }).click();
  await page.getByText('your photos', { exact: true }).waitFor({ state: 'detached' });
  await page.locator('#backdrop-first').setInputFiles({ name: 'a.jpg', mimeType: 'image/jpeg', buffer: Buffer.from('no photo') });
  await page.getByText(say('app.backdrop.unreadable')).waitFor();
  await assertAccessible(page);
});
