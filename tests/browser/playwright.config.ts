import { defineConfig } from '@playwright/test';

// ./test starts the server and the database, and names the address.
export default defineConfig({
  testDir: '.',
  workers: 1,
  retries: 0,
  timeout: 300_000,
  // A busy machine is no reason to fail: what never comes still does.
  expect: { timeout: 60_000 },
  reporter: [['line'], ['json', { outputFile: 'test-results/report.json' }]],
  use: {
    baseURL: process.env.BASE_URL ?? 'http://127.0.0.1:5080',
    viewport: { width: 1280, height: 800 },
    // A colour on its way to another is neither: what is measured is what stays.
    contextOptions: { reducedMotion: 'reduce' },
    launchOptions: {
      executablePath: '/usr/bin/chromium',
      args: [
        '--no-sandbox',
        '--disable-gpu',
        '--disable-background-networking',
        '--disable-component-update',
        '--disable-sync',
        '--process-per-site',
      ],
    },
  },
});
