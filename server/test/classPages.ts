/** A class network on a free port of this machine, and pages that speak to it, for tests. */
import { createServer, type Server } from 'node:http';
import type { AddressInfo } from 'node:net';
import WebSocket from 'ws';
import { isOwnHost } from '../src/class/addresses';
import { PROTOCOL, PUPIL_SOCKET, TEACHER_SOCKET } from '../src/class/protocol';
import { Relay } from '../src/class/relay';

export const TOKEN = 'a'.repeat(43);
export const ROOM = 'room-of-the-evening-class';
const WAIT_MS = 5000;

export interface Message {
  readonly type: string;
  readonly [field: string]: unknown;
}

/** A page at the other end: what it was told, and what it waits for. */
export class Page {
  readonly told: Message[] = [];
  private seen = 0;
  private readonly waiting = new Set<() => void>();

  constructor(readonly socket: WebSocket) {
    socket.on('message', (data) => {
      this.told.push(JSON.parse(String(data)) as Message);
      for (const look of this.waiting) look();
    });
    socket.on('error', () => undefined);
  }

  say(message: object | string): void {
    this.socket.send(typeof message === 'string' ? message : JSON.stringify(message));
  }

  /** The next message of a kind after those that were waited for already. */
  async next(type: string): Promise<Message> {
    const found = () => this.told.findIndex((one, at) => at >= this.seen && one.type === type);
    await new Promise<void>((resolve, reject) => {
      const late = setTimeout(
        () => reject(new Error(`No “${type}” came, but ${JSON.stringify(this.told)}.`)),
        WAIT_MS,
      );
      const look = () => {
        if (found() < 0) return;
        clearTimeout(late);
        this.waiting.delete(look);
        resolve();
      };
      this.waiting.add(look);
      look();
    });
    const at = found();
    this.seen = at + 1;
    return this.told[at]!;
  }

  /** Waits until everything that was said has been heard: what is dropped gives no answer. */
  async heard(): Promise<void> {
    this.say({ type: 'ping' });
    await this.next('pong');
  }

  async closed(): Promise<void> {
    if (this.socket.readyState === WebSocket.CLOSED) return;
    await new Promise((resolve) => this.socket.once('close', resolve));
  }

  leave(): void {
    this.socket.terminate();
  }
}

export class ClassNetwork {
  readonly log: string[] = [];
  readonly pages: Page[] = [];
  relay!: Relay;
  private server!: Server;
  private port = 0;

  async start(): Promise<void> {
    this.server = createServer();
    await new Promise<void>((resolve) => this.server.listen(this.port, '127.0.0.1', resolve));
    this.port = (this.server.address() as AddressInfo).port;
    this.relay = new Relay({
      token: TOKEN,
      address: `http://127.0.0.1:${this.port}/pupil`,
      isOwnHost: (host) => isOwnHost(host, this.port, []),
      log: (line) => this.log.push(line),
    });
    this.relay.attach(this.server);
  }

  async stop(): Promise<void> {
    this.relay.stop();
    this.server.closeAllConnections();
    await new Promise((resolve) => this.server.close(resolve));
  }

  get host(): string {
    return `127.0.0.1:${this.port}`;
  }

  /** A connection; rejects with the status where it is refused. */
  async connect(
    path: string,
    protocols: string[],
    headers: Record<string, string> = {},
    from = '127.0.0.1',
  ): Promise<Page> {
    const socket = new WebSocket(`ws://${this.host}${path}`, protocols, {
      headers: { origin: `http://${this.host}`, ...headers },
      localAddress: from,
    });
    const page = new Page(socket);
    this.pages.push(page);
    await new Promise<void>((resolve, reject) => {
      socket.once('open', resolve);
      socket.once('unexpected-response', (_request, { statusCode }) => reject(new Error(String(statusCode))));
      socket.once('error', reject);
    });
    return page;
  }

  /** A pupil's page, on a device with an address of its own where one is given (127.0.0.0/8). */
  pupil(from?: string): Promise<Page> {
    return this.connect(PUPIL_SOCKET, [PROTOCOL], {}, from);
  }

  teacher(token = TOKEN): Promise<Page> {
    return this.connect(TEACHER_SOCKET, [PROTOCOL, token]);
  }

  /** The teacher's page with a class that is open. */
  async opened(part: object = {}): Promise<{ teacher: Page; code: string }> {
    const teacher = await this.teacher();
    const open = { room: ROOM, sheets: ['sheet A', 'sheet B'], pupils: [], closed: false, endsAt: null };
    teacher.say({ type: 'open', ...open, ...part });
    return { teacher, code: (await teacher.next('opened'))['code'] as string };
  }

  /** A pupil's page in the class. */
  async joined(
    code: string,
    name: string,
    key = `key-of-${name.toLowerCase().replace(/\W/g, '-')}-12345`,
    from?: string,
  ) {
    const page = await this.pupil(from);
    page.say({ type: 'join', code, name, key });
    return { page, joined: await page.next('joined'), key };
  }
}

/** A class network for each test of a file. */
export function onNetwork(take: (network: ClassNetwork) => void): void {
  let network: ClassNetwork;
  beforeEach(async () => {
    network = new ClassNetwork();
    await network.start();
    take(network);
  });
  afterEach(async () => {
    for (const page of network.pages) page.leave();
    await network.stop();
  });
}

/** What a pupil's page says of its work. */
export const answer = (question: string, text: string, n: number) => ({ question, text, n });
export const work = (...answers: object[]) => ({ type: 'work', answers });
