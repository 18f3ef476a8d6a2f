import assert from 'node:assert/strict';
import { readFile } from 'node:fs/promises';
import { answered, benchIsReady, browser, chartPicture, go, openDemo, planOf, reach, test, type, valueBecomes, verdictIs } from './support.mjs';
import { newShootAtSaltreach, newShot } from '../requests.mjs';
import { say } from './words.mjs';

const view = browser();
const start = say('shots.sentence.start_hint');

/** A shoot of its own, so that its day is its own too. */
async function makeShoot(name, place = { Latitude: '51.85', Longitude: '1.9', 'Time zone': 'Europe/London' }) {
  const page = await view.open('/');
  await page.getByLabel('Name').fill(name);
  await page.getByLabel('Place').fill('Saltreach pans');
  await page.getByLabel('Date').fill('2027-03-24');
  await page.getByRole('button', { name: 'Create shoot' }).click();
  await page.getByRole('heading', { name: say('shoots.place.title') }).waitFor();
  for (const [label, text] of Object.entries(place)) await page.getByLabel(label, { exact: true }).fill(text);
  await page.getByRole('button', { name: 'Save place' }).click();
  await page.locator('#notice:not([hidden]), #place [aria-invalid=true]').first().waitFor();
  return page;
}

async function makeShotHere(page, title) {
  await page.getByLabel('Title').last().fill(title);
  await page.getByRole('button', { name: 'Create shot' }).click();
  await benchIsReady(page);
}

/** The card of a shot, by its title alone: others may name it too. */
function cardOf(page, title) {
  return page.locator('.shot-card', { has: page.getByRole('link', { name: title, exact: true }) });
}

async function backToTheShoot(page, name) {
  await page.getByRole('link', { name, exact: true }).click();
  await page.locator('[x-data=dayLine][data-ready=yes]').waitFor();
}

async function pick(page, piece, count = '1') {
  await go(page, 'pack');
  await page.getByLabel(say('shots.bag.pick'), { exact: true }).selectOption({ label: piece });
  await page.getByLabel(say('shots.bag.many'), { exact: true }).fill(count);
  await answered(page, () => page.getByRole('button', { name: 'Pick', exact: true }).click());
}

async function startAt(page, text) {
  await type(page, start, text);
  await page.getByLabel(start).and(page.locator(':not([aria-invalid])')).waitFor();
}

test.oneIn(4, 'a whole dusk shot is planned, from an empty shoot to a packed list', async () => {
  const page = await makeShoot('Dusk from nothing');
  await page.locator('.day-line .told').waitFor();
  assert.match(await page.locator('.day-line .told').textContent(), /Sunset\s*18:12/);
  await page.getByLabel(say('shoots.show.when'), { exact: true }).fill('21:30');
  await page.getByLabel(say('shoots.show.what'), { exact: true }).fill('sluice gate is locked');
  await page.getByRole('button', { name: 'Add event' }).click();
  await page.locator('.own-event').getByText('21:30 sluice gate is locked').waitFor();

  await makeShotHere(page, 'Dusk over the pans');
  await startAt(page, '20 min before sunset');
  await page.locator('#until').getByText(/18:[12]\d/).waitFor();
  await go(page, 'frame');
  await answered(page, () => page.getByRole('button', { name: say('shots.optics.add') }).click());
  await go(page, 'light');
  await answered(page, () => page.getByRole('button', { name: say('shots.light.add') }).click());
  await verdictIs(page, false);
  await page.locator('.is-beside:visible').getByText('Photos will be overexposed').first().waitFor();
  await type(page, 'Aperture, f/', '5.6');
  await type(page, say('shots.light.longest'), '3');

  // The ways stand side by side; the ramp is accepted with one press, into the plan's own exposures.
  await page.getByText(say('shots.view_light.methods')).click();
  await page.locator('#schools .school').nth(3).waitFor();
  assert.deepEqual(await page.locator('#schools h3').allTextContents(), ['Fixed, as the first photo', 'Aperture priority', 'Shutter priority', say('shot.method.third_stops'), say('shot.method.stepless')]);
  assert.match(await page.locator('#schools .school').first().textContent(), /off by more than 1 stop/);
  await answered(page, () => page.locator('#by-stepless').click());
  await verdictIs(page, true);
  const plan = await planOf(page);
  assert.ok(Array.isArray(plan.timing.exposure_s) && plan.timing.exposure_s.length > 3);
  assert.ok(plan.timing.exposure_s.at(-1).exposure_s > 4 * plan.timing.exposure_s[0].exposure_s, 'exposures grow as the light falls');

  for (const [piece, count] of [['Full-frame body, 24 MP', '1'], ['Wide 20 mm', '1'], ['Rail of 900 mm with pan and tilt', '1'], ['Heavy tripod', '1'], ['Card of 64 GB', '1'], ['Battery of 16 Wh', '2']]) {
    await pick(page, piece, count);
    await page.locator('.picked').getByText(piece).waitFor();
  }
  assert.match(await page.locator('#budgets').textContent(), /Cards\s*288 of/);
  await page.locator('#budgets svg path.line').first().waitFor({ state: 'attached' });

  await backToTheShoot(page, 'Dusk from nothing');
  await page.getByText('no conflicts').waitFor();
  await page.getByRole('link', { name: 'Packing list' }).click();
  const battery = page.getByRole('row', { name: /Battery of 16 Wh/ });
  assert.match(await battery.textContent(), /2.*Battery of 16 Wh.*the shots take [\d.]+ Wh/s);
  const kept = page.waitForResponse((response) => response.url().endsWith('/packing') && response.request().method() !== 'GET');
  await battery.getByRole('checkbox').check();
  assert.equal((await kept).status(), 204);
  await page.reload();
  assert.ok(await battery.getByRole('checkbox').isChecked());
  assert.ok(!await page.getByRole('row', { name: /Heavy tripod/ }).getByRole('checkbox').isChecked());

  await page.getByRole('link', { name: 'Dusk from nothing' }).click();
  const download = page.waitForEvent('download');
  await page.getByRole('link', { name: 'Calendar' }).click();
  assert.match(await readFile(await (await download).path(), 'utf8'), /SUMMARY:Dusk over the pans[\s\S]*DTSTART:20270324T172\d/);
});

