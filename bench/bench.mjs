// The bench in a real browser: how soon a change is worked out and drawn, how smooth a drag is, how much is loaded at first.
//   node bench/bench.mjs http://127.0.0.1:8710
import { chromium } from 'playwright-core';

const url = process.argv[2] ?? 'http://127.0.0.1:8710';
const browser = await chromium.launch({ executablePath: '/usr/bin/chromium', args: ['--no-sandbox', '--disable-gpu', '--disable-background-networking', '--disable-component-update', '--disable-sync'] });

const print = (what, figures) => console.log(`${what.padEnd(66)} ${figures}`);
const figures = (milliseconds) => {
  const sorted = [...milliseconds].sort((a, b) => a - b);
  const at = (share) => sorted[Math.min(sorted.length - 1, Math.ceil(sorted.length * share) - 1)].toFixed(1).padStart(7);
  return `median ${at(0.5)} ms   95 % under ${at(0.95)} ms   most ${at(1)} ms`;
};

async function makeShot(page, photos) {
  await page.goto(url);
  await page.getByRole('link', { name: 'Spring tide at Saltreach mill' }).click();
  await page.locator('#f-title').fill(`Bench of ${photos}`);
  await page.getByRole('button', { name: 'Create shot' }).click();
  await page.locator('#shot[data-ready=yes]').waitFor();
  await change(page, '#f-held-photos', String(photos));
  await page.locator('#f-timing-interval_s').focus();
}

/** Milliseconds from leaving the field until the chart shows what follows, and those of them that the server took. */
function change(page, selector, text) {
  return page.evaluate(([field, value]) => new Promise((resolve) => {
    const element = document.querySelector(field);
    element.value = value;
    const began = performance.now();
    performance.clearResourceTimings();
    document.body.addEventListener('shot-answered', () => requestAnimationFrame(() => {
      const asked = performance.getEntriesByType('resource').find((entry) => /\/shots\/\d+/.test(entry.name));
      resolve({ all: performance.now() - began, server: asked ? asked.responseEnd - asked.requestStart : NaN });
    }), { once: true });
    element.dispatchEvent(new Event('change', { bubbles: true }));
  }), [selector, text]);
}

const context = await browser.newContext({ viewport: { width: 1280, height: 800 }, serviceWorkers: 'block' });
const page = await context.newPage();
const client = await context.newCDPSession(page);

// First load, nothing cached.
await makeShot(page, 288);
await client.send('Network.enable');
await client.send('Network.clearBrowserCache');
let bytes = 0;
client.on('Network.loadingFinished', ({ encodedDataLength }) => { bytes += encodedDataLength; });
await page.reload();
await page.locator('#shot[data-ready=yes]').waitFor();
await page.evaluate(() => document.fonts.ready);
print('the shot page, first load over the wire', `${(bytes / 1000).toFixed(0)} kB`);

const moves = await page.evaluate(async () => {
  const times = [];
  for (let round = 0; round < 10; round++) {
    for (const name of ['frame', 'time', 'light', 'pack', 'run', 'review']) {
      const began = performance.now();
      document.querySelector(`#tabs [data-to-view=${name}]`).click();
      await new Promise((resolve) => { requestAnimationFrame(() => requestAnimationFrame(resolve)); });
      times.push(performance.now() - began);
    }
  }
  document.querySelector('#tabs [data-to-view=time]').click();
  return times;
});
print('from one view to another, drawn', figures(moves));

const emptyRoute = await page.evaluate(async () => {
  const times = [];
  for (let i = 0; i < 81; i++) {
    performance.clearResourceTimings();
    const began = performance.now();
    await (await fetch('/up')).text();
    const [asked] = performance.getEntriesByType('resource').filter((entry) => entry.name.endsWith('/up'));
    times.push({ all: performance.now() - began, server: asked ? asked.responseEnd - asked.requestStart : NaN });
    await new Promise((resolve) => { setTimeout(resolve, 150); });
  }
  return times.slice(1);
});
print('an empty route, asked by the page', figures(emptyRoute.map(({ all }) => all)));
print('   of that, the server’s answer', figures(emptyRoute.map(({ server }) => server)));

for (const photos of [1_000, 5_000]) {
  await makeShot(page, photos);
  const times = [];
  for (let i = 0; i < 81; i++) {
    times.push(await change(page, '#f-timing-interval_s', i % 2 === 0 ? '7' : '8'));
    // A hand takes longer than this from one change to the next: what was drawn is on the screen by then.
    await page.waitForTimeout(150);
  }
  print(`${photos.toLocaleString('en')} photos: a changed interval saved, judged and drawn`, figures(times.slice(1).map(({ all }) => all)));
  print('   of that, the server’s answer', figures(times.slice(1).map(({ server }) => server)));
}

// A drag over the whole run of 5,000 photos, with what becomes of the shot asked and drawn all the while.
await makeShot(page, 5_000);
await page.locator('#tabs [data-to-view=frame]').click();
await page.getByRole('button', { name: /^Add keyframe/ }).click();
await page.locator('#keyframe-2').waitFor();
await page.locator('#tabs [data-to-view=time]').click();
const grip = page.locator('.grip[data-peg="1"][data-axis-id=pan]');
await grip.scrollIntoViewIfNeeded();
const box = await grip.boundingBox();
await page.mouse.move(box.x + 13, box.y + 13);
await page.mouse.down();
await page.mouse.move(box.x + 20, box.y + 13, { steps: 3 });
await page.evaluate(() => {
  window.frames_ = [];
  window.answers_ = 0;
  document.body.addEventListener('shot-answered', () => { window.answers_ += 1; });
  let last = performance.now();
  const frame = (now) => {
    window.frames_.push(now - last);
    last = now;
    if (window.frames_) requestAnimationFrame(frame);
  };
  requestAnimationFrame(frame);
});
for (let i = 0; i < 180; i++) await page.mouse.move(box.x + 13 + 200 * Math.sin(i / 20), box.y + 13 + 20 * Math.cos(i / 9));
const [dragged, answers] = await page.evaluate(() => [window.frames_.slice(2), window.answers_]);
if (answers === 0) throw new Error('Nothing was asked during the drag: the grip was not taken hold of.');
print('5,000 photos: frames while a keyframe is dragged', figures(dragged));
print('5,000 photos: frames over 32 ms while a keyframe is dragged', `${dragged.filter((time) => time > 32).length} of ${dragged.length}, with ${answers} answers`);
await page.mouse.up();
await browser.close();
