/** The words that this page was sent for its scripts, in its language, by part and name. */
const parts = JSON.parse(document.getElementById('script-words')?.textContent ?? '{}');
const language = document.documentElement.lang || 'en';
const plurals = new Intl.PluralRules(language);

/**
 * @param {string} key such as 'scripts.rig.photo'
 * @param {Object<string, string|number>} args what stands for ":photo" in the words; of "one|more" the form for `count` is taken
 */
export function phrase(key, args = {}) {
  const [, part, name] = key.split('.');
  let words = parts[part]?.[name] ?? key;
  if (words.includes('|')) words = words.split('|')[plurals.select(args.count) === 'one' ? 0 : 1];
  return words.replace(/:([a-z_]+)/g, (whole, arg) => (arg in args ? String(args[arg]) : whole));
}

/** An axis as it is called: the usual ones by the page's language, any other by the name that its rig gives it. */
export const axisName = (id) => parts.axes?.[id] ?? id;

/** A number with the decimal sign of the page's language and a true minus. */
export const decimal = (value, most, least = 0) => value.toLocaleString(language, {
  maximumFractionDigits: most, minimumFractionDigits: least, useGrouping: false,
}).replace(/^-0(?=$|[.,]0*$)/, '0').replace('-', '−');
