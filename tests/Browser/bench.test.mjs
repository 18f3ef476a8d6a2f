import assert from 'node:assert/strict';
import { execFileSync } from 'node:child_process';
import { fileURLToPath } from 'node:url';
import { answered, assertAccessible, benchIsReady, browser, chartPicture, go, makeShot, openDemo, planOf, tabTo, test, type, url, valueBecomes, verdictIs } from './support.mjs';
import { say } from './words.mjs';

const view = browser();
const evrent = fileURLToPath(new URL('../../bin/evrent', import.meta.url));

/** What the core gives for a plan, by its own command line. */
const scheduleOf = (plan) => JSON.parse(execFileSync(evrent, ['schedule', '-'], { input: JSON.stringify(plan), maxBuffer: 1e8 }));

const middle = async (locator) => {
  await locator.scrollIntoViewIfNeeded();
  const box = await locator.boundingBox();
  return [box.x + box.width / 2, box.y + box.height / 2];
};

async function drag(page, locator, by, { letGo = true } = {}) {
  const [x, y] = await middle(locator);
  await page.mouse.move(x, y);
  await page.mouse.down();
  await page.mouse.move(x + by[0] / 2, y + by[1] / 2, { steps: 3 });
  await page.mouse.move(x + by[0], y + by[1], { steps: 3 });
  if (letGo) await answered(page, () => page.mouse.up());
}

const photo = (page) => page.locator('.readout b').first().textContent();

test.oneIn(4, 'a whole shot is made from nothing by pointer', async () => {
  const page = await makeShot(view, 'By pointer');
  // Frame the start and the end by jogging, a keyframe each.
  await go(page, 'frame');
  const jog = (axis, name) => page.locator('.jog-axis', { hasText: axis }).getByRole('button', { name });
  for (let presses = 0; presses < 4; presses++) await jog('slide', /50 mm forward/).click();
  await jog('pan', /5° back/).click();
  await page.waitForFunction(() => document.querySelectorAll('.jog-steps input')[0].value === '300' && document.querySelectorAll('.jog-steps input')[1].value === '-15');
  await page.locator('.finder-tag').getByText(say('scripts.bench.tag_jogging')).waitFor();
  await answered(page, () => page.getByRole('button', { name: say('shots.keyframes.set', { peg: 'A' }) }).click());
  await jog('slide', /50 mm forward/).click();
  await jog('tilt', /0\.1° forward/).click();
  await page.waitForFunction(() => document.querySelectorAll('.jog-steps input')[2].value === '0.1');
  await answered(page, () => page.getByRole('button', { name: say('shots.keyframes.set', { peg: 'B' }) }).click());
  let plan = await planOf(page);
  assert.deepEqual(plan.move.keyframes.map(({ slide, pan, tilt }) => [slide, pan, tilt]), [[300, -15, 0], [350, -15, 0.1]]);

  // A keyframe on the line, dragged up and across, and stopped at.
  await go(page, 'time');
  await answered(page, async () => page.mouse.dblclick(...await middle(page.locator('.plot-area canvas'))));
  await page.locator('.peg[data-peg="2"]').waitFor();
  await drag(page, page.locator('.grip[data-peg="1"][data-axis-id=pan]'), [60, -20]);
  plan = await planOf(page);
  assert.equal(plan.move.keyframes.length, 3);
  assert.ok(plan.move.keyframes[1].pan > -15 && plan.move.keyframes[1].at > 0.5);
  await answered(page, () => page.getByRole('button', { name: say('scripts.bench.stop_there') }).click());
  assert.equal((await planOf(page)).move.keyframes[1].pass, false);

  // What if it were open for longer? Kept, and mended where it falls short.
  await page.locator('.bar').first().scrollIntoViewIfNeeded();
  const bar = await page.locator('.bar').first().boundingBox();
  await drag(page, page.locator('.what-if[data-what=exposure]'), [bar.width * 0.75, 0], { letGo: false });
  await page.mouse.up();
  await verdictIs(page, false);
  assert.equal((await planOf(page)).timing.exposure_s, 0.5, 'what is only looked at is not saved');
  await answered(page, () => page.getByRole('button', { name: /^Keep / }).click());
  await page.locator('.finding:visible .remedy button').first().click();
  await verdictIs(page, true);

  await page.getByRole('button', { name: say('scripts.bench.play', { fps: 24 }) }).click();
  await page.waitForFunction(() => Number(document.querySelector('.readout b').textContent) > 60);
  await page.getByRole('button', { name: say('scripts.bench.pause') }).click();
  await go(page, 'run');
  await page.locator('#dry-run').click();
  await page.getByText('Variation added').waitFor();
});

