import assert from 'node:assert/strict';
import { assertAccessible, browser, go, hasItsTurn, isLong, linkOn, openDemo, test, type, verdictIs } from './support.mjs';
import { say } from './words.mjs';

const view = browser();

/** What belongs to scouting and packing, by path and title. */
const pages = [
  ['SHOOT', 'Spring tide at Saltreach mill'], ['SHOOT/packing', 'Packing list'], ['SHOOT/sheet', 'Spring tide at Saltreach mill'],
  ['SHOOT/trials', say('trials.index.title')], ['SHOOT/cards', 'Field sheets for Spring tide at Saltreach mill'], ['CLIP', 'Clip of Flood tide at the mill race'], ['/kit', 'Kit'],
  ['/settings', 'Settings'],
];
const addressOf = async (page, path, shoot) => new URL(
  path.replace('SHOOT', shoot).replace('CLIP', `${await linkOn(shoot, 'Flood tide at the mill race')}/clip`),
  page.url(),
).href;

test('the look changes at once, and the next page is in it from its first byte', async () => {
  const page = await openDemo(view);
  await page.getByRole('button', { name: 'Night' }).click();
  assert.equal(await page.evaluate(() => getComputedStyle(document.documentElement).backgroundColor), 'rgb(0, 0, 0)');
  const html = await (await page.reload()).text();
  assert.match(html, /data-look="night"/);
  assert.match(html, /<meta name="color-scheme" content="dark">/);
});

test('a page comes in the look that was chosen', async () => {
  for (const look of ['day', 'dusk', 'night']) {
    const page = await openDemo(view, null, { look });
    assert.equal(await page.locator('html').getAttribute('data-look'), look);
  }
});

test('paper is read by day, whatever the screen was in', async () => {
  const page = await openDemo(view, null, { look: 'night' });
  for (const link of ['Packing list', 'Day sheet']) {
    const shoot = page.url();
    await page.getByRole('link', { name: link }).click();
    await page.getByRole('button', { name: 'Print' }).waitFor();
    await page.emulateMedia({ media: 'print' });
    const colours = await page.evaluate(() => [document.documentElement, document.querySelector('h1')].map((element) => getComputedStyle(element)).map(({ backgroundColor, color }) => [backgroundColor, color]));
    assert.equal(colours[0][0], 'rgb(255, 255, 255)');
    assert.equal(colours[1][1], 'rgb(0, 0, 0)');
    assert.ok(!await page.getByRole('button', { name: 'Print' }).isVisible(), 'what paper cannot do is not on it');
    await page.emulateMedia({ media: 'screen' });
    await page.goto(shoot);
  }
});

test('a shot on paper says what works and how it is set, with nothing to press', async () => {
  const page = await openDemo(view, 'Moonrise over the pump house', { look: 'night' });
  await page.emulateMedia({ media: 'print' });
  for (const text of ['This shot will fail.', 'Keyframes', 'Findings', say('shots.bag.title'), say('shots.before_start.title')]) assert.notEqual(await page.getByText(text).filter({ visible: true }).count(), 0, text);
  for (const name of ['Undo', say('shots.rehearsal.run'), say('shots.keyframes.swap')]) assert.ok(!await page.getByRole('button', { name }).isVisible(), name);
  assert.equal(await page.evaluate(() => getComputedStyle(document.documentElement).backgroundColor), 'rgb(255, 255, 255)');
});

test('the night look shows nothing but red and black', async () => {
  const page = await openDemo(view, 'Moonrise over the pump house', { look: 'night' });
  const wrong = await page.evaluate(() => {
    const bad = [];
    for (const element of document.querySelectorAll('body *')) {
      const style = getComputedStyle(element);
      for (const name of ['color', 'backgroundColor', 'borderTopColor', 'borderLeftColor', 'fill', 'stroke', 'outlineColor']) {
        const [r, g, b, a = 1] = (style[name].match(/[\d.]+/g) ?? []).map(Number);
        if (!style[name].startsWith('rgb') || a === 0) continue;
        if (g > r * 0.55 || b > r * 0.55) bad.push(`${element.className || element.tagName} ${name} ${style[name]}`);
      }
    }
    return [...new Set(bad)].filter((line) => !/rgb\(0, 0, 0\)/.test(line));
  });
  assert.deepEqual(wrong, []);
});