test.oneIn(10, 'shots without a start stand beside the day, and are dragged in or put there by a key', async () => {
  const shoot = await newShootAtSaltreach('Two for the day');
  await newShot(shoot, 'Ebb');
  await newShot(shoot, 'Flood');
  const page = await view.open(`/shoots/${shoot}`);
  await page.locator('[x-data=dayLine][data-ready=yes]').waitFor();
  const ebb = page.locator('.stay-loose', { hasText: 'Ebb' });
  await ebb.scrollIntoViewIfNeeded();
  const [from, plot] = [await ebb.boundingBox(), await page.locator('.sky-plot').boundingBox()];
  // Let go beside the day, nothing happens.
  const drag = async (x, y) => {
    await page.mouse.move(from.x + 5, from.y + 5);
    await page.mouse.down();
    await page.mouse.move(x, y, { steps: 6 });
  };
  await drag(plot.x + plot.width / 2, plot.y + plot.height + 200);
  assert.equal(await page.locator('.drag-figures').textContent(), 'not on the day');
  await page.mouse.up();
  assert.equal(await page.locator('.stay-loose').count(), 2);
  await drag(plot.x + plot.width * 0.75, plot.y + 40);
  assert.equal(await page.locator('.drag-figures').textContent(), 'starts 18:00');
  await page.mouse.up();
  await page.locator('.stay', { hasText: 'Ebb' }).waitFor({ state: 'attached' });
  assert.equal(await cardOf(page, 'Ebb').getByLabel('Start').inputValue(), '18:00');
  await page.locator('.stay-loose').focus();
  await page.keyboard.press('Enter');
  await page.locator('.stay', { hasText: 'Flood' }).waitFor({ state: 'attached' });
  assert.equal(await cardOf(page, 'Flood').getByLabel('Start').inputValue(), '12:00');
  assert.equal(await page.locator('.beside-day').count(), 0);
});