test.oneIn(10, 'another is made by keyboard alone', async () => {
  const page = await makeShot(view, 'By keys');
  await page.keyboard.press('s');
  assert.equal(await page.evaluate(() => document.activeElement.id), 'f-held-photos');
  await page.keyboard.type('300');
  await answered(page, () => page.keyboard.press('Tab'));
  assert.equal((await planOf(page)).timing.photos, 252);
  await page.evaluate(() => document.activeElement.blur());

  // The rig by hand: pan to the right, coarse and fine, and B is set there.
  await page.keyboard.press('j');
  await page.locator('.jog[data-on=yes]').waitFor();
  await page.keyboard.press('ArrowDown');
  await page.keyboard.press('Shift+ArrowRight');
  await page.keyboard.press('ArrowRight');
  await page.waitForFunction(() => document.querySelectorAll('.jog-steps input')[1].value === '-4.9');
  await answered(page, () => page.keyboard.press('Alt+Shift+B'));
  assert.equal((await planOf(page)).move.keyframes[1].pan, -4.9);
  await page.keyboard.press('Escape');
  await page.locator('.jog[data-on=no]').waitFor();

  // A keyframe at a photo, moved in time and in value from its grip.
  await page.keyboard.press('Home');
  for (let presses = 0; presses < 10; presses++) await page.keyboard.press('Shift+ArrowRight');
  assert.equal(await photo(page), '101');
  await page.keyboard.press('Alt+2');
  await answered(page, () => page.keyboard.press('n'));
  await page.locator('.peg[data-peg="2"]').waitFor();
  const grip = page.locator('.grip[data-peg="1"][data-axis-id=slide]');
  await tabTo(page, grip);
  const before = (await planOf(page)).move.keyframes[1];
  await page.keyboard.press('Shift+ArrowUp');
  await page.keyboard.press('ArrowRight');
  await page.waitForFunction(() => document.getElementById('verdict').dataset.preview === 'no' && /photo 102/.test(document.querySelector('.grip[data-peg="1"]') && document.querySelector('.peg[data-peg="1"]').title));
  const after = (await planOf(page)).move.keyframes[1];
  assert.ok(Math.abs(after.slide - before.slide - 50) < 0.51, `${before.slide} to ${after.slide}`);
  await answered(page, () => page.keyboard.press('p'));
  assert.equal((await planOf(page)).move.keyframes[1].pass, false);
  await answered(page, () => page.keyboard.press('Delete'));
  assert.equal((await planOf(page)).move.keyframes.length, 2);

  // Every key is listed; the clip plays; the shot is run.
  await page.keyboard.press('?');
  await page.getByRole('heading', { name: say('shots.keys.title'), exact: true }).waitFor();
  await assertAccessible(page, 'the list of keys');
  await page.keyboard.press('Escape');
  await page.keyboard.press('t');
  await page.keyboard.press('1');
  await page.keyboard.press('0');
  await page.keyboard.press('l');
  await page.keyboard.press('r');
  await page.getByText('Variation added').waitFor();
});

test.oneIn(4, 'a dragged peg is where the core puts it, and undo goes back to the start', async () => {
  const page = await makeShot(view, 'Dragged');
  const start = await planOf(page);
  const picture = await chartPicture(page);
  await go(page, 'frame');
  await answered(page, () => page.getByRole('button', { name: say('shots.keyframes.add') }).click());
  await go(page, 'time');
  await drag(page, page.locator('.peg[data-peg="1"]'), [-120, 0]);
  await drag(page, page.locator('.grip[data-peg="1"][data-axis-id=slide]'), [0, 25]);
  const plan = await planOf(page);
  const schedule = scheduleOf(plan);
  const peg = await page.locator('.peg[data-peg="1"]').getAttribute('title');
  const number = Number(peg.match(/photo (\d+)/)[1]);
  assert.ok(Math.abs(schedule.frames[number - 1].positions.slide - plan.move.keyframes[1].slide) < 1e-9, 'the keyframe is met on its photo');
  assert.ok(plan.move.keyframes[1].at < 0.45);
  await page.locator('.peg[data-peg="1"]').click();
  assert.equal(await photo(page), String(number));
  for (const [index, axis] of ['slide', 'pan', 'tilt'].entries()) {
    assert.equal(Number.parseFloat((await page.locator('.lane-now').nth(index).textContent()).replace('−', '-')).toFixed(2), schedule.frames[number - 1].positions[axis].toFixed(2));
  }
  for (let steps = 0; steps < 3; steps++) await answered(page, () => page.keyboard.press('Control+z'));
  assert.deepEqual(await planOf(page), start);
  await page.locator('#undo[disabled]').waitFor({ state: 'attached' });
  await page.keyboard.press('t');
  assert.ok(await chartPicture(page) === picture, 'the chart is as it was');
  await answered(page, () => page.keyboard.press('Control+Shift+z'));
  assert.equal((await planOf(page)).move.keyframes.length, 3);
});

