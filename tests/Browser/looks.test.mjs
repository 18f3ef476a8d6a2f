import assert from 'node:assert/strict';
import { test } from 'node:test';
import { assertAccessible, browser, go, linkOn, openDemo, type, verdictIs } from './support.mjs';

const view = browser();

/** What belongs to scouting and packing, by path and title. */
const pages = [
  ['SHOOT', 'Spring tide at Saltreach mill'], ['SHOOT/packing', 'Packing list'], ['SHOOT/sheet', 'Spring tide at Saltreach mill'],
  ['SHOOT/trials', 'Test shoots'], ['SHOOT/cards', 'Cards of Spring tide at Saltreach mill'], ['CLIP', 'Clip of Flood tide at the mill race'], ['/kit', 'Kit'],
  ['/settings', 'Settings'],
];
const addressOf = async (page, path, shoot) => new URL(
  path.replace('SHOOT', shoot).replace('CLIP', `${await linkOn(shoot, 'Flood tide at the mill race')}/clip`),
  page.url(),
).href;

/** One visit is enough for all looks: they differ in nothing but colours, so that the others are held to what is said of colours alone. */
async function assertAccessibleInAllLooks(page, where) {
  for (const look of ['day', 'dusk', 'night']) {
    await page.locator('html').evaluate((html, name) => { html.dataset.look = name; }, look);
    await assertAccessible(page, `${where}, in the ${look} look`, look === 'day' ? undefined : ['color-contrast', 'link-in-text-block']);
  }
  await page.locator('html').evaluate((html) => { html.dataset.look = 'day'; });
}

test('every page is accessible in every look', async () => {
  const page = await openDemo(view);
  await page.locator('.rename summary').first().click();
  await assertAccessibleInAllLooks(page, 'the shoot');
  const shoot = new URL(page.url()).pathname;

  await page.getByRole('link', { name: 'Moonrise over the pump house' }).click();
  await verdictIs(page, false);
  for (const name of ['frame', 'time', 'light', 'pack', 'run', 'review']) {
    await go(page, name);
    for (const folded of await page.locator(`#view-${name} details:not([open]) > summary`).all()) if (await folded.isVisible()) await folded.click();
    await assertAccessibleInAllLooks(page, `a shot that falls short, ${name}`);
  }
  await type(page, 'Photos on the way', 'x');
  await page.locator('#p-timing-photos').filter({ hasText: 'whole number' }).waitFor();
  await assertAccessibleInAllLooks(page, 'a shot with a message');
  await go(page, 'review');
  await page.getByRole('link', { name: 'History and compare' }).click();
  await page.getByRole('heading', { name: 'Side by side' }).waitFor();
  await assertAccessibleInAllLooks(page, 'two revisions side by side');
  await page.getByRole('link', { name: 'Presets' }).click();
  await page.getByRole('heading', { name: 'Recipes' }).waitFor();
  await assertAccessibleInAllLooks(page, 'the presets');

  for (const [path, heading] of pages) {
    await page.goto(await addressOf(page, path, shoot));
    await page.getByRole('heading', { name: heading, level: 1 }).waitFor();
    for (const summary of await page.locator('#rig .kit-item:first-of-type summary, .place:not([open]) summary').all()) await summary.click();
    await assertAccessibleInAllLooks(page, path);
  }
  await page.goto(new URL(shoot, page.url()).href);
  await page.getByRole('link', { name: 'Dusk over the salt pans' }).click();
  await go(page, 'light');
  await page.getByText('Ways to follow the light, side by side').click();
  await page.locator('#schools .school').nth(3).waitFor();
  await assertAccessibleInAllLooks(page, 'a shot in falling light');

  await page.goto(new URL(shoot, page.url()).href);
  await page.getByRole('link', { name: 'Salt rising on the evaporation pans' }).click();
  await verdictIs(page, true);
  await assertAccessibleInAllLooks(page, 'a long shot that works');
  await go(page, 'run');
  await page.getByRole('button', { name: 'Dry-run it' }).click();
  await page.getByText('Chance added').waitFor();
  await assertAccessibleInAllLooks(page, 'a dry run');

  await page.goto(new URL('/', page.url()).href);
  await assertAccessibleInAllLooks(page, 'the shoots');
  await page.goto(new URL('/shots/999999', page.url()).href);
  await assertAccessibleInAllLooks(page, 'what is not there');
});

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
  for (const text of ['This shot falls short.', 'Keyframes', 'Findings', 'What it takes along', 'Before it starts']) assert.ok(await page.getByText(text).first().isVisible(), text);
  for (const name of ['Undo', 'Dry-run it', 'Swap direction']) assert.ok(!await page.getByRole('button', { name }).isVisible(), name);
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

