import { defineConfig } from '@playwright/test';
import { patience } from './scripts/house/patience.mjs';
import { chromiumOptions } from './scripts/house/browser.mjs';

/** `scripts/test.mjs` starts the production build on its own database and port, and gives the address. */
export default defineConfig({
  // The journeys of people have a database of their own: with the first password the demo is over.
  testDir: `tests/${process.env.COATREL_JOURNEYS ?? 'e2e'}`,
  timeout: patience.testMs,
  expect: { timeout: patience.appearMs },
  workers: 1,
  retries: 1,
  reporter: [
    ['line'],
    ['json', { outputFile: `test-results/${process.env.COATREL_JOURNEYS ?? 'e2e'}.json` }],
  ],
  use: {
    baseURL: process.env.COATREL_ADDRESS ?? 'http://127.0.0.1:4380',
    viewport: { width: 1280, height: 800 },
    launchOptions: chromiumOptions,
    trace: 'off',
  },
});
