import assert from 'node:assert/strict';
import { benchIsReady, browser, chartPicture, go, makeShot, openAllPhotos, planOf, reach, test, type, url, valueBecomes, verdictIs } from './support.mjs';
import { say } from './words.mjs';

const view = browser();

test('bad input is told beside its field, keeps what was typed, and leaves the last good chart', async () => {
  const page = await makeShot(view, 'Bad input');
  const chart = await chartPicture(page);
  for (const [label, text, says] of [
    [say('shots.sentence.move_label'), 'lots', /whole number/],
    ['Exposure in seconds', '-1', /above 0/],
    ['Interval in seconds', '', /Enter a number/],
    [say('shots.timing.in'), '90', /together they can be 100 %/],
    ['Settling', '1e99', /from 0 to 3,600/],
    [say('shots.sentence.start_hint'), 'soon', /such as 19:40/],
  ]) {
    const field = await reach(page, page.getByLabel(label, { exact: true }));
    const good = await field.inputValue();
    await type(page, label, text);
    const slot = page.locator(`#${await field.getAttribute('aria-describedby')}`);
    await slot.filter({ hasText: says }).waitFor();
    assert.equal(await field.getAttribute('aria-invalid'), 'true');
    assert.equal(await field.inputValue(), text);
    await page.getByText(say('shots.unsaved.title')).waitFor();
    if (await page.locator('#shot').getAttribute('data-view') === 'time') assert.ok(await chartPicture(page) === chart, `${label}: the last good chart stays`);
    const [fieldBox, slotBox] = [await field.boundingBox(), await slot.boundingBox()];
    assert.ok(Math.abs(slotBox.y - fieldBox.y - fieldBox.height) < 12, `${label}: the message stands right below`);
    await type(page, label, good);
    await slot.filter({ hasText: /^$/ }).waitFor({ state: 'attached' });
    assert.equal(await field.getAttribute('aria-invalid'), null);
    await page.getByText(say('shots.unsaved.title')).waitFor({ state: 'hidden' });
  }
});

test.oneIn(10, 'two wrong fields are both told, and mending one keeps the other', async () => {
  const page = await makeShot(view, 'Two wrong');
  await type(page, say('shots.sentence.move_label'), 'x');
  await type(page, 'Interval in seconds', 'y');
  await page.locator('#p-timing-photos').filter({ hasText: 'whole number' }).waitFor();
  await page.locator('#p-timing-interval_s').filter({ hasText: 'number' }).waitFor();
  await type(page, say('shots.sentence.move_label'), '300');
  await page.locator('#p-timing-photos').filter({ hasText: /^$/ }).waitFor({ state: 'attached' });
  assert.equal(await page.getByLabel('Interval in seconds').inputValue(), 'y');
  await type(page, 'Interval in seconds', '6');
  await page.locator('#figures').getByText('348', { exact: true }).waitFor();
});

test.oneIn(10, 'numbers are taken as people write them', async () => {
  const page = await makeShot(view, 'As written');
  await type(page, 'Interval in seconds', '1:30');
  await page.locator('#outcome').getByText('7 h 11 min').waitFor();
  await type(page, 'Exposure in seconds', '1/125');
  await page.locator('.legend').getByText('0.008 s').waitFor();
  await type(page, 'Pan at A', '−12,5');
  await go(page, 'time');
  await page.locator('.lane-name').getByText('−12.5 → 10°').waitFor();
});

test.oneIn(10, 'a keyframe beyond the travel is told by its field and mended in one press', async () => {
  const page = await makeShot(view, 'Too far');
  await type(page, 'Slide at B', '1300');
  await page.locator('#p-move-keyframes-1-slide').filter({ hasText: 'is 0 to 1200 mm' }).waitFor();
  await verdictIs(page, false);
  await page.getByRole('button', { name: 'Move the keyframes within the travel' }).click();
  await verdictIs(page, true);
  await valueBecomes(page, 'Slide at B', '1200');
});

test.oneIn(4, 'two windows on one shot: the second is told, nothing is overwritten', async () => {
  const first = await makeShot(view, 'Two windows');
  const second = await view.open(new URL(first.url()).pathname);
  await benchIsReady(second);
  await type(first, 'Interval in seconds', '7');
  await type(second, 'Interval in seconds', '9');
  await second.locator('#other-problems').getByText('changed in another window').waitFor();
  assert.equal(await second.getByLabel('Interval in seconds').inputValue(), '9');
  await first.reload();
  assert.equal(await first.getByLabel('Interval in seconds').inputValue(), '7');
});

