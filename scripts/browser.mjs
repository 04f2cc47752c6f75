/** The built application on a free port, and headless Chromium to look at it with. */
import { spawn } from 'node:child_process';
import { join } from 'node:path';
import { chromium } from '@playwright/test';
import { ensureChromium, ROOT } from './setup.mjs';

export const CHROMIUM_ARGS = [
  '--no-sandbox',
  '--disable-gpu',
  '--no-first-run',
  '--disable-background-networking',
  '--disable-component-update',
  '--disable-sync',
];

/** Starts the server on a free port; resolves with its address and a stop. */
export function startServer(...args) {
  const server = spawn(process.execPath, [join(ROOT, 'server', 'dist', 'index.js'), '--port', '0', ...args], {
    stdio: ['ignore', 'pipe', 'inherit'],
  });
  return new Promise((resolve, reject) => {
    server.on('exit', (code) => reject(new Error(`The server ended with ${code}.`)));
    server.stdout.on('data', (data) => {
      const address = /http:\S+/.exec(String(data))?.[0];
      if (address) resolve({ address, stop: () => server.kill() });
    });
  });
}

/** Headless Chromium, whose pages keep nothing for times without a network: that would run beside what is measured. */
export async function launch() {
  const browser = await chromium.launch({ executablePath: ensureChromium(), args: CHROMIUM_ARGS });
  const newContext = browser.newContext.bind(browser);
  browser.newContext = (options = {}) => newContext({ serviceWorkers: 'block', ...options });
  return browser;
}
