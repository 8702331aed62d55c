import { defineConfig } from 'vite';

/** The module that goes with graphics that are handed over: everything in one file. */
export default defineConfig({
  publicDir: false,
  build: {
    outDir: 'dist/runtime',
    emptyOutDir: true,
    chunkSizeWarningLimit: 2000,
    lib: { entry: 'src/runtime/main.ts', formats: ['es'], fileName: () => 'runtime.mjs' },
    // The shaper asks for it where there is no browser, as in tests.
    rolldownOptions: { external: ['module'], output: { codeSplitting: false } },
  },
});
