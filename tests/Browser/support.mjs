import assert from 'node:assert/strict';
import { existsSync, readFileSync } from 'node:fs';
import { createRequire } from 'node:module';
import { after } from 'node:test';
import { chromium } from 'playwright-core';
import { get, newShootAtSaltreach, newShot, post, url } from '../requests.mjs';
import { countRequests, currentTest, hasItsTurn, isLong, test } from '../Runner/tests.mjs';
import { say } from './words.mjs';

export { hasItsTurn, isLong, test, url };
const axe = readFileSync(createRequire(import.meta.url).resolve('axe-core/axe.min.js'), 'utf8');

// The same engine without the parts that only a window needs costs half the processor time; the long run uses the browser that people use.
const shell = '/usr/bin/chromium-headless-shell';
const executablePath = isLong || !existsSync(shell) ? '/usr/bin/chromium' : shell;
const flags = ['--no-sandbox', '--disable-gpu', '--disable-quic', '--no-first-run', '--disable-background-networking', '--disable-component-update', '--disable-sync', '--font-render-hinting=none'];

let running = null;

/** A browser context that is closed when its test ends, in the one browser of this process, which starts when it is first asked for. */
export async function newContext(options) {
  running ??= chromium.launch({ executablePath, args: flags });
  const context = await (await running).newContext(options);
  currentTest()?.contexts.push(context);
  countRequests(context);
  return context;
}
after(async () => { await (await running)?.close(); });

/**
 * `open` gives a page in a context of its own, which is watched for script errors and closed when its test ends.
 *
 * @returns {{open: (path: string, options?: {look?: string, width?: number, height?: number, script?: boolean, touch?: boolean}) => Promise<import('playwright-core').Page>}}
 */
export function browser() {
  return {
    async open(path, { look = 'day', width = 1280, height = 800, script = true, touch = false, keeps = false, locale = 'en-GB' } = {}) {
      const context = await newContext({ locale, viewport: { width, height }, javaScriptEnabled: script, hasTouch: touch, reducedMotion: 'reduce', serviceWorkers: keeps ? 'allow' : 'block' });
      await context.addCookies([{ name: 'evrent_look', value: look, url }]);
      const page = await context.newPage();
      page.setDefaultTimeout(12_000);
      await page.addInitScript(() => {
        window.answers = 0;
        window.addEventListener('shot-answered', (event) => { window.answers += event.detail.preview ? 0 : 1; }, true);
      });
      page.on('pageerror', (error) => assert.fail(`script error on ${path}: ${error.message}`));
      // What a test cuts off on purpose goes to paths of shots; anything else that fails is a defect.
      page.on('requestfailed', (request) => {
        const { errorText } = request.failure();
        assert.ok(!script || keeps || errorText === 'net::ERR_ABORTED' || request.url().includes('/shots/'), `${request.url()} fails: ${errorText}`);
      });
      page.on('request', (request) => assert.ok(request.url().startsWith(url) || request.url().startsWith('data:'), `asks the network for ${request.url()}`));
      await page.goto(url + path);
      return page;
    },
  };
}

/** Where a link with these words leads to, on the page at a path. */
export async function linkOn(path, words) {
  const links = (await (await get(path)).text()).matchAll(/<a href="([^"]+)">(?:<b>)?([^<]+)</g);
  const [, href] = [...links].find(([, , text]) => text === words) ?? assert.fail(`no link "${words}" on ${path}`);
  return new URL(href).pathname;
}

/** The demo's shoot, or one of its shots by title. */
export async function openDemo(view, title, options) {
  const shoot = await linkOn('/', 'Spring tide at Saltreach mill');
  const page = await view.open(title ? await linkOn(shoot, title) : shoot, options);
  await (title ? benchIsReady(page, options) : page.getByRole('heading', { name: 'New shot' }).waitFor());
  return page;
}

/** Starts the run, and answers whatever holds it: what can be set is set, the rest is used as it is. */
export async function startRun(page, reason = 'a test') {
  await page.getByRole('button', { name: 'Start run' }).click();
  await page.waitForURL(/takes\/\d+/);
  // One that a failed test leaves running would keep rig and camera from the tests after it.
  const take = new URL(page.url()).pathname;
  currentTest()?.closers.push(() => post(`${take}/orders`, { order: 'abort' }));
  await page.locator('#now').waitFor();
  const held = page.locator('.room-held');
  await page.locator('.room-held, #now:not([data-status=prepared])').first().waitFor({ timeout: 30_000 });
  for (let tries = 0; await held.count() > 0 && tries < 20; tries++) {
    const first = held.locator('li').first();
    const about = await first.getAttribute('id').catch(() => null);
    if (about === null) break;
    const set = first.locator('form:not(.as-is) button');
    if (await set.count() > 0) {
      await set.click();
    } else {
      await first.getByLabel('Use as is, because').fill(reason);
      await first.getByRole('button', { name: 'Use as is' }).click();
    }
    await page.locator(`#${about}`).waitFor({ state: 'detached', timeout: 30_000 });
  }
}

