/**
 * What the scripts of the pages show, in the pseudo-language, which has each text of the catalogue in brackets: mid-take, in error and without a
 * server too. What a page brings with it is held by tests/Feature/PseudoLanguageTest.php.
 */
import assert from 'node:assert/strict';
import { newShoot, newShot, post } from '../requests.mjs';
import { benchIsReady, browser, go, test, url } from './support.mjs';
import { say } from './words.mjs';

const view = browser();
const options = { locale: 'en-XA' };

/** What people have named, units, and what devices, keys and formats are called. */
const names = /\b(Saltreach( pans)?|Evrent|English|Español|Europe\/London|Simulated (rig|body)|sim|EVR_\d+|JPG|RAW|CR2|ISO|EV|mm|cm|min|fps|px|kg|lux|ppm|mag|GB|MB|Wh|UTC|GMT|Alt|Shift|Ctrl|Home|End|Del|USB-C|JPEG|SW|H\.264|ProRes|mov|mp4|DNG|\d+ \w+ ago)\b/g;

/** Words on the page outside the brackets, attributes that are read aloud included; of names of the kit nothing. */
async function foreign(page, kit) {
  const shown = await page.evaluate(() => {
    const texts = [];
    const walker = document.createTreeWalker(document.body, NodeFilter.SHOW_TEXT);
    while (walker.nextNode()) if (!walker.currentNode.parentElement.closest('script, style, template')) texts.push(walker.currentNode.data);
    const attributes = ['title', 'aria-label', 'alt', 'placeholder', 'aria-description', 'aria-valuetext'];
    for (const element of document.querySelectorAll('body *')) for (const name of attributes) if (element.hasAttribute(name)) texts.push(element.getAttribute(name));
    return texts.join('\n');
  });
  let text = shown;
  const put = [];
  for (let before = null; before !== text;) {
    before = text;
    // What was put into a text and was no message is marked: it is read like what stands outside.
    text = text.replace(/⟪([^⟪⟫⟦⟧]*)⟫/g, (_, what) => { put.push(what); return ''; }).replace(/⟦[^⟦⟧⟪⟫]*⟧/g, '');
  }
  text = [text, ...put].join('\n');
  for (const name of kit) text = text.replaceAll(name, '');
  return [...new Set(text.split('\n').map((line) => line.trim()).filter((line) => /\p{L}{2,}/u.test(line.replace(names, ''))))];
}

/** What kit and presets are called: people's own words. */
async function namesOfTheKit(page) {
  const found = [];
  for (const path of ['/kit', '/presets']) {
    await page.goto(url + path);
    found.push(...await page.locator('input[name=name]').evaluateAll((fields) => fields.map((field) => field.value)));
  }
  return found.filter((name) => name.length > 2).sort((one, other) => other.length - one.length);
}

test('what scripts show is of the catalogue: chart, finder, jog, a refused field, without a server and mid-take', async () => {
  const path = await newShot(await newShoot('1'), '2');
  const page = await view.open('/', options);
  const kit = await namesOfTheKit(page);
  await page.goto(url + path);
  await benchIsReady(page);
  const holds = async (where) => assert.deepEqual(await foreign(page, kit), [], where);
  for (const stage of ['frame', 'time', 'light', 'pack', 'run', 'review']) {
    await go(page, stage);
    await holds(stage);
  }
  await go(page, 'time');
  const interval = page.locator('[name="plan[timing][interval_s]"]').first();
  await interval.fill('soon');
  await page.keyboard.press('Tab');
  await page.locator('.problem:not(:empty)').filter({ visible: true }).first().waitFor();
  await holds('a refused field');
  await page.context().setOffline(true);
  await interval.fill('9');
  await page.keyboard.press('Tab');
  await page.locator('#saving[data-state=waiting]').waitFor();
  await holds('without a server');
  await page.context().setOffline(false);
  await page.locator('#saving[data-state=saved]').waitFor();
  await go(page, 'run');
  await page.locator('#take-speed').selectOption('200');
  await page.getByRole('button', { name: 'Start run' }).click();
  await page.waitForURL(/takes\/\d+/);
  await page.locator('#now').waitFor();
  await holds('mid-take');
  // It would keep rig and camera from the tests after it.
  await post(`${new URL(page.url()).pathname}/orders`, { order: 'abort' });
  await page.locator('.verdict[data-works]').waitFor();
  await holds('aborted');
});

test('pages that the web server shows by itself are in the language of the browser, or else in the one that was chosen', async () => {
  const shown = async (headers) => {
    const answer = await fetch(`${url}/build/assets/none.css`, { headers });
    assert.equal(answer.status, 404);
    return answer.text();
  };
  for (const [language, headers] of [['en', {}], ['es', { 'accept-language': 'es-MX,es;q=0.9' }], ['en', { 'accept-language': 'es', cookie: 'evrent_language=en' }]]) {
    const text = await shown(headers);
    for (const part of [`<html lang="${language}">`, ...['bad_title', 'bad_text', 'to_shoots'].map((key) => say(`launch.${key}`, {}, language))]) {
      assert.ok(text.includes(part), part);
    }
  }
  const manifest = await (await fetch(`${url}/manifest.webmanifest`, { headers: { 'accept-language': 'es' } })).json();
  assert.equal(manifest.description, say('app.manifest.description', {}, 'es'));
});