test.oneIn(10, 'the server is lost in mid-drag and comes back: the drag is not lost', async () => {
  const page = await makeShot(view, 'Lost in mid-drag');
  const grip = page.locator('.grip[data-peg="1"][data-axis-id=pan]');
  await page.route(`${url}/shoots/*/shots/*/edits`, (route) => route.abort());
  await drag(page, grip, [0, -12], { letGo: false });
  const shown = await page.locator('.drag-figures').textContent();
  await page.mouse.up();
  await page.getByRole('alert').filter({ hasText: 'Your change is kept here' }).waitFor();
  assert.equal((await planOf(page)).move.keyframes[1].pan, 10);
  await page.unroute(`${url}/shoots/*/shots/*/edits`);
  await page.locator('#trouble').waitFor({ state: 'hidden' });
  await page.locator('.drag-figures').waitFor({ state: 'hidden' });
  assert.equal((await planOf(page)).move.keyframes[1].pan, Number(shown.match(/pan ([\d.−-]+)/)[1].replace('−', '-')));
});

test.oneIn(10, 'the picture is dragged in the finder, and the rig follows it', async () => {
  const page = await makeShot(view, 'By the picture');
  await go(page, 'frame');
  const box = await page.locator('.finder-frame canvas').boundingBox();
  await page.mouse.move(box.x + box.width / 2, box.y + box.height / 2);
  await page.mouse.down();
  await page.mouse.move(box.x + box.width / 4, box.y + box.height / 2, { steps: 6 });
  await page.mouse.up();
  await page.locator('.finder-tag').getByText(say('scripts.bench.tag_jogging')).waitFor();
  // A quarter of the usual lens's ±0.75 across: atan 0.375 to the right of where the photo under the cursor looked.
  const pan = page.locator('.jog-axis', { hasText: 'pan' }).getByLabel(say('scripts.bench.position', { axis: 'pan' }));
  const from = Number.parseFloat((await page.locator('.lane-now').nth(1).textContent()).replace('−', '-'));
  const wanted = from + (Math.atan(0.375) * 180) / Math.PI;
  await page.waitForFunction(([field, degrees]) => Math.abs(Number(field.value) - degrees) < 0.5, [await pan.elementHandle(), wanted]);
  await answered(page, () => page.getByRole('button', { name: say('shots.keyframes.set', { peg: 'B' }) }).click());
  assert.ok(Math.abs((await planOf(page)).move.keyframes[1].pan - wanted) < 0.5);
});

test.oneIn(10, 'far out a tread is so many photos, what lies close is fanned out, and what cannot move says so', async () => {
  const page = await makeShot(view, 'Treads');
  await page.getByText(say('shots.chart.step')).waitFor();
  await page.keyboard.press('1');
  await page.getByText(say('shots.chart.step')).waitFor({ state: 'hidden' });
  await page.keyboard.press('0');
  for (const presses of [11, 1, 1]) {
    for (let n = 0; n < presses; n++) await page.keyboard.press(presses === 11 ? 'Shift+ArrowRight' : 'ArrowRight');
    await answered(page, () => page.keyboard.press('n'));
  }
  await page.locator('.peg[data-peg="4"]').waitFor();
  const lefts = (await page.locator('.plot-area .peg:visible').evaluateAll((pegs) => pegs.map((peg) => peg.getBoundingClientRect().left))).sort((a, b) => a - b);
  assert.ok(lefts.every((left, n) => n === 0 || left - lefts[n - 1] >= 25), `pegs at ${lefts.map(Math.round)}`);
  await drag(page, page.locator('.peg[data-peg="0"]'), [60, 0], { letGo: false });
  assert.match(await page.locator('.drag-figures').textContent(), /^A stays at the first photo/);
  await page.mouse.up();
});

