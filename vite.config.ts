import tailwindcss from '@tailwindcss/vite';
import { svelte } from '@sveltejs/vite-plugin-svelte';
import { defineConfig, type Plugin } from 'vite';
import { makers } from './web/makers.mjs';

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

/** Makers and licences, reached from the list of keys. */
const credited: Plugin = {
  name: 'makers',
  generateBundle(_, bundle) {
    const from = Object.values(bundle).flatMap((one) => (one.type === 'chunk' ? Object.keys(one.modules) : one.originalFileNames));
    const packages = from.flatMap((file) => /node_modules\/((?:@[^/]+\/)?[^/]+)/.exec(file)?.[1] ?? []);
    this.emitFile({ type: 'asset', fileName: 'makers.txt', source: makers(packages) });
  },
};

export default defineConfig({
  root: 'web',
  base: '/build/',
  plugins: [tailwindcss(), svelte(), listed, credited],
  build: {
    outDir: '../public/build',
    emptyOutDir: true,
    modulePreload: { polyfill: false },
    assetsInlineLimit: 0,
  },
});
