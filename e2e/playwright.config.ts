import { defineConfig } from '@playwright/test';
import { CHROMIUM_ARGS } from '../scripts/browser.mjs';
import { ensureChromium } from '../scripts/setup.mjs';

export default defineConfig({
  testDir: '.',
  outputDir: '../test-results',
  fullyParallel: true,
  // A third would save a minute, but what has to happen within a second would not always.
  workers: 2,
  retries: 0,
  // Generous, since a machine that stands still for some seconds is no fault of the page.
  timeout: 60_000,
  expect: { timeout: 20_000 },
  reporter: process.env['DIATONIX_REPORT']
    ? [['list'], ['json', { outputFile: process.env['DIATONIX_REPORT'] }]]
    : [['list']],
  use: {
    browserName: 'chromium',
    // What cannot be pressed is told, and does not use up the whole time.
    actionTimeout: 20_000,
    viewport: { width: 1280, height: 800 },
    colorScheme: 'light',
    // Keeping the whole application on the device is tried by itself.
    serviceWorkers: 'block',
    // Nothing waits for a transition; what moves is tested where it matters.
    contextOptions: { reducedMotion: 'reduce' },
    launchOptions: {
      executablePath: ensureChromium(),
      args: [...CHROMIUM_ARGS, '--autoplay-policy=no-user-gesture-required'],
    },
  },
});