test('when the server does not answer, the page says so, keeps what was typed and saves it once it does', async () => {
  const page = await makeShot(view, 'Lost server');
  await page.route(`${url}/shoots/*/shots/*`, (route) => route.abort());
  await page.getByLabel('Interval in seconds').fill('9');
  await page.keyboard.press('Tab');
  await page.getByRole('alert').filter({ hasText: 'Your change is kept here' }).waitFor();
  await page.getByLabel(say('shots.sentence.move_label')).fill('250');
  await page.keyboard.press('Tab');
  await page.getByRole('alert').filter({ hasText: '2 changes are kept' }).waitFor();
  assert.equal((await planOf(page)).timing.interval_s, 6);
  await page.unroute(`${url}/shoots/*/shots/*`);
  await page.locator('#trouble').waitFor({ state: 'hidden' });
  await page.locator('#figures').getByText('298', { exact: true }).waitFor();
  const { timing } = await planOf(page);
  assert.deepEqual([timing.interval_s, timing.photos], [9, 250]);
});

test('a form that fails in Evrent says so, and what was typed is still in it', async () => {
  const page = await view.open('/');
  const name = page.locator('form:has(button) input[name=name]').first();
  const form = page.locator('form:has(input[name=name])').first();
  for (const [status, key] of [[413, 'too_large'], [500, 'failed']]) {
    await page.route(`${url}/shoots`, (route) => (route.request().method() === 'POST' ? route.fulfill({ status, body: '' }) : route.continue()));
    await name.fill('Refused by the server');
    await form.getByRole('button').first().click();
    await page.locator('#trouble').getByText(say(`scripts.all.${key}`)).waitFor();
    assert.equal(await name.inputValue(), 'Refused by the server');
    await page.unroute(`${url}/shoots`);
  }
});

test('without script the page still takes changes and says what is wrong', async () => {
  const page = await makeShot(view, 'No script', { script: false });
  await page.getByLabel('Interval in seconds').fill('soon');
  await page.getByRole('button', { name: say('shots.show.calculate') }).click();
  await page.locator('#p-timing-interval_s').filter({ hasText: 'Enter a number' }).waitFor();
  assert.equal(await page.getByLabel('Interval in seconds').inputValue(), 'soon');
  await page.getByLabel('Interval in seconds').fill('1');
  await page.getByRole('button', { name: say('shots.show.calculate') }).click();
  await verdictIs(page, false);
});

test.oneIn(10, 'a move through three keyframes, creeping on, with one ramp total', async () => {
  const page = await makeShot(view, 'Through B');
  await type(page, 'Interval in seconds', '7');
  await go(page, 'frame');
  await page.getByRole('button', { name: say('shots.keyframes.add') }).click();
  await page.getByLabel('Share of the photos at B').waitFor();
  await type(page, 'Pan at B', '-30');
  await type(page, 'Share of the photos at B', '30');
  await go(page, 'time');
  await page.locator('.lane-name').getByText('−10 → 10°').waitFor();
  await type(page, say('shots.timing.both'), '60');
  await valueBecomes(page, say('shots.timing.in'), '30');
  assert.equal(await page.getByLabel(say('shots.timing.out')).inputValue(), '30');
  await go(page, 'frame');
  await page.getByLabel('B: stop or pass').selectOption('0');
  await go(page, 'time');
  await page.locator('#ramp').getByText('A to B').waitFor();
  await page.getByLabel('Movement', { exact: true }).selectOption('continuous');
  await openAllPhotos(page);
  await page.locator('#schedule').getByText('pan during exposure').waitFor();
  await go(page, 'time');
  await page.getByLabel(say('shots.sentence.interval_means')).selectOption('gap');
  await page.locator('#f-timing-interval_means option:checked', { hasText: say('shots.sentence.pause') }).waitFor({ state: 'attached' });
  await go(page, 'frame');
  await page.getByRole('button', { name: 'Remove B' }).click();
  await page.getByLabel('Share of the photos at B').waitFor({ state: 'detached' });
  await verdictIs(page, true);
});