const lookIs = async (page, look) => {
  const button = page.getByRole('button', { name: new RegExp(`^${look}$`, 'i') });
  if (await button.count() > 0) await button.first().click();
  await page.locator('html').evaluate((html, name) => { html.dataset.look = name; }, look);
};

/** The least red of all pixels on the screen, and how much of another colour it has. */
async function leastRed(page) {
  const picture = (await page.screenshot()).toString('base64');
  return page.evaluate(async (base64) => {
    const image = new Image();
    image.src = `data:image/png;base64,${base64}`;
    await image.decode();
    const canvas = Object.assign(document.createElement('canvas'), { width: image.width, height: image.height });
    const context = canvas.getContext('2d');
    context.drawImage(image, 0, 0);
    const { data } = context.getImageData(0, 0, image.width, image.height);
    let worst = { excess: 0 };
    for (let i = 0; i < data.length; i += 4) {
      const excess = Math.max(data[i + 1], data[i + 2]) - data[i] * 0.55;
      if (excess > worst.excess) worst = { excess, x: (i / 4) % image.width, y: Math.floor(i / 4 / image.width), colour: [...data.slice(i, i + 3)] };
    }
    return worst;
  }, picture);
}

async function assertRed(page, where) {
  const worst = await leastRed(page);
  // Letters' edges are blended; this is darker than anyone sees.
  assert.ok(worst.excess < 12, `${where}: ${JSON.stringify(worst)}`);
}

/** Small marks on the chart and in the sentence answer to a wider touch than is drawn. */
const tooSmallToHit = (page) => page.$$eval('button, a.button, .looks button, .tabs a, input[type=checkbox]', (controls) => controls
  .filter((control) => {
    const { content, height } = getComputedStyle(control, '::before');
    const reach = Math.max(control.getBoundingClientRect().height, content === 'none' ? 0 : parseFloat(height));
    return control.offsetParent && reach < 44;
  })
  .map((control) => control.textContent.trim()));

/** From the narrowest phone to a desk; those between them in bin/test long. */
const screens = [[320, 640], ...isLong ? [[360, 740], [640, 400]] : [], [768, 1024], [1280, 800]];

async function assertFits(page, where, isTouched) {
  for (const [width, height] of screens) {
    await page.setViewportSize({ width, height });
    // What is drawn to fit follows in the next frames.
    await page.waitForFunction(() => document.documentElement.scrollWidth <= innerWidth).catch(() => assert.fail(`${where} scrolls sideways at ${width} pixels`));
    if (isTouched) assert.deepEqual(await tooSmallToHit(page), [], `${where} at ${width} pixels`);
  }
}

let looked = Number(process.env.EVRENT_TEST_SEED ?? 0);

/**
 * All that is held of a page, or of one view of it, on one visit: nothing is cut off at any width, every control can be hit, it is accessible by
 * every rule by day and by those for colours in the other looks, which differ in nothing else, and at night every pixel is red. bin/test looks
 * for accessibility in one look of each page, by its seed, and bin/test long in all three.
 */
async function assertLooksRight(page, where, { isTouched = false, part = 'html', further = null } = {}) {
  await assertFits(page, where, isTouched);
  looked += 1;
  const isTurnOf = (turn) => isLong || looked % 3 === turn;
  const contrast = (look) => assertAccessible(page, `${where}, in the ${look} look`, ['color-contrast', 'link-in-text-block'], part);
  if (isTurnOf(0)) await assertAccessible(page, `${where}, in the day look`, undefined, part);
  if (isTurnOf(1)) {
    await lookIs(page, 'dusk');
    await contrast('dusk');
  }
  await lookIs(page, 'night');
  await assertRed(page, where);
  if (further && isLong) {
    await further();
    await assertRed(page, `${where}, further down`);
  }
  if (isTurnOf(2)) await contrast('night');
  await lookIs(page, 'day');
}

