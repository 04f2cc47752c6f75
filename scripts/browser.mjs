/** The built application on a free port, and headless Chromium to look at it with. */
import { spawn } from 'node:child_process';
import { mkdtempSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { chromium } from '@playwright/test';
import { ensureChromium, ROOT } from './setup.mjs';

const SERVER = join(ROOT, 'server', 'dist', 'index.js');

export const CHROMIUM_ARGS = [
  '--no-sandbox',
  '--disable-gpu',
  '--no-first-run',
  '--disable-background-networking',
  '--disable-component-update',
  '--disable-sync',
];

/**
 * Starts the server on a free port; resolves with its address and a stop. Its options come one by one; an object says
 * where else the built project is, and the port: `{ root, port }`.
 */
export function startServer(...args) {
  const { root = ROOT, port = 0 } = args.find((one) => typeof one === 'object') ?? {};
  const path = join(root, 'server', 'dist', 'index.js');
  const options = args.filter((one) => typeof one === 'string');
  const server = spawn(process.execPath, [path, '--port', String(port), ...options], {
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

const SHOWN_MS = 20_000;

/**
 * Starts the server with a class network on this machine alone; resolves with the addresses that it prints. `options`
 * are those of the process and more of node's own; `script` starts a server that lies elsewhere.
 */
export function startClass({ port = 0, args = [], node = [], env = {}, script = SERVER } = {}) {
  const state = env.DIATONIX_STATE ?? mkdtempSync(join(tmpdir(), 'diatonix-state-'));
  const server = spawn(
    process.execPath,
    [...node, script, '--port', String(port), '--class', '--class-host', '127.0.0.1', ...args],
    {
      stdio: ['ignore', 'pipe', 'inherit'],
      cwd: state,
      env: { ...process.env, DIATONIX_STATE: state, ...env },
    },
  );
  let said = '';
  return new Promise((resolve, reject) => {
    const late = setTimeout(() => reject(new Error(`No class network came: ${said}`)), SHOWN_MS);
    server.on('exit', (code) => reject(new Error(`The server ended with ${code}.`)));
    server.stdout.on('data', (data) => {
      said += String(data);
      const [address, teacher, pupils] = said.match(/http:\S+/g) ?? [];
      const code = /Join code:\s+([A-Z]+)/.exec(said)?.[1];
      if (!code) return;
      clearTimeout(late);
      const stop = (signal) =>
        new Promise((stopped) => {
          if (server.exitCode !== null || server.signalCode !== null) return stopped();
          server.removeAllListeners('exit');
          server.on('exit', stopped);
          server.kill(signal);
        });
      resolve({ address, teacher, pupils, code, state, pid: server.pid, said: () => said, stop });
    });
  });
}

/** Headless Chromium, whose pages keep nothing for times without a network: that would run beside what is measured. */
export async function launch(more = []) {
  const args = [...CHROMIUM_ARGS, ...more];
  const browser = await chromium.launch({ executablePath: ensureChromium(), args });
  const newContext = browser.newContext.bind(browser);
  browser.newContext = (options = {}) => newContext({ serviceWorkers: 'block', ...options });
  return browser;
}
