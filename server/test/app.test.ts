/** The server over HTTP, on a folder made for the test. */
import { mkdirSync, mkdtempSync, writeFileSync } from 'node:fs';
import { createServer, request, type IncomingHttpHeaders, type Server } from 'node:http';
import { connect, type AddressInfo } from 'node:net';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { BENCHES } from '../../web/src/benches/register';
import { createApp } from '../src/app';
import { ROUTES } from '../src/routes';
import { answerUnread } from '../src/unread';

let server: Server;
let address: string;

beforeAll(async () => {
  const root = mkdtempSync(join(tmpdir(), 'diatonix-server-'));
  mkdirSync(join(root, 'assets'));
  writeFileSync(
    join(root, 'index.html'),
    '<head><meta name="diatonix-start" content="demo" />' +
      '<script nonce="__CSP_NONCE__" src="/assets/index-AbCd1234.js"></script>',
  );
  writeFileSync(
    join(root, 'pupil.html'),
    '<title>A sheet</title><script nonce="__CSP_NONCE__" src="/assets/pupil-AbCd1234.js"></script>',
  );
  writeFileSync(join(root, 'assets', 'index-AbCd1234.js'), 'export {};');
  writeFileSync(join(root, 'assets', 'large-AbCd1234.js'), `/*${'x'.repeat(5_000_000)}*/`);
  writeFileSync(join(root, 'icon.svg'), '<svg/>');
  server = createServer(createApp({ root, empty: true }).callback());
  answerUnread(server);
  await new Promise<void>((resolve) => server.listen(0, 'localhost', resolve));
  address = `http://localhost:${(server.address() as AddressInfo).port}`;
});
afterAll(() => new Promise((resolve) => server.close(resolve)));

const get = (path: string, init?: RequestInit) => fetch(address + path, init);

/** Asks as a browser that has the page already; `fetch` would say that it wants a new one. */
function asBrowser(
  path: string,
  noneMatch: string,
): Promise<{ status: number | undefined; headers: IncomingHttpHeaders; body: string }> {
  return new Promise((resolve, reject) => {
    request(address + path, { headers: { 'If-None-Match': noneMatch } }, (response) => {
      let body = '';
      response.on('data', (chunk: Buffer) => (body += chunk.toString()));
      response.on('end', () => resolve({ status: response.statusCode, headers: response.headers, body }));
    })
      .on('error', reject)
      .end();
  });
}

test('every route of the application gets the page, with a nonce of its own', async () => {
  const nonces = [];
  for (const path of ['/', ...ROUTES, '/index.html']) {
    const response = await get(path);
    expect([path, response.status, response.headers.get('cache-control')]).toEqual([path, 200, 'no-cache']);
    const page = await response.text();
    const nonce = /nonce="([^"]+)"/.exec(page)![1]!;
    expect(response.headers.get('content-security-policy')).toContain(`'nonce-${nonce}'`);
    expect(page).toContain('content="empty"');
    nonces.push(nonce);
  }
  expect(new Set(nonces).size).toBe(nonces.length);
});

test('the pupils’ page is one of its own, under the same headers', async () => {
  const response = await get('/pupil');
  expect([response.status, response.headers.get('cache-control')]).toEqual([200, 'no-cache']);
  const page = await response.text();
  expect(page).toContain('<title>A sheet</title>');
  const nonce = /nonce="([^"]+)"/.exec(page)![1]!;
  expect(response.headers.get('content-security-policy')).toContain(`'nonce-${nonce}'`);
  const tag = response.headers.get('etag')!;
  expect((await asBrowser('/pupil', tag)).status).toBe(304);
  // The tag of one page is none of the other's.
  expect((await asBrowser('/key', tag)).status).toBe(200);
});

test('the routes are those of the benches, the list of workbooks and what is said about it', () => {
  expect([...ROUTES].sort()).toEqual([...BENCHES.map(({ path }) => path), '/workbooks', '/about'].sort());
});

test('an unknown route says 404, with the page', async () => {
  for (const path of ['/no/such/bench', '/Key', '/key/2']) {
    const response = await get(path);
    expect([path, response.status]).toEqual([path, 404]);
    expect(await response.text()).toContain('diatonix-start');
  }
});