test('the pages of a shot are whole at any width, accessible in every look, and red at night', async () => {
  const page = await openDemo(view, 'Moonrise over the pump house');
  await verdictIs(page, false);
  for (const name of ['frame', 'time', 'light', 'pack', 'run', 'review'].filter((_, n) => hasItsTurn(n, 2))) {
    await go(page, name);
    if (isLong) await assertFits(page, `a shot that falls short, ${name}, as it opens`, true);
    for (const folded of await page.locator(`#view-${name} details:not([open]) > summary`).all()) if (await folded.isVisible()) await folded.click();
    // What stands around the views is looked at with the first of them.
    await assertLooksRight(page, `a shot that falls short, ${name}`, {
      part: name === 'frame' ? 'html' : `#view-${name}`, isTouched: !isLong, further: () => page.evaluate(() => scrollTo(0, 700)),
    });
  }
  await go(page, 'time');
  await page.keyboard.press('1');
  await lookIs(page, 'night');
  await assertRed(page, 'one interval');
  await page.keyboard.press('j');
  await page.locator('#jog').scrollIntoViewIfNeeded();
  await assertRed(page, 'the rig by hand');
  await page.keyboard.press('Escape');
  await type(page, say('shots.sentence.move_label'), 'x');
  await page.locator('#p-timing-photos').filter({ hasText: 'whole number' }).waitFor();
  await assertLooksRight(page, 'a shot with a message');
  await go(page, 'review');
  await page.getByRole('link', { name: 'History and compare' }).click();
  await page.getByRole('heading', { name: say('shots.history.compare') }).waitFor();
  await assertLooksRight(page, 'two revisions side by side', { further: () => page.getByRole('heading', { name: say('shots.history.changes') }).scrollIntoViewIfNeeded() });
  await page.getByRole('link', { name: 'Presets' }).click();
  await page.getByRole('heading', { name: 'Recipes' }).waitFor();
  await assertLooksRight(page, 'the presets');
});

test('a shot that works, one in falling light and a dry run are too', async () => {
  const page = await openDemo(view, 'Dusk over the salt pans');
  await go(page, 'light');
  await page.getByText(say('shots.view_light.methods')).click();
  await page.locator('#schools .school').nth(3).scrollIntoViewIfNeeded();
  await assertLooksRight(page, 'a shot in falling light', { part: '#view-light' });
  await go(page, 'pack');
  await page.locator('#budgets').scrollIntoViewIfNeeded();
  await lookIs(page, 'night');
  await assertRed(page, 'budgets');

  const shoot = await linkOn('/', 'Spring tide at Saltreach mill');
  await page.goto(new URL(await linkOn(shoot, 'Flood tide at the mill race'), page.url()).href);
  await verdictIs(page, true);
  for (const name of ['frame', 'time', 'light', 'pack', 'run', 'review'].filter((_, n) => hasItsTurn(n, 6))) {
    await go(page, name);
    await assertFits(page, `a shot that works, ${name}`, true);
  }

  await page.goto(new URL(await linkOn(shoot, 'Salt rising on the evaporation pans'), page.url()).href);
  await verdictIs(page, true);
  await assertLooksRight(page, 'a long shot that works');
  await go(page, 'run');
  await page.getByRole('button', { name: say('shots.rehearsal.run') }).click();
  await page.getByText('Variation added').waitFor();
  await assertLooksRight(page, 'a dry run');
});

test('the shoot, its lists, and every other page are too', async () => {
  const page = await openDemo(view);
  const shoot = new URL(page.url()).pathname;
  await assertFits(page, 'the shoot, as it opens', true);
  await page.locator('.rename summary').first().click();
  await assertLooksRight(page, 'the shoot');
  for (const [path, heading] of pages.filter((_, n) => hasItsTurn(n, 2))) {
    await page.goto(await addressOf(page, path, shoot));
    await page.getByRole('heading', { name: heading, level: 1 }).waitFor();
    for (const summary of await page.locator('#rig .kit-item:first-of-type summary, .place:not([open]) summary').all()) await summary.click();
    for (const box of await page.getByRole('checkbox').all()) if (await box.isVisible()) await box.check();
    await assertLooksRight(page, path, { further: () => page.evaluate(() => scrollTo(0, 700)) });
  }
  for (const path of ['/', '/not-kept', '/shots/999999']) {
    await page.goto(new URL(path, page.url()).href);
    await assertLooksRight(page, path);
  }
});
