import { defineConfig } from '@playwright/test';
import { chromium } from './tests/browser/chromium.mjs';

// Debian's Chromium against the real program. Two tests run beside one another, each against a program and a database of its own.
const WORKERS = 3;
const port = (nth: number) => 8191 + 10 * nth;

export default defineConfig({
  testDir: 'tests/browser',
  outputDir: 'var/test-results',
  workers: WORKERS,
  fullyParallel: true,
  // Long, so that a slow machine only takes longer.
  timeout: 180_000,
  expect: { timeout: 10_000 },
  reporter: [['list']],
  use: {
    baseURL: `http://127.0.0.1:${port(Number(process.env.TEST_PARALLEL_INDEX ?? 0))}`,
    viewport: { width: 1280, height: 800 },
    // Each test is a new device: it need not keep the whole program. tests/browser/sharing.spec.ts is about that.
    serviceWorkers: 'block',
    launchOptions: chromium,
  },
  webServer: Array.from({ length: WORKERS }, (_, nth) => ({
    command: 'tests/browser/serve',
    url: `http://127.0.0.1:${port(nth)}/api/empty`,
    env: { PORT: String(port(nth)) },
    reuseExistingServer: false,
    timeout: 90_000,
  })),
});
