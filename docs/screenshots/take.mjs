// Takes the pictures that the README shows, from the demo of a running Evrent:
//   EVRENT_URL=http://127.0.0.1:8710 node docs/screenshots/take.mjs
import { dirname, join } from 'node:path';
import { fileURLToPath } from 'node:url';
import { chromium } from 'playwright-core';

const url = process.env.EVRENT_URL ?? 'http://127.0.0.1:8710';
const folder = dirname(fileURLToPath(import.meta.url));
const shots = { works: 'Flood tide at the mill race', short: 'Moonrise over the pump house', long: 'Salt rising on the evaporation pans' };

const browser = await chromium.launch({ executablePath: '/usr/bin/chromium', args: ['--no-sandbox', '--disable-gpu', '--disable-background-networking'] });

async function take(name, { shot = null, look = 'day', width = 1280, height = 800, then = async () => {} }) {
  const context = await browser.newContext({ viewport: { width, height } });
  await context.addCookies([{ name: 'evrent_look', value: look, url }]);
  const page = await context.newPage();
  await page.goto(url);
  await page.getByRole('link', { name: 'Spring tide at Saltreach mill' }).click();
  if (shot) await page.getByRole('link', { name: shot, exact: true }).click();
  await page.locator(shot ? '.readout' : '.shots').waitFor();
  await then(page);
  await page.evaluate(() => document.fonts.ready);
  await page.screenshot({ path: join(folder, `${name}.png`) });
  await context.close();
}

await take('shoot', {});
await take('shot', { shot: shots.works });
await take('shot-falls-short', { shot: shots.short });
await take('shot-dusk', { shot: shots.long, look: 'dusk' });
await take('shot-night', { shot: shots.short, look: 'night' });
await take('shot-phone', { shot: shots.short, width: 390, height: 844 });
await take('dry-run', {
  shot: shots.works,
  then: async (page) => {
    await page.getByRole('button', { name: 'Dry-run it' }).click();
    await page.getByText('The latest was photo').waitFor();
  },
});
await browser.close();