test.oneIn(10, 'a shot is moved along the day by keys and by dragging, and a clash is told', async () => {
  const page = await view.open(`/shoots/${await newShootAtSaltreach('A day to move on')}`);
  for (const [title, when] of [['Flood', '20 min before sunset'], ['Ebb', '10:00']]) {
    await makeShotHere(page, title);
    await startAt(page, when);
    await backToTheShoot(page, 'A day to move on');
  }
  const bar = page.locator('.stay', { hasText: 'Flood' });
  const field = cardOf(page, 'Flood').getByLabel('Start');
  assert.equal(await field.inputValue(), '20 min before sunset');
  const shown = await field.elementHandle();
  await bar.focus();
  await page.keyboard.press('ArrowLeft');
  await page.waitForFunction((element) => element.isConnected === false, shown);
  assert.equal(await field.inputValue(), '25 min before sunset');
  await page.keyboard.press('Shift+ArrowRight');
  await cardOf(page, 'Flood').locator('input[name=start][value="24 min before sunset"]').waitFor();

  await cardOf(page, 'Ebb').locator('input[name=start][value="10:00"]').waitFor();
  const [ebb, flood] = [await page.locator('.stay', { hasText: 'Ebb' }).locator('.stay-run').boundingBox(), await bar.locator('.stay-run').boundingBox()];
  await page.mouse.move(ebb.x + ebb.width / 2, ebb.y + 10);
  await page.mouse.down();
  await page.mouse.move(flood.x + flood.width / 2, ebb.y + 10, { steps: 6 });
  assert.match(await page.locator('.drag-figures').textContent(), /^7 h \d+ min later$/);
  await page.mouse.up();
  await page.locator('.clash').getByText(/both need the rig for/).waitFor();
  assert.equal(await page.locator('.stay[data-clash=yes]').count(), 2);
  const moved = await cardOf(page, 'Ebb').getByLabel('Start').inputValue();
  assert.match(moved, /^17:\d\d$/);

  // A start that cannot be read is told by the shot, and stays as typed.
  await cardOf(page, 'Ebb').getByLabel('Start').fill('later');
  await page.keyboard.press('Tab');
  await cardOf(page, 'Ebb').getByText(/such as 19:40/).waitFor();
  assert.equal(await cardOf(page, 'Ebb').getByLabel('Start').inputValue(), 'later');
  // Nobody answers: that is said, and the move waits until somebody does.
  const stood = await bar.locator('.stay-run').boundingBox();
  await page.route('**/shots/*/stay', (route) => route.abort('connectionrefused'));
  await page.mouse.move(stood.x + stood.width / 2, stood.y + 10);
  await page.mouse.down();
  await page.mouse.move(stood.x - 80, stood.y + 10, { steps: 4 });
  await page.mouse.up();
  await page.getByText('Your change is kept here').waitFor();
  await page.unroute('**/shots/*/stay');
  await page.locator('#trouble').waitFor({ state: 'hidden' });
  await page.waitForFunction(([element, x]) => !element.isConnected || element.getBoundingClientRect().x < x - 20, [await bar.locator('.stay-run').elementHandle(), stood.x]);
  const flooded = cardOf(page, 'Flood').locator('input[name=start]');
  assert.match(await flooded.getAttribute('value'), /^\d h \d+ min before sunset$|^\d+ min before sunset$/);
  const before = await flooded.getAttribute('value');

  // What was refused stays typed also when another shot is moved meanwhile.
  await bar.focus();
  await page.keyboard.press('ArrowRight');
  await page.waitForFunction(([card, value]) => document.querySelector(card).value !== value, [`#${await flooded.getAttribute('id')}`, before]);
  assert.equal(await cardOf(page, 'Ebb').getByLabel('Start').inputValue(), 'later');
  await cardOf(page, 'Ebb').getByText(/such as 19:40/).waitFor();
  // Moved itself, the refused text is done with.
  await page.locator('.stay', { hasText: 'Ebb' }).focus();
  await page.keyboard.press('ArrowLeft');
  await cardOf(page, 'Ebb').locator('input[name=start]:not([aria-invalid])').waitFor();
  assert.match(await cardOf(page, 'Ebb').getByLabel('Start').inputValue(), /^1[67]:\d\d$/);
});

test.oneIn(10, 'a place is found by its name without the network, and fills its fields with its zone', async () => {
  const page = await view.open('/');
  await page.locator('.new-shoot').getByLabel('Name').fill('Found by name');
  await page.getByRole('button', { name: 'Create shoot' }).click();
  await page.getByLabel('Find a place by name').pressSequentially('reykjav');
  await page.getByRole('button', { name: /Reykjavík/ }).waitFor();
  // Enter takes the first, and saves nothing yet.
  await page.keyboard.press('Enter');
  assert.equal(await page.getByLabel('Time zone').inputValue(), 'Atlantic/Reykjavik');
  await page.getByLabel('Date').fill('2027-03-23');
  await page.getByRole('button', { name: 'Save place' }).click();
  await page.getByText(say('app.place.used')).waitFor();
  await page.getByText('Atlantic/Reykjavik').first().waitFor();
});

