import tailwindcss from '@tailwindcss/vite';
import { svelte } from '@sveltejs/vite-plugin-svelte';
import { defineConfig } from 'vite';

// Built into public/build; PHP sends index.html for every address of the interface.
export default defineConfig({
  root: 'web',
  base: '/build/',
  plugins: [tailwindcss(), svelte()],
  build: {
    outDir: '../public/build',
    emptyOutDir: true,
    modulePreload: { polyfill: false },
    assetsInlineLimit: 0,
  },
});
