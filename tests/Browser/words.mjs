// The words of the catalogue, so that tests press what a button does and not how it is called today.
import { execFileSync } from 'node:child_process';
import { fileURLToPath } from 'node:url';

const root = fileURLToPath(new URL('../..', import.meta.url));
const catalogues = {};

// The words of a language by group, as lang/ has them.
function catalogue(language) {
  return (catalogues[language] ??= JSON.parse(execFileSync('php', ['-r', `
    $words = [];
    foreach (glob("lang/${language}/*.php") as $file) { $words[basename($file, ".php")] = require $file; }
    echo json_encode($words);`], { cwd: root, maxBuffer: 16e6 })));
}

// The words under a key, such as 'shots.timing.in', with their arguments filled in.
export function say(key, args = {}, language = 'en') {
  const words = key.split('.').reduce((at, name) => at?.[name], catalogue(language));
  if (typeof words !== 'string') throw new Error(`The catalogue has no ${key}.`);
  return Object.entries(args).reduce((text, [name, value]) => text.replaceAll(`:${name}`, String(value)), words);
}
