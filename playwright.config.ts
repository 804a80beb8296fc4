import { availableParallelism } from 'node:os';

import { defineConfig } from '@playwright/test';

const chromium = {
  executablePath: process.env.CHROMIUM_PATH ?? '/usr/bin/chromium',
  args: [
    '--no-sandbox',
    '--disable-gpu',
    '--disable-quic',
    '--no-first-run',
    '--disable-background-networking',
    '--disable-component-update',
    '--disable-sync',
  ],
};

export default defineConfig({
  testDir: 'e2e',
  globalSetup: './e2e/prepare.ts',
  testMatch: '*.spec.ts',
  // A journey waits now and then: one more of them than there are processors. Many more would keep each other waiting.
  workers: availableParallelism() + 1,
  fullyParallel: true,
  // Long enough for a machine that is shared: what hangs still ends, what is slow is told by the bench.
  timeout: 480_000,
  expect: { timeout: 120_000 },
  reporter: [['list'], ['json', { outputFile: 'test-results/journeys.json' }]],
  use: {
    actionTimeout: 120_000,
    // A trace of each step takes a quarter of the time: ask for it where one is wanted (`--trace on`).
    trace: 'off',
    screenshot: 'only-on-failure',
    launchOptions: chromium,
    locale: 'en-US',
    timezoneId: 'America/Los_Angeles',
  },
  projects: [
    {
      name: 'phone',
      // A phone has no keys, and the other sets its window itself.
      testIgnore: /(keys|fit)\.spec\.ts/,
      use: {
        viewport: { width: 390, height: 844 },
        isMobile: true,
        hasTouch: true,
      },
    },
    { name: 'desktop', use: { viewport: { width: 1280, height: 800 } } },
  ],
});
