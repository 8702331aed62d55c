import { vitePreprocess } from '@sveltejs/vite-plugin-svelte';
import { optimizeImports } from 'carbon-preprocess-svelte';

export default {
  preprocess: [vitePreprocess(), optimizeImports()],
  compilerOptions: {
    // Carbon is written in the older component mode; ours are not.
    runes: ({ filename }) => (filename.includes('node_modules') ? undefined : true),
  },
};
