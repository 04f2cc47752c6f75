/** Options, pages and caching of the server; its headers are tested in the browser. */
import { cacheHeader } from '../src/caching';
import { readOptions } from '../src/options';
import { pageFor, withNonce } from '../src/page';

test('options are read, and broken ones answered with what is right', () => {
  expect(readOptions([])).toEqual({
    ok: true,
    value: { host: 'localhost', port: 4180, empty: false, isClass: false, secure: null },
  });
  expect(readOptions(['--empty', '--port', '0', '--host', '127.0.0.1'])).toEqual({
    ok: true,
    value: { host: '127.0.0.1', port: 0, empty: true, isClass: false, secure: null },
  });
  // A class is served to the whole network, or where it is said.
  expect(readOptions(['--class'])).toMatchObject({ value: { host: '0.0.0.0', isClass: true } });
  expect(readOptions(['--class-host', '127.0.0.1', '--class'])).toMatchObject({
    value: { host: '127.0.0.1', isClass: true, secure: null },
  });
  for (const [args, message] of [
    [['--port', 'many'], /“--port many”: a port is a whole number/],
    [['--port'], /a port is a whole number/],
    [['--host'], /has no name after it/],
    [['--host', ' '], /has no name after it/],
    [['--host', '--empty'], /has no name after it/],
    [['--port', ' '], /a port is a whole number/],
    [[''], /“” is not an option/],
    [['--class', '--class-host'], /“--class-host” has no name after it/],
    [['--class-host', '127.0.0.1'], /give --class too/],
    [['--loud'], /“--loud” is not an option\. Options: --empty/],
  ] as const) {
    const result = readOptions(args);
    expect(!result.ok && result.message).toMatch(message);
  }
});

test('a certificate goes with its key, and with a class', () => {
  const given = (...args: string[]) => readOptions(args);
  expect(given('--class', '--class-cert', 'a.pem', '--class-key', 'b.pem')).toMatchObject({
    value: { secure: { cert: 'a.pem', key: 'b.pem' } },
  });
  expect(given('--class', '--class-cert', 'a.pem')).toMatchObject({
    message: expect.stringMatching(/“--class-cert” goes with/) as string,
  });
  expect(given('--class-cert', 'a.pem', '--class-key', 'b.pem')).toMatchObject({
    message: expect.stringMatching(/give --class too/) as string,
  });
  expect(given('--class', '--class-cert')).toMatchObject({
    message: expect.stringMatching(/has no file after it/) as string,
  });
});

test('the page carries its nonce everywhere and the word to start empty', () => {
  const template =
    '<meta name="diatonix-start" content="demo" /><meta nonce="__CSP_NONCE__"><script nonce="__CSP_NONCE__">';
  expect(withNonce(pageFor(template, false), 'abc')).toBe(
    '<meta name="diatonix-start" content="demo" /><meta nonce="abc"><script nonce="abc">',
  );
  expect(pageFor(template, true)).toContain('content="empty"');
});

test('only files with a hash in their name are kept for good', () => {
  expect(cacheHeader('/srv/dist/assets/index-B7x_k2Qp.js')).toMatch(/immutable/);
  expect(cacheHeader('/srv/dist/icon.svg')).toBe('no-cache');
  expect(cacheHeader('/srv/dist/assets/plain.js')).toBe('no-cache');
});
