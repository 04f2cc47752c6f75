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

export async function launch() {
  return chromium.launch({ executablePath: ensureChromium(), args: CHROMIUM_ARGS });
}