/** A new shot in a shoot of its own: tests do not meet in one. */
export async function makeShot(view, title, options) {
  const page = await view.open(await newShot(await newShootAtSaltreach(`For ${title}`), title), options);
  await benchIsReady(page, options);
  return page;
}

/** The chart is drawn and listens. */
export function benchIsReady(page, { script = true } = {}) {
  return page.locator(script ? '#shot[data-ready=yes]' : '#verdict').waitFor();
}

/** Resolves when the answer to whatever `act` changes is in and shown; what is only looked at does not count. */
export async function answered(page, act) {
  const before = await page.evaluate(() => window.answers);
  await act();
  await page.waitForFunction((count) => window.answers > count, before);
}

/** What the chart shows, to the pixel, once nothing is left to draw. */
export function chartPicture(page) {
  return page.evaluate(() => new Promise((resolve) => {
    requestAnimationFrame(() => requestAnimationFrame(() => resolve(document.querySelector('.plot-area canvas').toDataURL())));
  }));
}

export async function valueBecomes(page, label, text) {
  const field = page.getByLabel(label, { exact: true });
  // Looked up anew each time: an answer may put another in its place.
  for (const end = Date.now() + 12_000; ;) {
    const is = await field.inputValue();
    if (is === text) return;
    assert.ok(Date.now() < end, `${label} is ${is}, and not ${text}`);
    await page.evaluate(() => new Promise((resolve) => { requestAnimationFrame(resolve); }));
  }
}

/** Brings a view of the shot to the front, as a hand does. */
export function go(page, view) {
  return page.locator(`#tabs [data-to-view=${view}]`).click();
}

/** Goes to the view that has a field, and opens what it is folded into. */
export async function reach(page, locator) {
  const element = locator.first();
  const view = await element.evaluate((field) => (field.closest('.sentence-place') ? 'time' : field.closest('.view')?.id.replace('view-', '') ?? null));
  if (view && await page.locator('#shot').getAttribute('data-view') !== view) await go(page, view);
  for (let folded = element.locator('xpath=ancestor::details[not(@open)]'); await folded.count() > 0;) await folded.first().locator('xpath=summary').click();
  return element;
}

export async function openAllPhotos(page) {
  await go(page, 'review');
  await page.getByText(say('shots.view_review.table')).click();
  await page.locator('#schedule tbody tr').first().waitFor();
}

/** The shot's plan as its file has it. */
export async function planOf(page) {
  return (await page.request.get(`${url}${/^.*\/shots\/\d+/.exec(new URL(page.url()).pathname)[0]}/plan.json`)).json();
}

/** Types into a field and leaves it, as a person does; resolves when the answer is in. */
export async function type(page, label, text) {
  const field = page.getByLabel(label, { exact: true });
  await (await reach(page, field)).fill(text);
  await page.keyboard.press('Tab');
  // From the moment it is left until its answer is shown, the field's change is on its way.
  await page.locator('#saving[data-state=saved]').waitFor();
}

/**
 * Holds that no photo of a take that has ended is missing. On a busy machine some come late at two hundred times the world's speed, and are
 * taken all the same.
 */
export async function assertAllTaken(page, photos, spoilt = 0) {
  const says = await page.locator('.verdict .says span').textContent();
  const number = (pattern) => Number(pattern.exec(says)?.[1] ?? 0);
  assert.equal(number(/(\d+) bad/), spoilt, says);
  assert.equal(number(/(\d+) of/) + number(/(\d+) late/) + spoilt, photos, says);
}

export function verdictIs(page, works) {
  return page.locator(`#verdict[data-works=${works ? 'yes' : 'no'}]`).waitFor();
}

/** Presses Tab until the element has the focus. */
export async function tabTo(page, locator, most = 150) {
  for (let presses = 0; presses < most; presses++) {
    if (await locator.evaluate((element) => element === document.activeElement)) return;
    await page.keyboard.press('Tab');
  }
  assert.fail(`no way by Tab to ${locator}`);
}

const everyRule = ['wcag2a', 'wcag2aa', 'wcag21a', 'wcag21aa', 'wcag22aa', 'best-practice'];

/** By every rule, or by those that are named; all of the page, or the part that a selector names. */
export async function assertAccessible(page, where, rules = everyRule, part = 'html') {
  if (!await page.evaluate(() => 'axe' in globalThis)) await page.evaluate(axe);
  // What has scrolled under the verdict is not small for that.
  await page.evaluate(() => { window.scrollTo({ top: 0, behavior: 'instant' }); });
  const result = await page.evaluate(([selector, runOnly]) => globalThis.axe.run(selector, { resultTypes: ['violations'], runOnly }), [part, rules]);
  assert.deepEqual(
    result.violations.map(({ id, nodes }) => `${id}: ${nodes.map((node) => `${node.target} ${node.any[0]?.message ?? ''}`).join(' | ')}`),
    [],
    where,
  );
}
