/** The server over HTTP, on a folder made for the test. */
import { mkdirSync, mkdtempSync, writeFileSync } from 'node:fs';
import { createServer, type Server } from 'node:http';
import type { AddressInfo } from 'node:net';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { createApp } from '../src/app';

let server: Server;
let address: string;

beforeAll(async () => {
  const root = mkdtempSync(join(tmpdir(), 'diatonix-server-'));
  mkdirSync(join(root, 'assets'));
  writeFileSync(
    join(root, 'index.html'),
    '<meta name="diatonix-start" content="demo" /><script nonce="__CSP_NONCE__" src="/assets/index-AbCd1234.js"></script>',
  );
  writeFileSync(join(root, 'assets', 'index-AbCd1234.js'), 'export {};');
  writeFileSync(join(root, 'icon.svg'), '<svg/>');
  server = createServer(createApp({ root, empty: true }).callback());
  await new Promise<void>((resolve) => server.listen(0, 'localhost', resolve));
  address = `http://localhost:${(server.address() as AddressInfo).port}`;
});
afterAll(() => new Promise((resolve) => server.close(resolve)));

const get = (path: string, init?: RequestInit) => fetch(address + path, init);

test('every route of the application gets the page, with a nonce of its own', async () => {
  const nonces = [];
  for (const path of ['/', '/key', '/progressions', '/no/such/bench', '/index.html']) {
    const response = await get(path);
    expect([path, response.status, response.headers.get('cache-control')]).toEqual([path, 200, 'no-store']);
    const page = await response.text();
    const nonce = /nonce="([^"]+)"/.exec(page)![1]!;
    expect(response.headers.get('content-security-policy')).toContain(`'nonce-${nonce}'`);
    expect(page).toContain('content="empty"');
    nonces.push(nonce);
  }
  expect(new Set(nonces).size).toBe(nonces.length);
});

test('built files are kept for good, others asked for again, missing ones not found', async () => {
  expect((await get('/assets/index-AbCd1234.js')).headers.get('cache-control')).toBe(
    'public, max-age=31536000, immutable',
  );
  expect((await get('/icon.svg')).headers.get('cache-control')).toBe('no-cache');
  for (const path of ['/assets/gone-AbCd1234.js', '/../package.json', '/.env'])
    expect((await get(path)).status).toBe(404);
});

test('nothing but reading is answered, and the headers are strict', async () => {
  expect((await get('/key', { method: 'POST' })).status).toBe(404);
  const headers = (await get('/')).headers;
  expect(headers.get('content-security-policy')).toMatch(/default-src 'none'.*frame-ancestors 'none'/);
  expect(headers.get('content-security-policy')).not.toMatch(/unsafe-|https?:/);
  expect(headers.get('x-content-type-options')).toBe('nosniff');
  expect(headers.get('referrer-policy')).toBe('no-referrer');
});
