/** A class over https: with a certificate (made for these tests alone), over real connections. */
import { get, type Server } from 'node:https';
import type { AddressInfo } from 'node:net';
import { join } from 'node:path';
import WebSocket from 'ws';
import { isOwnHost } from '../src/class/addresses';
import { PROTOCOL, PUPIL_SOCKET, TEACHER_SOCKET } from '../src/class/protocol';
import { Relay } from '../src/class/relay';
import { invitation } from '../src/class/invite';
import { secureServer } from '../src/secure';
import { security } from '../src/security';
import Koa from 'koa';
import { TOKEN } from './classPages';

const file = (name: string) => join(__dirname, 'certificate', name);
const FILES = { cert: file('cert.pem'), key: file('key.pem') };
let server: Server;
let relay: Relay;
let port: number;

beforeAll(async () => {
  const app = new Koa();
  app.use(security(() => null, true));
  app.use((context) => {
    context.body = 'a page';
  });
  server = secureServer(FILES, app.callback());
  await new Promise<void>((resolve) => server.listen(0, '127.0.0.1', resolve));
  port = (server.address() as AddressInfo).port;
  relay = new Relay({
    token: TOKEN,
    address: `https://127.0.0.1:${port}/pupil`,
    isOwnHost: (host) => isOwnHost(host, port, []),
    log: () => undefined,
  });
  relay.attach(server);
});
afterAll(async () => {
  relay.stop();
  server.closeAllConnections();
  await new Promise((resolve) => server.close(resolve));
});

const connect = (path: string, protocols: string[], scheme = 'https') =>
  new Promise<string>((resolve) => {
    const socket = new WebSocket(`wss://127.0.0.1:${port}${path}`, protocols, {
      headers: { origin: `${scheme}://127.0.0.1:${port}` },
      rejectUnauthorized: false,
    });
    socket.on('open', () => {
      resolve('let in');
      socket.terminate();
    });
    socket.on('unexpected-response', (_, { statusCode }) => resolve(String(statusCode)));
    socket.on('error', () => undefined);
  });

test('pages connect over the secret line, and those of the open one do not', async () => {
  expect(await connect(PUPIL_SOCKET, [PROTOCOL])).toBe('let in');
  expect(await connect(TEACHER_SOCKET, [PROTOCOL, TOKEN])).toBe('let in');
  expect(await connect(PUPIL_SOCKET, [PROTOCOL], 'http')).toBe('403');
});

test('the page may speak to its own secret socket, and to no other', async () => {
  const policy = await new Promise<string>((resolve) => {
    get({ host: '127.0.0.1', port, rejectUnauthorized: false }, (answer) => {
      answer.resume();
      resolve(String(answer.headers['content-security-policy']));
    });
  });
  expect(policy).toContain(`connect-src 'self' wss://127.0.0.1:${port}`);
  expect(policy).not.toContain('ws://127');
});

test('the terminal warns where somebody could listen in, and says nothing of it where nobody can', async () => {
  const said = { teacher: 'https://localhost/class#x', pupils: 'https://localhost/pupil', code: 'ABCDEF' };
  expect(await invitation({ ...said, isSecret: false })).toContain('can listen in');
  expect(await invitation({ ...said, isSecret: true })).not.toContain('listen in');
});

test('files that are none, or do not belong together, are told in words', () => {
  const exit = jest.spyOn(process, 'exit').mockImplementation(() => {
    throw new Error('exit');
  });
  const said = jest.spyOn(console, 'error').mockImplementation(() => undefined);
  expect(() => secureServer({ ...FILES, cert: file('none.pem') }, () => undefined)).toThrow('exit');
  expect(said.mock.calls.at(-1)![0]).toMatch(/“--class-cert .*none\.pem”: there is no file that can be read/);
  expect(() => secureServer({ cert: FILES.key, key: FILES.cert }, () => undefined)).toThrow('exit');
  expect(said.mock.calls.at(-1)![0]).toMatch(/are no certificate with its key/);
  expect(exit).toHaveBeenCalledWith(2);
  exit.mockRestore();
  said.mockRestore();
});
