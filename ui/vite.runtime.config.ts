import { readFileSync } from 'node:fs';
import type { Plugin } from 'vite';
import { defineConfig } from 'vite';

const SHAPER = 'harfbuzzjs/dist/index.mjs';
const BYTES = 'virtual:shaper-bytes';

/**
 * The shaper as it comes fetches its own code while it is imported. A page may let nothing be fetched but what is beside the graphic, and what
 * fails while a module is imported has nobody who answers for it: its code goes along as bytes, and it is begun when it is told to.
 */
function shaperToldToBegin(): Plugin {
  return {
    name: 'shaper-told-to-begin',
    enforce: 'pre',
    resolveId: (id) => (id === BYTES ? `\0${BYTES}` : null),
    load(id) {
      if (id !== `\0${BYTES}`) return null;
      const bytes = readFileSync('node_modules/harfbuzzjs/dist/harfbuzz.wasm').toString('base64');
      return `export default ${JSON.stringify(bytes)};`;
    },
    transform(code, id) {
      if (id.endsWith('harfbuzzjs/dist/harfbuzz.js')) {
        return {
          code: replaced(code, 'new URL("harfbuzz.wasm",import.meta.url).href', '"harfbuzz.wasm"'),
          map: null,
        };
      }
      if (!id.endsWith(SHAPER)) return null;
      const told =
        'export async function begin(wasmBinary) {\n  init(await createHarfBuzz({ wasmBinary }));\n}';
      return { code: replaced(code, 'init(await createHarfBuzz());', told), map: null };
    },
  };
}

function replaced(code: string, what: string, by: string): string {
  if (!code.includes(what)) throw new Error(`the shaper is another one now: it does not say ${what}`);
  return code.replace(what, by);
}

/** What goes with graphics that are handed over, everything in one file: `runtime.mjs`, or in the mode `page` one that starts by itself. */
export default defineConfig(({ mode }) => ({
  publicDir: false,
  plugins: [shaperToldToBegin()],
  build: {
    outDir: 'dist/runtime',
    emptyOutDir: mode !== 'page',
    chunkSizeWarningLimit: 2000,
    lib: {
      entry: mode === 'page' ? 'src/runtime/start.ts' : 'src/runtime/main.ts',
      formats: ['es' as const],
      fileName: () => (mode === 'page' ? 'page.mjs' : 'runtime.mjs'),
    },
    // The shaper asks for it where there is no browser, as in tests.
    rolldownOptions: { external: ['module'], output: { codeSplitting: false } },
  },
}));
