import tailwindcss from '@tailwindcss/vite';
import { svelte } from '@sveltejs/vite-plugin-svelte';
import { readFileSync, writeFileSync } from 'node:fs';
import { brotliCompressSync, gzipSync } from 'node:zlib';
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

/** What is built, squeezed once beside itself, in both ways browsers unpack. */
const squeezed: Plugin = {
  name: 'squeezed',
  writeBundle(options, bundle) {
    for (const name of Object.keys(bundle).filter((one) => /\.(js|css|svg|html|json|txt)$/.test(one))) {
      const file = `${options.dir}/${name}`;
      const whole = readFileSync(file);
      if (whole.length <= 1_400) continue;
      writeFileSync(`${file}.gz`, gzipSync(whole, { level: 9 }));
      writeFileSync(`${file}.br`, brotliCompressSync(whole));
    }
  },
};

export default defineConfig({
  root: 'web',
  base: '/build/',
  plugins: [tailwindcss(), svelte(), listed, credited, squeezed],
  build: {
    outDir: '../public/build',
    emptyOutDir: true,
    modulePreload: { polyfill: false },
    assetsInlineLimit: 0,
  },
});
