import { svelte } from '@sveltejs/vite-plugin-svelte';
import { defineConfig } from 'vitest/config';

// The state classes of the screens, without a browser; whole journeys are Playwright's.
export default defineConfig({
  plugins: [svelte()],
  test: { include: ['tests/screens/**/*.test.ts'], environment: 'node' },
});
