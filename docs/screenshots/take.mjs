// Takes the pictures that the README shows, from the demo of a running Evrent, fresh from `bin/start --reset-demo`:
//   EVRENT_SPEED=60 bin/start --reset-demo, and then EVRENT_URL=http://127.0.0.1:8710 node docs/screenshots/take.mjs
import { dirname, join } from 'node:path';
import { fileURLToPath } from 'node:url';
import { chromium } from 'playwright-core';
import { say } from '../../tests/Browser/words.mjs';

const url = process.env.EVRENT_URL ?? 'http://127.0.0.1:8710';
const folder = dirname(fileURLToPath(import.meta.url));
const shots = { works: 'Flood tide at the mill race', short: 'Moonrise over the pump house', long: 'Salt rising on the evaporation pans', dusk: 'Dusk over the salt pans' };

const browser = await chromium.launch({ executablePath: '/usr/bin/chromium', args: ['--no-sandbox', '--disable-gpu', '--disable-background-networking'] });

async function take(name, { shot = null, look = 'day', width = 1280, height = 800, then = async () => {} }) {
  const context = await browser.newContext({ viewport: { width, height }, serviceWorkers: 'block' });
  await context.addCookies([{ name: 'evrent_look', value: look, url }]);
  const page = await context.newPage();
  await page.goto(url);
  await page.getByRole('link', { name: 'Spring tide at Saltreach mill' }).click();
  if (shot) await page.getByRole('link', { name: shot, exact: true }).click();
  await page.locator(shot ? '#shot[data-ready=yes]' : '.shots').waitFor();
  await then(page);
  await page.evaluate(() => document.fonts.ready);
  await page.waitForFunction(() => new Promise((resolve) => { requestAnimationFrame(() => requestAnimationFrame(() => resolve(true))); }));
  await page.screenshot({ path: join(folder, `${name}.png`) });
  await context.close();
}

/** The real rig, here the simulated one, is driven from the page, and looked through. */
async function inHand(page) {
  await page.keyboard.press('Alt+1');
  await page.locator('[data-rig=connect]').click();
  await page.locator('.rig[data-state=on]').waitFor();
  if (await page.locator('.rig').getAttribute('data-homed') !== 'yes') await page.locator('[data-rig=home]').click();
  await page.locator('.rig[data-homed=yes][data-moves=no]').waitFor({ timeout: 60_000 });
  await page.locator('[data-rig=photo]').click();
  await page.locator('.rig[data-moves=yes]').waitFor();
  await page.locator('.rig[data-moves=no]').waitFor({ timeout: 60_000 });
  await page.locator('[data-live=connect]').click();
  await page.locator('#live-state').getByText(/frames? per second/).waitFor();
  await page.locator('[data-live=histogram]').click();
  await page.locator('.live-histogram figcaption').getByText(/clipped/i).waitFor();
  await page.evaluate(() => scrollTo(0, 0));
}

/** What contradicts the plan is set, or used as it is. */
async function answerWhatHolds(page) {
  await page.locator('.room-held li').first().waitFor({ timeout: 30_000 });
  while (await page.locator('.room-held li').count() > 0) {
    const first = page.locator('.room-held li').first();
    const id = await first.getAttribute('id');
    const set = first.locator('form:not(.as-is) button');
    if (await set.count() > 0) await set.click();
    else await first.locator('form.as-is').evaluate((form) => { form.querySelector('input[name=why]').value = 'rehearsed at the desk'; form.querySelector('button').click(); });
    await page.locator(`#${id}`).waitFor({ state: 'detached' });
  }
}

const to = (view) => (page) => page.locator(`#tabs [data-to-view=${view}]`).click();

await take('first', { then: async (page) => { await page.goto(url); await page.locator('.next-shoot').waitFor(); } });
await take('shoot', { height: 1000 });
await take('time', { shot: shots.works });
await take('frame', { shot: shots.works, height: 1120, then: (page) => inHand(page) });
await take('light', {
  shot: shots.dusk,
  height: 1000,
  then: async (page) => {
    await to('light')(page);
    await page.getByText(say('shots.view_light.methods')).click();
    await page.locator('#schools .school').nth(3).waitFor();
  },
});
await take('pack', { shot: shots.dusk, then: to('pack') });
await take('run', { shot: shots.dusk, then: to('run') });
await take('review', { shot: shots.short, then: to('review') });
await take('night', { shot: shots.short, look: 'night' });
await take('phone', { shot: shots.short, width: 390, height: 844 });
for (const [name, link] of [['packing', 'Packing list'], ['sheet', 'Day sheet'], ['cards', say('cards.show.title')], ['kit', 'Kit']]) {
  await take(name, { height: 800, then: (page) => page.getByRole('link', { name: link, exact: true }).click() });
}
await take('room', {
  shot: shots.works,
  look: 'night',
  then: async (page) => {
    await to('run')(page);
    await page.getByRole('button', { name: 'Start run' }).click();
    await answerWhatHolds(page);
    await page.waitForFunction(() => Number(document.querySelector('.room-count b')?.textContent) > 90, null, { timeout: 120_000 });
  },
});
await take('photos', {
  shot: shots.works,
  then: async (page) => {
    const shot = page.url();
    await to('run')(page);
    await page.getByRole('link', { name: say('shots.shoot_it.room') }).click();
    await page.getByText('Complete.').first().waitFor({ timeout: 120_000 });
    await page.goto(`${shot.replace(/\/time$/, '')}/photos`);
    await page.locator('#card-take').selectOption({ index: 1 });
    await page.getByRole('button', { name: say('photos.index.read') }).click();
    await page.locator('.contact img').first().waitFor({ timeout: 60_000 });
    await page.evaluate(() => { document.querySelector('#sheet-title').scrollIntoView(); location.hash = '#photo-120'; });
    await page.waitForFunction(() => Array.from({ length: 13 }, (_, n) => 114 + n).every((number) => {
      const photo = document.querySelector(`[data-number="${number}"] img`);
      return photo?.complete && photo.naturalWidth > 0;
    }));
  },
});
await take('clip', {
  shot: shots.works,
  look: 'dusk',
  then: async (page) => {
    await page.goto(`${page.url().replace(/\/time$/, '')}/clip`);
    await page.locator('#new-span summary').click();
    for (const [id, text] of [['from', '97'], ['to', '168'], ['factor', '2'], ['ramp', '18']]) await page.locator(`#new-${id}`).fill(text);
    await page.getByRole('button', { name: 'Add', exact: true }).click();
    await page.locator('.strip-span').waitFor();
    await page.locator('#clip-moves').selectOption('yes');
    await page.locator('[data-crop=end]').waitFor();
    await page.locator('#clip-end_width').fill('60');
    await page.keyboard.press('Tab');
    await page.waitForFunction(() => Array.from(document.querySelectorAll('.clip img')).every((image) => image.complete && image.naturalWidth > 0));
    await page.locator('#clip-title').evaluate((title) => title.scrollIntoView());
  },
});
await take('history', {
  shot: shots.short,
  then: async (page) => {
    await to('review')(page);
    await page.locator('#finding-T1 .remedy button').first().click();
    await page.locator('#verdict').getByText(/works\./).waitFor();
    await page.getByRole('link', { name: 'History and compare' }).click();
    await page.getByRole('heading', { name: say('shots.history.changes') }).waitFor();
  },
});
await take('presets', {
  then: async (page) => {
    await page.getByRole('link', { name: 'Presets' }).click();
    await page.getByRole('heading', { name: 'Recipes' }).waitFor();
  },
});
await browser.close();
