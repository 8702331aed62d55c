import { defineConfig } from 'vite';

/** What goes with graphics that are handed over, everything in one file: `runtime.mjs`, or in the mode `page` one that starts by itself. */
export default defineConfig(({ mode }) => ({
  publicDir: false,
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
