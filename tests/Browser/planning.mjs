import { benchIsReady, reach, type } from './support.mjs';
import { say } from './words.mjs';

// Planning a shot by what stands on the page, as people do.
export const field = (page, label) => page.getByLabel(label, { exact: true });
export const saved = (page) => page.locator('#saving[data-state=saved]').waitFor();
export const startField = say('shots.sentence.start_hint');

/** A new shot on a rig, made on the page of a shoot. */
export async function begin(page, title, rig) {
  await page.getByLabel('Title', { exact: true }).last().fill(title);
  await page.getByLabel('Rig', { exact: true }).selectOption({ label: rig });
  await page.getByRole('button', { name: 'Create shot' }).click();
  await benchIsReady(page);
  return page;
}

export async function typed(page, fields) {
  for (const [label, text] of Object.entries(fields)) await type(page, label, text);
}

export async function choose(page, label, option) {
  await (await reach(page, field(page, label))).selectOption({ label: option });
  await saved(page);
}

export async function press(page, locator) {
  await (await reach(page, locator)).click();
  await saved(page);
}

/** An edit that takes along what is typed with it. */
export async function given(page, id, texts, button) {
  const form = page.locator('form', { has: page.locator(id) });
  for (const [name, text] of Object.entries(texts)) {
    const input = await reach(page, form.locator(`[name="with[${name}]"]`));
    await (await input.evaluate((element) => element.tagName) === 'SELECT' ? input.selectOption(text) : input.fill(text));
  }
  await form.getByRole('button', { name: button }).click();
  await saved(page);
}
