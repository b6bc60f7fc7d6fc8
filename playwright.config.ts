import { defineConfig } from '@playwright/test';
import { DEMO, EMPTY, PSEUDO } from './e2e/servers';
import { chromiumPath } from './scripts/chromium.mjs';

export default defineConfig({
  testDir: 'e2e',
  timeout: 60_000,
  expect: { timeout: 10_000 },
  fullyParallel: false,
  workers: 2,
  // A second try on a busy machine; what needed one is listed as flaky, and is looked into.
  retries: process.env['CI'] ? 1 : 0,
  reporter: [
    [process.env['CI'] ? 'line' : 'list'],
    // How long each took, for the ten slowest at the end of `npm test`.
    ...(process.env['PLAYWRIGHT_JSON_OUTPUT_NAME'] ? [['json'] as const] : []),
  ],
  outputDir: 'test-results',
  use: {
    baseURL: DEMO.url,
    // What a page keeps in the browser is tried by one test; in the others every request reaches the server.
    serviceWorkers: 'block',
    viewport: { width: 1280, height: 800 },
    screenshot: 'only-on-failure',
    launchOptions: {
      executablePath: chromiumPath(),
      args: ['--no-sandbox', '--disable-gpu', '--disable-background-networking'],
    },
  },
  // Each server has a database of its own in a temporary folder, made anew for every run.
  webServer: [DEMO, EMPTY, PSEUDO].map(({ url, command }) => ({
    command,
    url: `${url}/api/sites`,
    reuseExistingServer: false,
    timeout: 60_000,
  })),
});
