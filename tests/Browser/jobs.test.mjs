import assert from 'node:assert/strict';
import { describe } from 'node:test';
import { newShootAtSaltreach } from '../requests.mjs';
import { begin, choose, field, given, press, saved, startField, typed } from './planning.mjs';
import { browser, go, planOf, reach, test, verdictIs } from './support.mjs';
import { say } from './words.mjs';

// Every job that people bring, each planned from an empty shoot at the estuary by what stands on the page, and rehearsed. The figures are
// those that a practitioner would read aloud, worked by hand in the comment above each.
const view = browser();
const job = async (title, rig) => begin(await view.open(`/shoots/${await newShootAtSaltreach(`For ${title}`)}`), title, rig);

/** The sentence, as it stands. */
async function assertSentence(page, wanted) {
  const labels = { photos: say('shots.sentence.photos_total'), clip: 'Clip length', interval: 'Interval in seconds', shooting: say('shots.sentence.shooting') };
  for (const [figure, text] of Object.entries(wanted)) {
    const element = await field(page, labels[figure]).elementHandle();
    await page.waitForFunction(([input, value]) => input.value === value, [element, text]).catch(async () => {
      assert.equal(await field(page, labels[figure]).inputValue(), text, figure);
    });
  }
}

async function says(page, selector, text) {
  const part = page.locator(selector);
  await part.filter({ hasText: text }).first().waitFor({ state: 'attached' }).catch(async () => assert.fail(`${selector} says “${(await part.allTextContents()).join(' | ')}”, not ${text}`));
}

/** It ends in a rehearsal that comes through. */
async function rehearsed(page) {
  await go(page, 'run');
  await page.getByRole('button', { name: say('shots.rehearsal.run') }).click();
  await page.getByText('Variation added').waitFor();
  assert.match(await page.locator('.verdict').textContent(), /This shot works\./);
}

