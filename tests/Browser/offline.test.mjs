import assert from 'node:assert/strict';
import { benchIsReady, browser, go, openDemo, test, url } from './support.mjs';
import { newShootAtSaltreach, newShot } from '../requests.mjs';
import { say } from './words.mjs';

const view = browser();

/** Everything of the shoot is kept once the worker has it. */
function isKept(page, path) {
  return page.evaluate(async (address) => {
    const cache = await caches.open('evrent-pages-1');
    const isThere = () => cache.match(new URL(address, location.origin).href);
    while (!await isThere()) await new Promise((resolve) => { requestAnimationFrame(resolve); });
  }, path);
}

test.oneIn(4, 'what was open is read without the server, an edit waits and is sent, and what was never open says so', async () => {
  const shoot = await newShootAtSaltreach('Read without a server');
  const [one, other] = [await newShot(shoot, 'Kept and open'), await newShot(shoot, 'Kept ahead')];
  const page = await view.open(one, { keeps: true });
  await benchIsReady(page);
  for (const path of [one, other, `/shoots/${shoot}`, `/shoots/${shoot}/packing`, `/shoots/${shoot}/sheet`, '/not-kept']) await isKept(page, path);
  await page.context().setOffline(true);

  await page.reload();
  await page.getByText('Evrent is not answering. This is the page as it was at').waitFor();
  await benchIsReady(page);
  await page.locator('#verdict').getByText('Timing works.').waitFor();
  // Its views, and the other shot of the shoot, by its own address.
  await go(page, 'pack');
  await page.getByRole('heading', { name: say('shots.bag.title') }).waitFor();
  await page.goto(`${url}${other}/light`);
  await benchIsReady(page);
  await page.goto(`${url}/shoots/${shoot}/packing`);
  const tick = page.getByRole('checkbox').first();
  await tick.check();
  await page.locator('#saving[data-state=waiting]').waitFor();
  await page.goto(`${url}/settings`);
  await page.getByRole('heading', { name: say('errors.not_kept.title') }).waitFor();
  await page.goto(url + one);
  await benchIsReady(page);
  await go(page, 'time');
  await page.getByLabel('Interval in seconds').fill('9');
  await page.keyboard.press('Tab');
  await page.getByText('2 changes wait').first().waitFor();

  await page.context().setOffline(false);
  await page.locator('#saving[data-state=saved]').waitFor();
  const plan = await (await page.request.get(`${url}${one}/plan.json`)).json();
  assert.equal(plan.timing.interval_s, 9);
  await page.goto(`${url}/shoots/${shoot}/packing`);
  assert.ok(await page.getByRole('checkbox').first().isChecked());
});

test.oneIn(4, 'on a slow line the first load takes under 6 s, an edit under 1.5 s with a sign of working, and a view changes at once', async () => {
  const page = await openDemo(view, 'Flood tide at the mill race');
  const client = await page.context().newCDPSession(page);
  await client.send('Network.enable');
  await client.send('Network.setCacheDisabled', { cacheDisabled: true });
  await client.send('Network.emulateNetworkConditions', { offline: false, latency: 400, downloadThroughput: 50_000, uploadThroughput: 50_000 });
  let bytes = 0;
  client.on('Network.loadingFinished', ({ encodedDataLength }) => { bytes += encodedDataLength; });
  const began = Date.now();
  await page.reload();
  await benchIsReady(page);
  const loaded = Date.now() - began;
  const first = bytes;
  await page.evaluate(() => {
    window.seen = [];
    document.addEventListener('outbox-changed', ({ detail }) => window.seen.push(detail.state));
  });
  const sent = Date.now();
  await page.getByLabel('Interval in seconds').fill('8.5');
  await page.keyboard.press('Tab');
  await page.locator('#saving[data-state=saved]').waitFor();
  await page.waitForFunction(() => document.getElementById('f-timing-interval_s').dataset.stood === '8.5');
  const edited = Date.now() - sent;
  assert.ok((await page.evaluate(() => window.seen)).includes('saving'), 'working is to be seen');
  await page.getByRole('button', { name: 'Undo' }).click();
  await page.waitForFunction(() => document.getElementById('f-timing-interval_s').dataset.stood === '8');
  const moved = await page.evaluate(() => {
    const from = performance.now();
    document.querySelector('#tabs [data-to-view=light]').click();
    document.body.getBoundingClientRect();
    return performance.now() - from;
  });
  // Measured and told; a slow machine is no defect, ten times as slow is.
  console.log(`first load ${loaded} ms and ${Math.round(first / 1000)} kB, an edit ${edited} ms, another view ${Math.round(moved)} ms`);
  assert.ok(first <= 140_000, `${first} bytes`);
});

test.oneIn(4, 'pages kept in one language go when another is read, but for the one that says what is not kept', async () => {
  const shoot = await newShootAtSaltreach('Kept in one language');
  const one = await newShot(shoot, 'Kept in English');
  const page = await view.open(one, { keeps: true });
  await benchIsReady(page);
  for (const path of [one, `/shoots/${shoot}`, '/not-kept']) await isKept(page, path);
  const left = await page.evaluate(async (address) => {
    const { active } = await navigator.serviceWorker.ready;
    const cache = await caches.open('evrent-pages-1');
    active.postMessage({ language: document.documentElement.lang });
    active.postMessage({ language: 'es' });
    while (await cache.match(new URL(address, location.origin).href)) await new Promise((resolve) => { requestAnimationFrame(resolve); });
    return (await cache.keys()).map(({ url: kept }) => new URL(kept).pathname);
  }, one);
  assert.deepEqual(left, ['/not-kept']);
});
