import { defineConfig } from '@playwright/test';
import { CHROMIUM } from './e2e/chromium.ts';
import { ALL } from './e2e/long.ts';

/** The real interface, server and database. Run by `npm test`, which builds the interface first. */
export default defineConfig({
  testDir: 'e2e',
  outputDir: 'test-results',
  workers: 2,
  fullyParallel: true,
  ...(ALL ? {} : { grepInvert: /@long/ }),
  // A slow machine is waited for: what is expected comes, or a whole story fails after minutes, never for being late.
  timeout: ALL ? 3_600_000 : 1_200_000,
  expect: { timeout: 240_000 },
  // A story that fails and then passes is listed as flaky; it is to be made to wait for a state.
  retries: 1,
  reporter: [['list'], ['json', { outputFile: process.env.PLAYWRIGHT_JSON_OUTPUT_NAME ?? '.results/playwright.json' }]],
  // The longest stories first, so that no worker is left with one of them at the end.
  projects: [
    { name: 'long', testMatch: /(views|story)\.spec\.ts/ },
    { name: 'rest', testIgnore: /(views|story)\.spec\.ts/ },
  ],
  globalSetup: './e2e/globalSetup.ts',
  use: {
    viewport: { width: 1280, height: 800 },
    // Feet and inches are offered first to whoever reads American English.
    locale: 'en-GB',
    actionTimeout: 240_000,
    navigationTimeout: 240_000,
    reducedMotion: 'reduce',
    // Kept for the story that is about it: it would fetch the whole application for each of the others.
    serviceWorkers: 'block',
    launchOptions: CHROMIUM,
  },
});
