import tailwindcss from '@tailwindcss/vite';
import { svelte } from '@sveltejs/vite-plugin-svelte';
import { defineConfig, type Plugin } from 'vite';

// Built into public/build; PHP sends index.html for every address of the interface.
/** The names of all files that are built, for the device that keeps them (web/public/sw.js). */
const listed: Plugin = {
  name: 'listed-files',
  generateBundle(_, bundle) {
    const files = Object.keys(bundle).filter((name) => /\.(js|css|woff2|svg)$/.test(name));
    this.emitFile({
      type: 'asset',
      fileName: 'files.json',
      source: JSON.stringify([...files, 'manifest.webmanifest', 'icon-192.png'].map((name) => `/build/${name}`)),
    });
  },
};

export default defineConfig({
  root: 'web',
  base: '/build/',
  plugins: [tailwindcss(), svelte(), listed],
  build: {
    outDir: '../public/build',
    emptyOutDir: true,
    modulePreload: { polyfill: false },
    assetsInlineLimit: 0,
  },
});