test.oneIn(10, 'a clash is ended with one press, and the time on site is pinned', async () => {
  const page = await view.open(`/shoots/${await newShootAtSaltreach('A day that clashes')}`);
  for (const [title, when] of [['Flood', '17:00'], ['Ebb', '17:10']]) {
    await makeShotHere(page, title);
    await startAt(page, when);
    await backToTheShoot(page, 'A day that clashes');
  }
  await page.locator('.clash').getByText(/both need the rig for/).waitFor();
  await page.getByRole('button', { name: /^Move “(Flood|Ebb)” / }).first().click();
  await page.getByText('no conflicts').waitFor();
  const card = cardOf(page, 'Ebb');
  await card.getByLabel('On site').fill('2 h');
  await page.keyboard.press('Tab');
  // 30 min to set up and 15 to pack leave 75 min of shooting.
  await card.locator('.shot-figures').getByText(/1 h 1[45] min/).waitFor();
  await page.getByRole('button', { name: 'moon', exact: true }).click();
  await page.locator('.tide-chart .height[data-track=moon]').waitFor();
});

test.oneIn(4, 'a bad place, a bad file and a card of nothing are told by their fields, and nothing typed is lost', async () => {
  const page = await makeShoot('A bad place', { Latitude: '95', Longitude: '1.9', 'Time zone': 'Europe/Saltreach' });
  await page.getByLabel('tide or water').check();
  for (const [label, text, says] of [['Latitude', '95', /-90 to 90/], ['Time zone', 'Europe/Saltreach', /such as Europe/]]) {
    const field = page.getByLabel(label, { exact: true });
    assert.equal(await field.inputValue(), text);
    assert.equal(await field.getAttribute('aria-invalid'), 'true');
    assert.match((await page.locator(`#${await field.getAttribute('aria-describedby')}`).textContent()).replace(/−/g, '-'), says);
  }
  assert.equal(await page.getByLabel('Longitude').inputValue(), '1.9');
  const give = async (content) => {
    await page.getByLabel(say('shoots.place.or_file')).setInputFiles({ name: 'place.gpx', mimeType: 'application/gpx+xml', buffer: Buffer.from(content) });
    await page.getByRole('button', { name: 'Read file' }).click();
  };
  await give('this is no xml');
  await page.locator('#p-place-file').filter({ hasText: /\S/ }).waitFor();
  assert.ok(await page.getByLabel('tide or water').isChecked());
  await give('<gpx version="1.1"><wpt lat="51.9" lon="1.8"><ele>3</ele><name>Mill hard</name></wpt></gpx>');
  await page.getByText('Read from the file. Check it, then save the place.').waitFor();
  assert.equal(await page.getByLabel('Latitude').inputValue(), '51.9');
  assert.equal(await page.getByLabel('Place', { exact: true }).inputValue(), 'Mill hard');
  assert.ok(await page.getByLabel('tide or water').isChecked());

  await page.getByRole('link', { name: 'Kit', exact: true }).click();
  const cards = page.locator('#card');
  await cards.getByText('Add card').click();
  const fresh = cards.locator('.kit-item[open]');
  await fresh.getByLabel('Name').fill('Card of nothing');
  await fresh.getByLabel('Usable space').fill('0');
  await fresh.getByRole('button', { name: 'Add to kit' }).click();
  await fresh.getByText(/from 0\.001 to/).waitFor();
  assert.equal(await fresh.getByLabel('Name').inputValue(), 'Card of nothing');
});

/** How many points of a canvas have one of the look's colours. */
function pointsOf(page, selector, colour) {
  return page.evaluate(([path, name]) => new Promise((resolve) => {
    requestAnimationFrame(() => requestAnimationFrame(() => {
      const canvas = document.querySelector(path);
      const one = new OffscreenCanvas(1, 1).getContext('2d');
      one.fillStyle = getComputedStyle(document.documentElement).getPropertyValue(name);
      one.fillRect(0, 0, 1, 1);
      const [r, g, b] = one.getImageData(0, 0, 1, 1).data;
      const { data } = canvas.getContext('2d').getImageData(0, 0, canvas.width, canvas.height);
      let count = 0;
      for (let i = 0; i < data.length; i += 4) count += data[i] === r && data[i + 1] === g && data[i + 2] === b ? 1 : 0;
      resolve(count);
    }));
  }), [selector, colour]);
}

