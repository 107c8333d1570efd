import { defineConfig } from '@playwright/test';

// Debian's Chromium against the real program, on a database made for the run.
const port = 8191;

export default defineConfig({
  testDir: 'tests/browser',
  outputDir: 'var/test-results',
  workers: 1,
  timeout: 60_000,
  expect: { timeout: 6_000 },
  reporter: [['list']],
  use: {
    baseURL: `http://127.0.0.1:${port}`,
    viewport: { width: 1280, height: 800 },
    // Each test is a new device: it need not keep the whole program. tests/browser/sharing.spec.ts is about that.
    serviceWorkers: 'block',
    launchOptions: {
      executablePath: '/usr/bin/chromium',
      args: ['--no-sandbox', '--disable-gpu', '--disable-quic', '--no-first-run', '--disable-background-networking', '--disable-component-update', '--disable-sync'],
    },
  },
  webServer: {
    command: 'tests/browser/serve',
    url: `http://127.0.0.1:${port}/api/empty`,
    env: { PORT: String(port) },
    reuseExistingServer: false,
    timeout: 60_000,
  },
});
