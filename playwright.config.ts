import { defineConfig } from '@playwright/test';
import { patience } from './scripts/house/patience.mjs';
import { chromiumOptions } from './scripts/house/browser.mjs';

/** `scripts/test.mjs` starts the production build on its own database and port, and gives the address. */
export default defineConfig({
  testDir: 'tests/e2e',
  timeout: patience.testMs,
  expect: { timeout: patience.appearMs },
  workers: 1,
  retries: 1,
  reporter: [['line'], ['json', { outputFile: 'test-results/e2e.json' }]],
  use: {
    baseURL: process.env.COATREL_ADDRESS ?? 'http://127.0.0.1:4380',
    viewport: { width: 1280, height: 800 },
    launchOptions: chromiumOptions,
    trace: 'off',
  },
});