test.oneIn(10, 'the sky is in finder and chart, the sun is tracked, and its cautions come with it', async () => {
  const page = await openDemo(view, 'Dusk over the salt pans');
  await go(page, 'review');
  await page.getByRole('button', { name: 'Duplicate' }).click();
  await page.getByText('(copy)').first().waitFor();
  await benchIsReady(page);
  await (await reach(page, page.getByLabel(say('shots.sky.compass')))).fill('88.5');
  await page.getByLabel('variation, east +').fill('1.5');
  await answered(page, () => page.getByRole('button', { name: 'Set compass' }).click());
  await page.getByText('Now pan 0 points to 90° true.').waitFor();
  await valueBecomes(page, say('shots.faces.faces'), '90');
  await go(page, 'time');
  await page.locator('#scrub').focus();
  await page.keyboard.press('Home');
  assert.equal(await pointsOf(page, '.finder canvas', '--sky-sun'), 0, 'the camera looks east');
  const eastward = await chartPicture(page);
  await type(page, say('shots.faces.faces'), '270');
  await go(page, 'time');
  assert.ok(await chartPicture(page) !== eastward, 'its line is in the chart, and nothing else there hangs on the bearing');
  await (await reach(page, page.getByLabel(say('shots.sky.keep')))).selectOption('sun');
  await answered(page, () => page.getByRole('button', { name: 'Track' }).click());
  assert.ok(await pointsOf(page, '.finder canvas', '--sky-sun') > 4, 'the sun is in the finder');
  const plan = await planOf(page);
  assert.ok(plan.move.keyframes.every(({ tilt }, k, all) => k === 0 || tilt < all[k - 1].tilt), 'the camera sinks with the sun');
  await page.locator('#finding-S1').waitFor({ state: 'attached' });
  assert.match(await page.locator('#finding-S1').textContent(), /eye|sensor/i);
  await page.getByRole('button', { name: 'Undo' }).click();
  await (await reach(page, page.getByLabel('Aim', { exact: true }))).selectOption('0');
  await page.locator('#aim-target').selectOption('moon');
  await page.getByLabel(say('shots.sky.as_at')).fill('the sun rises to 80°');
  await page.getByRole('button', { name: 'Aim', exact: true }).click();
  await page.locator('#p-edit-at').filter({ hasText: say('editing.aim_at_target.never') }).waitFor();
});

test.oneIn(10, 'a test shoot takes verdicts as they are given, and its best becomes a recipe', async () => {
  const page = await view.open(`/shoots/${await newShootAtSaltreach('To be tried')}`);
  await page.getByRole('link', { name: say('trials.index.title') }).click();
  await page.getByLabel(say('trials.index.subject')).fill('Foam at the sluice');
  await page.getByLabel('Intervals in s').fill('1 3');
  await page.getByLabel('Shutter times in s').fill('1/30 0.5 2');
  await page.getByRole('button', { name: say('trials.index.create') }).click();
  await page.getByText('does not fit the interval').waitFor();
  assert.equal(await page.getByText('does not fit the interval').count(), 1);
  await page.getByLabel('Rating of 3 s and 0.5 s').selectOption('good');
  await page.getByRole('button', { name: 'Save 3 s and 0.5 s as recipe' }).waitFor();
  await page.getByLabel('Reason for 3 s and 2 s').fill('milk');
  await page.getByLabel('Rating of 3 s and 2 s').selectOption('best');
  await page.getByRole('button', { name: 'Save 3 s and 2 s as recipe' }).waitFor();
  await page.reload();
  assert.equal(await page.getByLabel('Reason for 3 s and 2 s').inputValue(), 'milk');
  await page.getByRole('button', { name: 'Save 3 s and 2 s as recipe' }).click();
  await page.getByText('“Foam at the sluice” saved as a recipe.').waitFor();
});