test('a page that is asked for again is the one the browser has, with the nonce it has', async () => {
  const first = await get('/key');
  const tag = first.headers.get('etag')!;
  const again = await asBrowser('/key', tag);
  expect([again.status, again.body]).toEqual([304, '']);
  expect(again.headers['content-security-policy']).toBe(first.headers.get('content-security-policy'));
  for (const other of ['"0-abc"', `W/${tag}x`, tag.replace(/-[^"]+"/, "-'unsafe-inline'\""), '*'])
    expect([other, (await asBrowser('/key', other)).status]).toEqual([other, 200]);
});

test('built files are kept for good, others asked for again, missing ones not found', async () => {
  expect((await get('/assets/index-AbCd1234.js')).headers.get('cache-control')).toBe(
    'public, max-age=31536000, immutable',
  );
  expect((await get('/icon.svg')).headers.get('cache-control')).toBe('no-cache');
  for (const path of ['/assets/gone-AbCd1234.js', '/../package.json', '/.env'])
    expect((await get(path)).status).toBe(404);
});

test('nothing but reading is answered, and the headers are strict, on errors too', async () => {
  for (const method of ['POST', 'PUT', 'DELETE', 'PATCH', 'OPTIONS']) {
    const response = await get('/key', { method });
    expect([method, response.status, response.headers.get('allow')]).toEqual([method, 405, 'GET, HEAD']);
  }
  expect((await get('/key', { method: 'HEAD' })).status).toBe(200);
  for (const path of ['/', '/no/such/bench', '/assets/gone.js', '/%', '/a%00b.js', '/%c0%af..%c0%af']) {
    const { headers, status } = await get(path);
    expect([path, status < 500]).toEqual([path, true]);
    expect(headers.get('content-security-policy')).toMatch(/default-src 'none'.*frame-ancestors 'none'/);
    expect(headers.get('content-security-policy')).not.toMatch(/unsafe-|https?:/);
    expect(headers.get('x-content-type-options')).toBe('nosniff');
    expect(headers.get('referrer-policy')).toBe('no-referrer');
  }
});

test('a client that goes away is no error in the log', async () => {
  const logged = jest.spyOn(console, 'error').mockImplementation(() => undefined);
  for (let at = 0; at < 20; at++) {
    const { port } = server.address() as AddressInfo;
    await new Promise<void>((resolve) => {
      const client = connect(port, 'localhost', () => {
        client.write('GET /assets/large-AbCd1234.js HTTP/1.1\r\nHost: localhost\r\n\r\n');
        client.once('data', () => client.destroy());
      });
      client.on('close', () => resolve());
    });
  }
  await new Promise((resolve) => setTimeout(resolve, 100));
  expect(logged.mock.calls).toEqual([]);
  logged.mockRestore();
});

test('the files of the pages are the pages, and each says which file it was built as', async () => {
  for (const [file, page] of [
    ['/pupil.html', '/pupil'],
    ['/index.html', '/'],
  ] as const) {
    const [one, other] = await Promise.all([get(file), get(page)]);
    expect(one.headers.get('content-security-policy')).toContain("default-src 'none'");
    const without = (text: string) => text.replace(/nonce="[^"]+"/g, '');
    const text = await one.text();
    expect(without(text)).toBe(without(await other.text()));
    expect(text).not.toContain('__CSP_NONCE__');
  }
  expect(await (await get('/')).text()).toMatch(/<meta name="diatonix-page" content="[0-9a-f]{16}"/);
});

test('what is no request at all is answered in words, under the same headers', async () => {
  const { port } = server.address() as AddressInfo;
  const answer = await new Promise<string>((resolve) => {
    const socket = connect(port, 'localhost', () => socket.write('herring\r\n\r\n'));
    let said = '';
    socket.on('data', (data) => (said += String(data)));
    socket.on('close', () => resolve(said));
  });
  expect(answer).toMatch(/^HTTP\/1\.1 400 Bad Request/);
  for (const header of [
    'Content-Security-Policy',
    'X-Content-Type-Options: nosniff',
    'X-Frame-Options: DENY',
  ])
    expect(answer).toContain(header);
  expect(answer).toContain('This request cannot be read.');
});