test.oneIn(10, 'what was typed into a field and refused is still there after a drag', async () => {
  const page = await makeShot(view, 'Half a number');
  const picture = await chartPicture(page);
  await type(page, 'Interval in seconds', '8e');
  await page.locator('#p-timing-interval_s').filter({ hasText: 'Enter a number' }).waitFor();
  assert.ok(await chartPicture(page) === picture, 'the last good plan stays drawn');
  await drag(page, page.locator('.grip[data-peg="1"][data-axis-id=pan]'), [0, -10]);
  assert.equal(await page.getByLabel('Interval in seconds').inputValue(), '8e');
  await page.locator('#p-timing-interval_s').filter({ hasText: 'Enter a number' }).waitFor();
  await type(page, 'Interval in seconds', '8');
  await page.locator('#p-timing-interval_s').filter({ hasText: /^$/ }).waitFor({ state: 'attached' });
  const plan = await planOf(page);
  assert.equal(plan.timing.interval_s, 8);
  assert.ok(plan.move.keyframes[1].pan > 10, `pan ${plan.move.keyframes[1].pan}`);
});

test.oneIn(10, 'two windows drag one shot: the second is told, and nothing is overwritten', async () => {
  const first = await makeShot(view, 'Two drags');
  const second = await view.open(new URL(first.url()).pathname);
  await benchIsReady(second);
  await drag(first, first.locator('.grip[data-peg="1"][data-axis-id=pan]'), [0, -10]);
  const { pan } = (await planOf(first)).move.keyframes[1];
  await drag(second, second.locator('.grip[data-peg="1"][data-axis-id=slide]'), [0, 15]);
  // Told, and still told when the drag has been taken off the chart.
  await second.locator('.drag-figures').waitFor({ state: 'hidden' });
  await second.locator('#verdict[data-preview=no]').waitFor();
  await second.locator('#other-problems').getByText('changed in another window').waitFor();
  const plan = await planOf(first);
  assert.deepEqual([plan.move.keyframes[1].pan, plan.move.keyframes[1].slide], [pan, 900]);
});

test.oneIn(10, 'what nobody typed follows, then the oldest gives way and can be kept, and what is pinned never does', async () => {
  const page = await makeShot(view, 'Held');
  const follows = (figure) => page.locator(`.figure[data-figure=${figure}][data-held=follows]`).waitFor();
  await type(page, say('shots.sentence.shooting'), '25 min');
  await follows('interval');
  // 288 photos in 25 min are 5.208 s each.
  await valueBecomes(page, 'Interval in seconds', '5.2');
  await page.locator('#rounding').getByText('2.4 s of 25 min unused').waitFor();
  await type(page, 'Clip length', '20');
  await valueBecomes(page, say('shots.sentence.photos_total'), '480');
  await valueBecomes(page, 'Interval in seconds', '3.1');
  // What was asked for stands, and what comes of it is said beside it.
  assert.equal(await page.getByLabel(say('shots.sentence.shooting')).inputValue(), '25 min');
  await page.locator('#rounding').getByText('12 s of 25 min unused').waitFor();
  await type(page, 'Interval in seconds', '4');
  await follows('shooting');
  await valueBecomes(page, say('shots.sentence.shooting'), '32 min');
  await page.locator('#rounding').getByText('Run time changes: 32 min instead of 25 min.').waitFor();
  await answered(page, () => page.getByRole('button', { name: 'Keep run time 25 min: 375 photos' }).click());
  await valueBecomes(page, say('shots.sentence.photos_total'), '375');
  await valueBecomes(page, 'Interval in seconds', '4');
  await follows('photos');
  for (const figure of [say('editing.figure.interval'), say('editing.figure.shooting')]) await answered(page, () => page.getByRole('button', { name: `Pin ${figure}` }).click());
  await page.locator('.figure[data-figure=interval][data-held=pinned]').waitFor();
  await page.getByLabel(say('shots.sentence.photos_total')).fill('400');
  await page.keyboard.press('Tab');
  await page.locator('#p-held-photos').getByText('Nothing can change: unpin one first.').waitFor();
  await page.reload();
  await page.locator('.figure[data-figure=shooting][data-held=pinned]').waitFor();
  await follows('photos');
});

