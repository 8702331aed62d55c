import { svelte } from '@sveltejs/vite-plugin-svelte';
import { svelteTesting } from '@testing-library/svelte/vite';
import { optimizeCss } from 'carbon-preprocess-svelte';
import type { Plugin } from 'vite';
import { defineConfig } from 'vitest/config';

/** Carbon's style sheets point at fonts on a remote host; nothing may be fetched at run time, and we bring our own. */
function withoutRemoteFonts(): Plugin {
  return {
    name: 'without-remote-fonts',
    enforce: 'pre',
    transform(code, id) {
      if (!id.includes('carbon-components-svelte/css/')) return null;
      return { code: code.replace(/@font-face\s*{[^}]*}/g, ''), map: null };
    },
  };
}

export default defineConfig({
  plugins: [
    withoutRemoteFonts(),
    svelte({ prebundleSvelteLibraries: false }),
    optimizeCss(),
    svelteTesting(),
  ],
  build: {
    assetsInlineLimit: 0,
    chunkSizeWarningLimit: 1200,
    rolldownOptions: { input: ['index.html', 'output.html'] },
  },
  // Under its own name, so that the server sees a page and requests of one origin.
  server: { proxy: { '/api': { target: 'http://127.0.0.1:8090', changeOrigin: false } } },
  // One page for all files: making a page anew for each took nine tenths of the time.
  test: { environment: 'jsdom', setupFiles: ['src/test-setup.ts'], isolate: false },
});