test('no pixel of the night look is anything but red or black, canvases and the browser’s own marks included', async () => {
  const page = await openDemo(view, 'Moonrise over the pump house', { look: 'night' });
  const strangest = async () => {
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
  };
  // Letters' edges are blended; this is darker than anyone sees.
  const assertRed = async (where) => {
    const worst = await strangest();
    assert.ok(worst.excess < 12, `${where}: ${JSON.stringify(worst)}`);
  };
  await assertRed('a shot');
  await page.keyboard.press('1');
  await assertRed('one interval');
  await page.keyboard.press('j');
  await page.locator('#jog').scrollIntoViewIfNeeded();
  await assertRed('the rig by hand');
  for (const name of ['light', 'pack', 'run', 'review']) {
    await go(page, name);
    await assertRed(name);
  }
  await go(page, 'review');
  await page.getByRole('link', { name: 'History and compare' }).click();
  await page.getByRole('heading', { name: 'Side by side' }).waitFor();
  await page.getByRole('heading', { name: 'Every change' }).scrollIntoViewIfNeeded();
  await assertRed('history');
  await page.getByRole('link', { name: 'Presets' }).click();
  await page.getByRole('heading', { name: 'Recipes' }).waitFor();
  await assertRed('presets');
  await page.goto(new URL('/', page.url()).href);
  await page.getByRole('link', { name: 'Spring tide at Saltreach mill' }).click();
  const shoot = new URL(page.url()).pathname;
  for (const [path, heading] of pages) {
    await page.goto(await addressOf(page, path, shoot));
    await page.getByRole('heading', { name: heading, level: 1 }).waitFor();
    for (const box of await page.getByRole('checkbox').all()) await box.check();
    await assertRed(path);
    await page.evaluate(() => scrollTo(0, 700));
    await assertRed(`${path}, further down`);
  }
  for (const path of ['/', '/settings', '/not-kept', '/shots/999999']) {
    await page.goto(new URL(path, page.url()).href);
    await assertRed(path);
  }
  await page.goto(new URL(shoot, page.url()).href);
  await page.getByRole('link', { name: 'Dusk over the salt pans' }).click();
  await go(page, 'light');
  await page.getByText('Ways to follow the light, side by side').click();
  await page.locator('#schools .school').nth(3).scrollIntoViewIfNeeded();
  await assertRed('the ways to follow the light');
  await go(page, 'pack');
  await page.locator('#budgets').scrollIntoViewIfNeeded();
  await assertRed('budgets');
});

/** Small marks on the chart and in the sentence answer to a wider touch than is drawn. */
const tooSmallToHit = (page) => page.$$eval('button, a.button, .looks button, .tabs a, input[type=checkbox]', (controls) => controls
  .filter((control) => {
    const { content, height } = getComputedStyle(control, '::before');
    const reach = Math.max(control.getBoundingClientRect().height, content === 'none' ? 0 : parseFloat(height));
    return control.offsetParent && reach < 44;
  })
  .map((control) => control.textContent.trim()));

test('nothing is cut off at any width, and every control can be hit', async () => {
  const assertFits = async (page, where, { isTouched = false } = {}) => {
    for (const [width, height] of [[320, 640], [360, 740], [640, 400], [768, 1024], [1280, 800]]) {
      await page.setViewportSize({ width, height });
      assert.ok(await page.evaluate(() => document.documentElement.scrollWidth <= innerWidth), `${where} scrolls sideways at ${width} pixels`);
      if (isTouched) assert.deepEqual(await tooSmallToHit(page), [], `${where} at ${width} pixels`);
    }
  };
  for (const title of ['Flood tide at the mill race', 'Moonrise over the pump house']) {
    const page = await openDemo(view, title, { width: 360, height: 740 });
    for (const name of ['frame', 'time', 'light', 'pack', 'run', 'review']) {
      await go(page, name);
      await assertFits(page, `${title}, ${name}`, { isTouched: true });
    }
  }
  const page = await openDemo(view, null, { width: 360, height: 740 });
  await assertFits(page, 'the shoot', { isTouched: true });
  const shoot = new URL(page.url()).pathname;
  for (const [path] of pages) {
    await page.goto(await addressOf(page, path, shoot));
    await page.getByRole('heading', { level: 1 }).waitFor();
    await assertFits(page, path);
  }
});
