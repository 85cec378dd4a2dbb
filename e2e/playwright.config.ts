import { defineConfig } from '@playwright/test';
import { CHROMIUM, JOURNEY_FLAGS } from './support/studio';

export default defineConfig({
  testDir: './tests',
  globalSetup: './support/fillStudio.ts',
  outputDir: '../test-results',
  // Journeys wait more than they compute: three keep two cores busy.
  workers: 3,
  // Each journey has a studio of its own; files differ too much in length to be handed out whole.
  fullyParallel: true,
  // A machine of which others take half is slow, not wrong.
  timeout: 240_000,
  expect: { timeout: 30_000 },
  reporter: [['list'], ['json', { outputFile: '../test-results/e2e.json' }]],
  use: {
    viewport: { width: 390, height: 844 },
    // Journeys watch the studio's own answers; the one without a network lets the worker in.
    serviceWorkers: 'block',
    launchOptions: { executablePath: CHROMIUM, args: JOURNEY_FLAGS },
    reducedMotion: 'reduce',
    trace: 'off',
  } as object,
});
