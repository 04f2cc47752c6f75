import { defineConfig } from '@playwright/test';
import { CHROMIUM_ARGS } from '../scripts/browser.mjs';

export default defineConfig({
  testDir: '.',
  outputDir: '../test-results',
  fullyParallel: true,
  workers: 2,
  retries: 0,
  timeout: 30_000,
  expect: { timeout: 8_000 },
  reporter: process.env['DIATONIX_REPORT']
    ? [['list'], ['json', { outputFile: process.env['DIATONIX_REPORT'] }]]
    : [['list']],
  use: {
    browserName: 'chromium',
    viewport: { width: 1280, height: 800 },
    colorScheme: 'light',
    launchOptions: {
      executablePath: '/usr/bin/chromium',
      args: [...CHROMIUM_ARGS, '--autoplay-policy=no-user-gesture-required'],
    },
  },
});