test.oneIn(10, 'a figure that is pressed shows its arithmetic, and Escape leaves it', async () => {
  const page = await makeShot(view, 'Worked out');
  await page.locator('#figures a[data-sum]').getByText('12 s').click();
  const sum = page.locator('#sum-shown');
  await sum.getByText('288 photos ÷ 24 fps frame rate = 12 s').waitFor();
  await sum.getByRole('cell', { name: 'assumed' }).first().waitFor();
  await assertAccessible(page);
  await page.keyboard.press('Escape');
  await sum.waitFor({ state: 'hidden' });
});

test.oneIn(10, 'the chart zooms to one interval and back, by wheel, keys and buttons', async () => {
  const page = await openDemo(view, 'Flood tide at the mill race');
  const whole = await chartPicture(page);
  await page.keyboard.press('1');
  const close = await chartPicture(page);
  assert.ok(close !== whole);
  await page.getByRole('button', { name: say('shots.chart.whole') }).click();
  assert.ok(await chartPicture(page) === whole);
  const canvas = await page.locator('.plot-area canvas').boundingBox();
  await page.mouse.move(canvas.x + canvas.width / 2, canvas.y + 40);
  for (let turns = 0; turns < 12; turns++) await page.mouse.wheel(0, -300);
  assert.ok(await chartPicture(page) !== whole);
  await page.keyboard.press(']');
  await page.keyboard.press('0');
  assert.ok(await chartPicture(page) === whole);
});

test.oneIn(10, 'the move as a whole is swapped, aimed and put back, and wrong words are told by their field', async () => {
  const page = await makeShot(view, 'As a whole');
  await go(page, 'frame');
  await answered(page, () => page.getByRole('button', { name: say('shots.keyframes.swap') }).click());
  assert.deepEqual((await planOf(page)).move.keyframes.map(({ slide }) => slide), [900, 100]);
  assert.equal(await page.evaluate(() => document.activeElement.id), 'swap', 'the keyboard stays where it was');
  await page.getByText(say('shots.keyframes.transform')).click();
  await answered(page, () => page.getByRole('button', { name: 'Mirror slide' }).click());
  await page.getByLabel(say('shots.keyframes.scale_label')).fill('twice');
  await answered(page, () => page.getByRole('button', { name: 'Scale', exact: true }).click());
  await page.locator('#p-edit-factor').filter({ hasText: 'such as 0.5' }).waitFor();
  assert.equal(await page.getByLabel(say('shots.keyframes.scale_label')).inputValue(), 'twice');
  await page.getByLabel(say('shots.keyframes.scale_label')).fill('50 %');
  await answered(page, () => page.getByRole('button', { name: 'Scale', exact: true }).click());
  assert.deepEqual((await planOf(page)).move.keyframes.map(({ slide }) => slide), [300, 700]);
  await page.getByLabel('Aim A: bearing').fill('350');
  await answered(page, () => page.getByRole('button', { name: 'Aim', exact: true }).click());
  assert.equal((await planOf(page)).move.keyframes[0].pan, -10);
});

test.oneIn(10, 'a move is kept as a preset and applied to another shot; two revisions stand side by side', async () => {
  const page = await makeShot(view, 'Giver');
  await type(page, 'Pan at B', '44');
  await go(page, 'review');
  await page.getByText(say('shots.actions.save_as')).click();
  const name = `Kept ${Date.now()}`;
  await page.getByLabel('Name', { exact: true }).fill(name);
  await page.getByRole('button', { name: 'Save preset' }).click();
  await page.getByText(`Saved as “${name}”.`).waitFor();
  const taker = await makeShot(view, 'Taker');
  await go(taker, 'review');
  await taker.getByLabel(say('shots.actions.preset')).selectOption({ label: name });
  await answered(taker, () => taker.getByRole('button', { name: 'Apply preset' }).click());
  assert.equal((await planOf(taker)).move.keyframes[1].pan, 44);
  await taker.getByRole('link', { name: 'History and compare' }).click();
  await taker.getByRole('heading', { name: say('shots.history.compare') }).waitFor();
  await taker.getByText(`move “${name}”`).first().waitFor();
  await taker.getByRole('button', { name: 'Go back to this' }).first().click();
  await benchIsReady(taker);
  assert.equal((await planOf(taker)).move.keyframes[1].pan, 10);
});