test.oneIn(10, 'kit goes out as a table and comes back changed, and a shot that picked it keeps its numbers', async () => {
  const page = await view.open(`/shoots/${await newShootAtSaltreach('Kit that changes')}`);
  await makeShotHere(page, 'Keeps its card');
  await pick(page, 'Card of 128 GB');
  assert.deepEqual((await planOf(page)).storage.cards_gb, [120]);
  const shot = page.url();

  await page.getByRole('link', { name: 'Kit', exact: true }).click();
  const download = page.waitForEvent('download');
  await page.getByRole('link', { name: 'As CSV' }).click();
  const rows = (await readFile(await (await download).path(), 'utf8')).trim().split('\n');
  const name = rows.findIndex((row) => row.includes('Card of 128 GB'));
  const changed = rows.map((row, n) => (n === name ? row.replace(/\b120\b/, '110') : row)).join('\n');
  const give = async (text) => {
    await page.getByLabel(say('kit.index.file')).setInputFiles({ name: 'kit.csv', mimeType: 'text/csv', buffer: Buffer.from(text) });
    await page.getByRole('button', { name: say('kit.index.read') }).click();
  };
  await give('not a kit');
  await page.locator('#p-kit-file').filter({ hasText: /\S/ }).waitFor();
  await give(changed);
  await page.getByText(/items? added to the kit/).waitFor();
  const card = page.locator('#card .kit-item', { hasText: 'Card of 128 GB' });
  assert.match(await card.locator('summary').textContent(), /110 GB/);
  await card.locator('summary').click();
  await card.getByLabel('Usable space').fill('120');
  await card.getByRole('button', { name: 'Save' }).click();
  await page.getByText('“Card of 128 GB” is in the kit.').waitFor();

  await page.goto(shot);
  await benchIsReady(page);
  assert.deepEqual((await planOf(page)).storage.cards_gb, [120]);
  await answered(page, () => page.getByRole('button', { name: 'Remove Card of 128 GB' }).click());
  await page.getByText(say('shots.bag.none')).waitFor();
});

test.oneIn(10, 'without script a day is moved, a list is ticked and a verdict is kept', async () => {
  const page = await view.open(`/shoots/${await newShootAtSaltreach('No script here')}`);
  await makeShotHere(page, 'By forms alone');
  await pick(page, 'Heavy tripod');
  await page.getByRole('link', { name: 'No script here' }).click();
  const plain = await view.open(new URL(page.url()).pathname, { script: false });
  const card = plain.locator('.shot-card', { hasText: 'By forms alone' });
  await card.getByLabel('Start').fill('10 min after sunset');
  await card.getByLabel('Set up').fill('45');
  await card.getByRole('button', { name: 'Save times' }).click();
  assert.match(await card.locator('.shot-figures').textContent(), /From\s*18:22/);
  assert.equal(await card.getByLabel('Set up').inputValue(), '45');
  await card.getByLabel('Start').fill('whenever');
  await card.getByRole('button', { name: 'Save times' }).click();
  await card.getByText(/such as 19:40/).waitFor();
  assert.equal(await card.getByLabel('Start').inputValue(), 'whenever');

  await plain.getByRole('link', { name: 'Packing list' }).click();
  await plain.getByLabel('Heavy tripod packed').check();
  const shown = plain.waitForResponse((response) => response.url().endsWith('/packing') && response.request().method() === 'GET');
  await plain.getByRole('button', { name: say('shoots.packing.save') }).click();
  await (await shown).finished();
  await plain.waitForLoadState();
  assert.ok(await plain.getByLabel('Heavy tripod packed').isChecked());

  await plain.getByRole('link', { name: 'No script here' }).click();
  await plain.getByRole('link', { name: say('trials.index.title') }).click();
  await plain.getByLabel(say('trials.index.subject')).fill('Gulls on the wall');
  await plain.getByLabel('Intervals in s').fill('2');
  await plain.getByLabel('Shutter times in s').fill('1/125');
  await plain.getByRole('button', { name: say('trials.index.create') }).click();
  await plain.getByLabel('Rating of 2 s and 1/125 s').selectOption('fair');
  await plain.getByRole('button', { name: say('trials.index.save') }).click();
  await plain.getByRole('button', { name: 'Save 2 s and 1/125 s as recipe' }).waitFor();
});

test.oneIn(10, 'on a phone the day, the kit and the lists are used with a thumb', async () => {
  const page = await openDemo(view, null, { width: 390, height: 844, touch: true });
  const shoot = page.url();
  await page.getByRole('link', { name: 'Packing list' }).tap();
  const kept = page.waitForResponse((response) => response.url().endsWith('/packing') && response.request().method() !== 'GET');
  const lamp = page.getByLabel('red lamp and a spare packed');
  const before = await lamp.isChecked();
  await page.getByText('red lamp and a spare', { exact: true }).tap();
  await kept;
  assert.equal(await lamp.isChecked(), !before);
  for (const path of ['/packing', '/sheet', '/trials']) {
    await page.goto(shoot + path);
    assert.ok(await page.evaluate(() => document.documentElement.scrollWidth <= innerWidth), `${path} scrolls sideways`);
  }
  await page.goto(shoot);
  const names = await page.locator('.stay-name').evaluateAll((all) => all.map((one) => {
    const { left, right } = one.getBoundingClientRect();
    return left >= 0 && right <= innerWidth;
  }));
  assert.deepEqual(names, names.map(() => true), 'no shot’s name is cut off');
});
