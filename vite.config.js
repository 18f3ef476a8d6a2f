import { readdirSync, readFileSync, writeFileSync } from 'node:fs';
import { brotliCompressSync, constants, gzipSync } from 'node:zlib';
import { defineConfig } from 'vite';
import laravel from 'laravel-vite-plugin';

const ASSETS = 'public/build/assets';

/** Packed as small as can be, once: the web server sends whichever of the two a browser takes. */
const packed = {
  name: 'packed',
  closeBundle() {
    for (const name of readdirSync(ASSETS).filter((file) => /\.(?:js|css)$/.test(file))) {
      const text = readFileSync(`${ASSETS}/${name}`);
      writeFileSync(`${ASSETS}/${name}.gz`, gzipSync(text, { level: 9 }));
      writeFileSync(`${ASSETS}/${name}.br`, brotliCompressSync(text, { params: {
        [constants.BROTLI_PARAM_QUALITY]: 11, [constants.BROTLI_PARAM_SIZE_HINT]: text.length,
      } }));
    }
  },
};

/**
 * htmx can evaluate expressions in attributes, which Evrent switches off. The direct call alone keeps every name of the whole script as
 * long as it was written, since an evaluated text might use it; an indirect one does not.
 */
const indirectEval = {
  name: 'indirect-eval',
  transform: (code, id) => (id.includes('htmx.esm') ? code.replace(/(?<![\w.])eval\(/g, '(0, eval)(') : null),
};

export default defineConfig({
  plugins: [indirectEval, packed, laravel({ input: ['resources/css/app.scss', 'resources/css/pages.scss', 'resources/css/room.scss', 'resources/css/card.scss', 'resources/js/app.js', 'resources/js/card.js'], refresh: true })],
});