// They share nothing but the server: three at a time wait for it together.
describe('jobs', { concurrency: 3 }, () => {
  // 24 + 240 + 24 = 288 photos; at 24 fps 12 s; one every 8 s: 2304 s.
  test.oneIn(12, 'three axes with head and tail', async () => {
    const page = await job('Three axes at the mill', 'slide, pan and tilt');
    await typed(page, { [say('shots.sentence.move_label')]: '240', [say('shots.sentence.head_label')]: '24', [say('shots.sentence.tail_label')]: '24', 'Interval in seconds': '8' });
    await assertSentence(page, { photos: '288', clip: '12 s', shooting: '38 min 24 s' });
    await rehearsed(page);
  });

  // 10 s at 25 fps are 250 photos; 2 hours for them are 28.8 s each.
  test.oneIn(12, 'stars on legs from clip and hours', async () => {
    const page = await job('Stars over the pans', 'none: camera on a tripod');
    await typed(page, { [say('shots.sentence.fps_label')]: '25', 'Clip length': '10 s', [say('shots.sentence.shooting')]: '2 hours', 'Exposure in seconds': '20', [startField]: 'astronomical dusk' });
    await assertSentence(page, { photos: '250', interval: '28.8' });
    await rehearsed(page);
  });

  // Ramps of a fifth at each end leave a mean of 0.8 of the top speed: 600 mm in 30 s are 20 mm/s on the average and 25 at most, which is what
  // the slide can; in 29 s it is too fast.
  test.oneIn(12, 'slide through an opening with a matched real-time pass', async () => {
    const page = await job('Through the sluice', 'slide only');
    await typed(page, { 'Slide at A': '100', 'Slide at B': '700', [say('shots.film.takes')]: '30' });
    await choose(page, 'Filmed by', 'the same camera, before or after');
    await says(page, '#pass-told', /slide up to 25 mm\/s of 25 mm\/s\. Film the pass first/);
    await typed(page, { [say('shots.film.takes')]: '29' });
    await says(page, '#pass-told', 'Too fast for the rig: at least 30 s');
    await typed(page, { [say('shots.film.takes')]: '30' });
    await rehearsed(page);
  });

  // 270° an hour are a full turn in 80 min: 4800 s at one every 8 s are 600 photos, 599 moves of 0.601°.
  test.oneIn(12, 'a full turn on a clockwork base', async () => {
    const page = await job('Round the salt works', 'clockwork base');
    await typed(page, { 'Interval in seconds': '8', 'Pan, clockwork per hour': '270' });
    await given(page, '#turn-axis', { way: '1 turn' }, say('shots.keyframes.total_set'));
    await assertSentence(page, { photos: '600', interval: '8', shooting: '1 h 20 min' });
    await says(page, '.figures', /Largest pan step\s*0\.601°/);
    await verdictIs(page, true);
    await rehearsed(page);
  });

  // 90 s at 25 fps are 2,250 photos; 3 hours are 10,800 s: one every 4.8 s.
  test.oneIn(12, 'a launch worked back from ninety seconds', async () => {
    const page = await job('The lugger goes down the slip', 'none: camera on a tripod');
    await typed(page, { [say('shots.sentence.fps_label')]: '25', 'Clip length': '90 s', [say('shots.sentence.shooting')]: '3 hours' });
    await assertSentence(page, { photos: '2250', interval: '4.8', clip: '1 min 30 s' });
    await rehearsed(page);
  });

  // 94 mm by 2 mm are 47 moves and 48 photos: at 12 fps 4 s.
  test.oneIn(12, 'hand-stepped stop motion', async () => {
    const page = await job('The salt heap grows', 'slide only');
    await choose(page, 'Movement', say('shots.sentence.stop_motion'));
    await typed(page, { [say('shots.sentence.head_label')]: '0', [say('shots.sentence.tail_label')]: '0', [say('shots.sentence.fps_label')]: '12', 'Slide at A': '0', 'Slide at B': '94', 'Slide step per photo': '2' });
    await assertSentence(page, { photos: '48', clip: '4 s' });
    await rehearsed(page);
  });

  // 450 mm by 1.5 mm are 300 moves: 301 photos. A pause of 4 s and 1 s open are 5 s each: 1505 s.
  test.oneIn(12, 'length, pause, step', async () => {
    const page = await job('Along the weir', 'slide only');
    await typed(page, { [say('shots.sentence.head_label')]: '0', [say('shots.sentence.tail_label')]: '0', 'Slide at A': '0', 'Slide at B': '450', 'Exposure in seconds': '1' });
    await choose(page, say('shots.sentence.interval_means'), say('shots.sentence.pause'));
    await typed(page, { 'Interval in seconds': '4', 'Slide step per photo': '1.5' });
    await assertSentence(page, { photos: '301', shooting: '25 min 5 s' });
    await typed(page, { 'Slide step per photo': 'wide' });
    await says(page, '#p-held-step_slide', 'Enter a step per photo above 0');
    await typed(page, { 'Slide step per photo': '1.5' });
    await rehearsed(page);
  });

  // 15 s open in 20 s are 75 % of the interval. At 20 mm and f/8 on 36 mm by 24 the circle is 43.27 / 1500 = 0.0288 mm, the hyperfocal distance
  // 400 / (8 · 0.0288) + 20 = 1.75 m; focused at 1.76 m it is sharp from half of that to the horizon, and a rail at 0.9 m is.
  test.oneIn(12, 'light trails in bulb with ND and a near rail', async () => {
    const page = await job('Lanterns on the causeway', 'slide only');
    await typed(page, { 'Interval in seconds': '20', 'Exposure in seconds': '15', [startField]: 'civil dusk' });
    await choose(page, say('shots.kit.timed_by'), say('shots.kit.by_controller'));
    await choose(page, say('shots.kit.dial'), 'bulb');
    await press(page, page.locator('#light-in'));
    await typed(page, { 'ND on the lens': '3' });
    await press(page, page.locator('#optics-in'));
    await typed(page, { 'Focal length': '20', Foreground: '0.9', [say('shots.optics.focus')]: '1.76' });
    await typed(page, { 'Aperture, f/': '8' });
    await says(page, '#focus-told', /the hyperfocal distance is 1\.75 m\. Focused at 1\.76 m: sharp from 0\.88 m to the horizon\. Foreground: sharp/);
    const plan = await planOf(page);
    assert.deepEqual([plan.light.nd_stops, plan.camera.dial, plan.timing.exposure_s / plan.timing.interval_s], [3, 'bulb', 0.75]);
    await rehearsed(page);
  });

  // 0.7 + 0.6 + 1.5 kg at 20°, friction 0.05, and 60 mm/s² to get going: 2.8 · (9.807 · (0.342 + 0.05 · 0.940) + 0.06) = 10.8 N. Of a motor's
  // thrust 70 % can be counted on: 10 N are less than it takes, and of 16 N 11.2 can be.
  test.oneIn(12, 'a long track on an incline', async () => {
    const page = await job('Up the sea wall', 'slide only');
    await typed(page, { 'Slide highest position': '3000', 'Slide at B': '2600', [say('shots.sentence.move_label')]: '600' });
    await press(page, page.locator('#load-in'));
    await typed(page, { 'Slider incline': '20', 'motor thrust': '10' });
    await verdictIs(page, false);
    await go(page, 'review');
    await says(page, '#findings', 'needs 10.8 N');
    await typed(page, { 'motor thrust': '16' });
    await verdictIs(page, true);
    await rehearsed(page);
  });

  // Noise reduction takes as long again: 10 s open keep the shutter busy for 20; 15 s are too short, and 22 s are not.
  test.oneIn(12, 'a bare timer with noise reduction', async () => {
    const page = await job('The pump house by night', 'none: camera on a tripod');
    await typed(page, { 'Interval in seconds': '15', 'Exposure in seconds': '10' });
    await choose(page, say('shots.kit.reduction'), 'on: doubles busy time');
    await verdictIs(page, false);
    await go(page, 'review');
    await says(page, '#findings', '20');
    await typed(page, { 'Interval in seconds': '22' });
    await verdictIs(page, true);
    await rehearsed(page);
  });

  // 288 photos at 6 s are 1728 s. The head holds its place at 2 W and turns at 2 W: for the 240 on the way about 0.8 Wh, before and after
  // them it idles. 10 Wh last; the day's sheet lists both shots.
  test.oneIn(12, 'a pocket head from A to B with its battery and a shot list', async () => {
    const page = await job('Pocket head at the quay', 'pan and tilt');
    await typed(page, { 'Pan at A': '-20', 'Pan at B': '25', [startField]: '16:00' });
    await press(page, page.locator('#power-rig-in'));
    const labels = await page.locator('#bag-power-rig label').allTextContents();
    assert.ok(labels.length > 3, labels.join());
    await verdictIs(page, true);
    await assertSentence(page, { photos: '288', shooting: '28 min 48 s' });
    await rehearsed(page);
  });

  // 200 on the way: ramps of a fifth at each end are 40 photos each, 39.8 of the 199 moves.
  test.oneIn(12, 'a crowd with ease', async () => {
    const page = await job('Market on the quay', 'slide only');
    await typed(page, { 'Interval in seconds': '3', [say('shots.sentence.move_label')]: '200', [say('shots.timing.in')]: '20', [say('shots.timing.out')]: '20' });
    await press(page, page.locator('#optics-in'));
    await choose(page, say('shots.optics.moving'), 'a stream: traffic, a crowd, water');
    await rehearsed(page);
  });

  // From -20° to 35° are 55°, in 239 moves 0.2301° each on the average.
  test.oneIn(12, 'a pan by degrees read from the finder', async () => {
    const page = await job('Along the dyke', 'pan and tilt');
    await go(page, 'frame');
    // On a slow line B is set before the rig has moved: it is set where the rig is to stand.
    let pressed;
    const isPressed = new Promise((resolve) => { pressed = resolve; });
    await page.route('**/jog', (route) => isPressed.then(() => route.continue()));
    await page.getByLabel(say('scripts.bench.position', { axis: 'pan' })).fill('35');
    await page.keyboard.press('Tab');
    await page.locator('[data-set-here="1"]').click();
    pressed();
    await page.waitForFunction(() => document.querySelector('#f-held-step_pan').value === '0.2301');
    await saved(page);
    assert.equal((await planOf(page)).move.keyframes[1].pan, 35);
    await rehearsed(page);
  });

  // 16 s at ISO 2000 are as bright as 2 s at 16000: eight times the ISO, an eighth of the time. A way point half way stands where the move is then.
  test.oneIn(12, 'stars with way points in the dark', async () => {
    const page = await job('Stars over the tide mill', 'pan and tilt');
    await typed(page, { 'Interval in seconds': '20', 'Exposure in seconds': '16', 'Pan at A': '-20', 'Pan at B': '20', [startField]: 'astronomical dusk' });
    await press(page, page.locator('#light-in'));
    await typed(page, { ISO: '2000', [say('shots.light.highest')]: '16000' });
    await press(page, page.locator('#add-after-0'));
    const { move } = await planOf(page);
    assert.deepEqual(move.keyframes.map(({ at, pan }) => [at, Math.round(pan)]), [[0, -20], [0.5, 0], [1, 20]]);
    await go(page, 'run');
    await says(page, '.ask-devices', /2 s at ISO 16,?000/);
    await rehearsed(page);
  });

  // 20 mm at f/8: the circle is 0.0288 mm, the hyperfocal distance 1.753 m. For a post at 0.8 m: 0.8 · (1.753 - 0.04) / (1.753 - 0.02 - 0.8) = 1.47 m;
  // focused at 3 m it would be sharp from 3 · 1.733 / (1.753 + 3 - 0.04) = 1.10 m on.
  test.oneIn(12, 'a lens focused by scale', async () => {
    const page = await job('Posts on the mud', 'slide only');
    await press(page, page.locator('#light-in'));
    await typed(page, { 'Aperture, f/': '8' });
    await press(page, page.locator('#optics-in'));
    await typed(page, { 'Focal length': '20', Foreground: '0.8', [say('shots.optics.focus')]: '3' });
    await says(page, '#focus-told', /sharp from 1\.1 m to the horizon\. Foreground: neither sharp nor soft\. For the foreground focus at 1\.47 m/);
    await go(page, 'review');
    await press(page, page.getByRole('button', { name: say('checks.nearest_out_of_focus.focus', { distanceText: '1.46 m' }) }));
    await says(page, '#focus-told', 'Foreground: sharp');
    await rehearsed(page);
  });

  // 24 stand before the move and 240 are on the way: B is photo 264 of 288, and 263 come before it.
  test.oneIn(12, 'a phone on a slider, best half first', async () => {
    const page = await job('Phone on the rail', 'slide only');
    await press(page, page.locator('#matters-1'));
    await go(page, 'review');
    await says(page, '#findings', 'B after 264 of 288 photos');
    await says(page, '#findings', '263 photos come before it');
    await page.getByRole('button', { name: say('checks.best_framing_comes_late.turned') }).click();
    await saved(page);
    await page.locator('#findings').filter({ hasNotText: say('checks.best_framing_comes_late.title') }).waitFor();
    const turned = await planOf(page);
    assert.deepEqual(turned.move.keyframes.map(({ slide, matters_most: most }) => [slide, most === true]), [[900, true], [100, false]]);
    assert.equal(turned.timing.plays_backwards, true, 'the clip begins reversed');
    await rehearsed(page);
  });

  // The sun is at its highest there at 11:58.7 (12:00, less 7.6 min for 1.9° east, and 6.3 min that it is late in March). On 24 March its
  // declination is 1.35°, and it rises 93.07° or 6 h 12.3 min before: 05:46. Half an hour before it until half an hour after, 06:16.4 or so.
  test.oneIn(12, 'sunrise by aperture priority', async () => {
    const page = await job('Sun over the pans', 'none: camera on a tripod');
    await typed(page, { 'Interval in seconds': '12', [say('shots.sentence.photos_total')]: '300', [startField]: '30 min before sunrise' });
    await press(page, page.locator('#light-in'));
    await choose(page, 'Shutter set by', say('shots.light.meter'));
    await choose(page, say('shots.kit.dial'), 'aperture priority');
    await typed(page, { [say('shots.light.longest')]: '8' });
    await assertSentence(page, { photos: '300', shooting: '1 h' });
    await says(page, '#until', /until\s*06:16/);
    await rehearsed(page);
  });

  // 300 photos and 5 to spare are 305 frames, at the camera's 25 fps 12.2 s; in a clip of 24 they play at 96 %, and 300 are 12.5 s. 6000 pixels
  // hold a clip of 1920 a little over three times: four times enlarges.
  test.oneIn(12, 'the camera’s own film mode with a later zoom', async () => {
    const page = await job('Crane at the pump house', 'none: camera on a tripod');
    await typed(page, { [say('shots.sentence.photos_total')]: '300' });
    await choose(page, say('shots.film.makes'), say('plan.film_kind.camera'));
    await (await reach(page, page.locator('#f-film-frames_per_second'))).fill('25');
    await page.locator('#f-film-extra_frames').fill('5');
    await page.keyboard.press('Tab');
    await saved(page);
    await says(page, '#film-told', /305 frames, 5 of them spare: 12\.2 s at its 25 fps\. In a 24 fps clip it plays at 96 %, 12\.5 s/);
    await press(page, page.locator('#optics-in'));
    await typed(page, { [say('shots.optics.zoom')]: '4' });
    await go(page, 'review');
    await says(page, '#findings', /Enlarged|enlarge/);
    await typed(page, { [say('shots.optics.zoom')]: '3' });
    await page.locator('#findings').filter({ hasNotText: 'Enlarged' }).waitFor({ state: 'attached' });
    await rehearsed(page);
  });

  // Five times 240 photos of 30 MB are 36 GB: on cards of 32 GB two.
  test.oneIn(12, 'a day of five shots on two cards', async () => {
    const page = await job('Low water', 'none: camera on a tripod');
    const shoot = new URL(page.url()).pathname.replace(/\/shots.*/, '');
    for (const [n, title] of ['Low water', 'First boats', 'Flood', 'High water', 'Ebb'].entries()) {
      if (n > 0) {
        await page.goto(new URL(shoot, page.url()).href);
        await begin(page, title, 'none: camera on a tripod');
      }
      await typed(page, { [say('shots.sentence.photos_total')]: '240', [startField]: `${String(8 + 2 * n).padStart(2, '0')}:00` });
      await press(page, page.locator('#storage-in'));
      await typed(page, { 'Raw file': '30', 'Card space': '32' });
    }
    await rehearsed(page);
    await page.goto(new URL(`${shoot}/packing`, page.url()).href);
    await says(page, 'main', /2\s*×?\s*cards of 32 GB/);
    await says(page, 'main', '1,200 photos: 36 GB');
  });

  // 500 / 20 mm are 25 s; with a gap of 3 s one every 28 s; 240 of them 6720 s.
  test.oneIn(12, 'stars by the constant, gap and sum', async () => {
    const page = await job('Stars by the rule', 'none: camera on a tripod');
    await typed(page, { [say('shots.sentence.photos_total')]: '240', 'Exposure in seconds': '25' });
    await choose(page, say('shots.sentence.interval_means'), say('shots.sentence.pause'));
    await typed(page, { 'Interval in seconds': '3' });
    await assertSentence(page, { photos: '240', interval: '3', shooting: '1 h 52 min' });
    await rehearsed(page);
  });

  // The timer falls behind by 4 thousandths: 32 ms with each photo of 8 s. The rig leaves the shutter 0.2 s after it closes; 7 photos on it is
  // 0.224 s late: from photo 8 on it is open while the rig moves. A true timer, and all is well.
  test.oneIn(12, 'a slider against the camera’s own timer', async () => {
    const page = await job('Two clocks at the sluice', 'slide only');
    await typed(page, { [say('shots.sentence.head_label')]: '0', 'Interval in seconds': '8' });
    await choose(page, say('shots.kit.fired_by'), say('shots.kit.by_camera'));
    await typed(page, { [say('shots.kit.drift')]: '4000' });
    await verdictIs(page, false);
    await go(page, 'review');
    await says(page, '#findings', 'From photo 8 the shutter is open while the rig moves');
    await typed(page, { [say('shots.kit.drift')]: '20' });
    await verdictIs(page, true);
    await rehearsed(page);
  });

  // By shutter priority 1/15 s holds until the lens is wide open; at dusk it soon is, and what comes after is dark. Followed by the dial instead,
  // somebody has to be there for its clicks: too short for bulb to begin with, no controller can.
  test.oneIn(12, 'dusk by shutter priority, and nobody at the dial', async () => {
    const page = await job('Last light at the sluice', 'none: camera on a tripod');
    await typed(page, { 'Interval in seconds': '12', [say('shots.sentence.photos_total')]: '190', 'Exposure in seconds': '0.5', [startField]: '10 min before sunset' });
    await press(page, page.locator('#light-in'));
    await typed(page, { 'Aperture, f/': '8', [say('shots.light.longest')]: '8', [say('shots.light.widest')]: '2.8' });
    await choose(page, 'Shutter set by', say('shots.light.both'));
    await go(page, 'review');
    await says(page, '#findings', say('checks.aperture_at_its_end.wide_open'));
    await page.locator('#finding-F3').getByRole('button', { name: /ramp/i }).click();
    await saved(page);
    await choose(page, say('shots.kit.timed_by'), say('shots.kit.by_shutter'));
    await choose(page, say('shots.light.while'), say('shots.light.unattended'));
    await go(page, 'review');
    await says(page, '#findings', say('checks.nobody_at_the_dial.title'));
    await page.locator('#finding-F5').getByRole('button', { name: say('checks.nobody_at_the_dial.attended') }).click();
    await verdictIs(page, true);
    await rehearsed(page);
  });

  // 32 GB at 30 MB are 1066 photos; one every 6 s are 6396 s, an hour and 47 minutes. The 240 on the way went 800 mm: 3.3473 mm each, and after 1200 mm the slide is at its
  // end: (1200 - 100) / 3.3473 are 328 moves, 329 photos on the way, 377 with the 48 that stand. On legs the card ends it.
  test.oneIn(12, 'a run without end, until what ends it', async () => {
    const page = await job('Until it is full', 'slide only');
    await press(page, page.locator('#storage-in'));
    await typed(page, { 'Raw file': '30', 'Card space': '32', [say('shots.sentence.move_label')]: '240', 'Slide at A': '100', 'Slide at B': '900' });
    await choose(page, say('shots.ends.ends'), 'when the card is full');
    await assertSentence(page, { photos: '377' });
    await says(page, '#figures', /End of travel after 377 photos.*Card full after 1,066 photos: 1 h 47 min of shooting/s);
    await press(page, page.locator('#interval-fastest'));
    await says(page, '#ends', 'The interval is the shortest possible');
    assert.ok((await planOf(page)).timing.interval_s < 3);
    await rehearsed(page);
  });

  // 5,200 K is 192.3 mired and 3,600 K 277.8: 85.5 apart, nine steps. From 2.5 mm at the rig to pins at the camera no lead is named.
  test.oneIn(12, 'what is set, what is plugged in and what gets in the way', async () => {
    const page = await job('The ferry lands', 'slide only');
    await typed(page, { [startField]: '16:00', [say('shots.sentence.move_label')]: '240', 'Interval in seconds': '8' });
    await choose(page, 'White balance', say('plan.white_balance.by_clock'));
    await page.locator('#f-settings-white_balance_k').fill('5200');
    await page.locator('#f-settings-white_balance_end_k').fill('3600');
    await page.keyboard.press('Tab');
    await saved(page);
    await choose(page, say('shots.kit.rig_gives'), '2.5 mm jack');
    await choose(page, say('shots.kit.camera_takes'), 'round plug with pins');
    await verdictIs(page, false);
    await go(page, 'review');
    await page.getByRole('button', { name: /^Pack a shutter cable from 2.5 mm jack/ }).click();
    await verdictIs(page, true);
    await given(page, '#trouble-kind', { kind: 'people', from: '4:10pm', to: '16:20', note: 'the ferry lands' }, say('shots.scene.add'));
    await says(page, '#scene', /People from 16:10 to 16:20: the ferry lands; photos \d+ to \d+/);
    await go(page, 'run');
    await says(page, '#preflight-ticks', '2.5 mm jack – round pins: seated at both ends');
    await says(page, '#preflight-ticks', 'White balance 5200 K, then changed by time to 3600 K');
    await rehearsed(page);
    await page.goto(new URL(`${new URL(page.url()).pathname.replace(/\/shots.*/, '')}/sheet`, page.url()).href);
    assert.equal(await page.locator('.field-card li', { hasText: 'white balance to' }).count(), 9);
  });

  test.oneIn(12, 'what is no answer is said by its field, and stays there', async () => {
    const page = await job('Slips of the finger', 'endless turntable');
    for (const [label, text, id, message] of [
      [say('shots.film.takes'), 'quick', 'pass-duration_s', 'Enter'], ['Pan, clockwork per hour', '-3', 'rig-axes-0-clockwork_per_h', 'Enter a travel per hour'],
      [say('shots.film.extra'), '1.5', 'film-extra_frames', 'Enter a whole number'], [say('shots.film.rate'), '0', 'film-gb_per_min', 'Enter gigabytes per minute'],
      ['at the end', 'warm', 'settings-white_balance_end_k', 'Enter'], ['Pan step per photo', '0', 'held-step_pan', 'Enter a step per photo above 0'],
    ]) {
      await typed(page, { [label]: text });
      await says(page, `#p-${id}`, message);
      assert.equal(await field(page, label).inputValue(), text);
    }
    const end = page.locator('#f-end-at');
    await (await reach(page, end)).fill('some day');
    await page.keyboard.press('Tab');
    await says(page, '#p-end-at', 'Enter a time of day such as 19:40');
  });
});
