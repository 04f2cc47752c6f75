/** What is handed out: one zip, unpacked into a folder that cannot be written to, with Node and nothing else. */
import { execFileSync } from 'node:child_process';
import { chmodSync, mkdirSync, mkdtempSync, readdirSync, readFileSync, writeFileSync } from 'node:fs';
import { createServer } from 'node:http';
import type { AddressInfo } from 'node:net';
import { tmpdir } from 'node:os';
import type { Browser } from '@playwright/test';
import { dirname, join } from 'node:path';
import { unzipSync } from 'fflate';
import { startClass } from '../scripts/browser.mjs';
import { expect, expectRow, openProgressions, saved, test, typeLine } from './fixtures';

const ROOT = join(import.meta.dirname, '..');

/** Makes the zips; gives the folder that they lie in. */
function released(): string {
  const out = mkdtempSync(join(tmpdir(), 'diatonix-'));
  execFileSync(process.execPath, [join(ROOT, 'scripts', 'release.mjs'), out], { stdio: 'pipe' });
  return out;
}

/** Unpacks the zip that needs nothing but Node; gives the folder. */
function unpacked(out: string): string {
  const zip = readdirSync(out).find((name) => /^diatonix-[\d.]+\.zip$/.test(name))!;
  const folder = join(out, 'Mappe für Übungen');
  for (const [path, bytes] of Object.entries(unzipSync(readFileSync(join(out, zip))))) {
    const place = join(folder, path);
    mkdirSync(dirname(place), { recursive: true });
    writeFileSync(place, bytes, { mode: 0o444 });
  }
  const [own] = readdirSync(folder);
  chmodSync(join(folder, own!), 0o555);
  return join(folder, own!);
}

test('one zip does the main job, leads a class and commands; the other lies under any path', async ({
  browser,
}) => {
  // Three builds go before it.
  test.setTimeout(360_000);
  const out = released();
  const folder = unpacked(out);
  const state = mkdtempSync(join(tmpdir(), 'diatonix-state-'));
  const env = { PATH: process.env['PATH'] ?? '', DIATONIX_STATE: state };
  const start = join(folder, 'diatonix.mjs');
  const run = (...args: string[]) =>
    execFileSync(process.execPath, [start, ...args], { env, cwd: state, encoding: 'utf8' });
  expect(run('interval', 'G#4', 'F##5')).toContain('major seventh');
  const chorale = join(ROOT, 'core', 'test', 'oracles', 'chorale-012.musicxml');
  expect(run('read', chorale)).toContain('17 bars');
  run('engrave', chorale, '--pdf', join(state, 'chorale.pdf'));
  expect(readFileSync(join(state, 'chorale.pdf'), 'latin1').startsWith('%PDF-')).toBe(true);

  const server = await startClass({ script: start, env: { DIATONIX_STATE: state } });
  try {
    const { teacher, pupils } = server;
    const page = await (await browser.newContext({ serviceWorkers: 'block' })).newPage();
    await openProgressions(page, server.address);
    await typeLine(page, 'I IV V I');
    await expectRow(page, 'Numeral', ['I', 'IV', 'V', 'I']);
    await page.goto(teacher);
    await page
      .getByRole('main')
      .getByRole('button', { name: /^Sheet 4/ })
      .click();
    const code = await page.getByRole('region', { name: 'How to join' }).locator('.code').textContent();
    const pupil = await (await browser.newContext({ serviceWorkers: 'block' })).newPage();
    await pupil.goto(`${pupils}#${code}`);
    await pupil.getByLabel('Who you are').selectOption({ index: 1 });
    await pupil.getByRole('button', { name: 'Join' }).click();
    await expect(pupil.getByText('In the class.')).toBeVisible();
  } finally {
    await server.stop();
  }
  await triedUnderPath(browser, out);
});

const TYPES: Readonly<Record<string, string>> = {
  ...{
    html: 'text/html',
    js: 'text/javascript',
    css: 'text/css',
    svg: 'image/svg+xml',
    json: 'application/json',
  },
};

/** The headers that docs/hosting.md names. */
function headersNamed(): Record<string, string> {
  const [, block] = /```\n(Content-Security-Policy[\s\S]*?)```/.exec(
    readFileSync(join(ROOT, 'docs', 'hosting.md'), 'utf8'),
  )!;
  return Object.fromEntries(
    block!
      .trim()
      .split('\n')
      .map((line) => line.split(/: (.*)/).slice(0, 2)),
  );
}

/** The pages alone, under a path of a server that only hands out files. */
async function triedUnderPath(browser: Browser, out: string): Promise<void> {
  const zip = readdirSync(out).find((name) => /-pages\.zip$/.test(name))!;
  const files = unzipSync(readFileSync(join(out, zip)));
  const headers = headersNamed();
  const outside: string[] = [];
  const server = createServer(({ url = '' }, response) => {
    const path = url.split('?')[0]!;
    const name = path.replace(/^\/theory\//, '') || 'index.html';
    if (!path.startsWith('/theory/')) outside.push(path);
    const bytes = path.startsWith('/theory/') ? files[name] : undefined;
    const type = TYPES[name.split('.').pop()!] ?? 'application/octet-stream';
    response.writeHead(bytes ? 200 : 404, { ...headers, 'Content-Type': type }).end(bytes);
  });
  await new Promise<void>((resolve) => server.listen(0, '127.0.0.1', resolve));
  const address = `http://127.0.0.1:${(server.address() as AddressInfo).port}/theory/`;
  const page = await (await browser.newContext()).newPage();
  const problems: string[] = [];
  page.on('console', (message) => message.type() === 'error' && problems.push(message.text()));
  page.on('pageerror', ({ message }) => problems.push(message));
  try {
    await page.goto(address);
    await expect(page.locator('.grid-column .staff text').first()).toBeVisible();
    await page.getByRole('link', { name: 'Progressions' }).click();
    await typeLine(page, 'I vi V7 I');
    await expectRow(page, 'Numeral', ['I', 'vi', 'V seven', 'I']);
    await saved(page);
    // The same place after loading anew, though the server knows no benches.
    await page.reload();
    await expectRow(page, 'Numeral', ['I', 'vi', 'V seven', 'I']);
    await page.getByRole('link', { name: 'Class' }).click();
    await expect(page.getByText('which has no class network of its own')).toBeVisible();
    await page.goto(`${address}pupil.html`);
    await expect(page.locator('input[type=file]')).toBeAttached();
    expect(problems).toEqual([]);
    expect(outside).toEqual([]);
  } finally {
    server.close();
  }
}
