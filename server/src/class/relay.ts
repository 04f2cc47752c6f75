import type { IncomingMessage, Server } from 'node:http';
import type { Duplex } from 'node:stream';
import { WebSocketServer, type WebSocket } from 'ws';
import { newCode, plainCode } from './codes';
import { Connections } from './connections';
import { readPupil, readTeacher } from './door';
import { Guesses, Rate } from './guesses';
import { CLASS_LIMITS } from './limits';
import {
  PROTOCOL,
  PUPIL_SOCKET,
  TEACHER_SOCKET,
  type Join,
  type Open,
  type Refusal,
  type ToPupil,
  type ToTeacher,
} from './protocol';
import type { Link } from './member';
import { Room } from './room';
import { isToken } from './token';

export interface RelayOptions {
  readonly token: string;
  /** Whether a page at this host (`192.168.1.20:4180`) is ours. */
  readonly isOwnHost: (host: string) => boolean;
  /** What pupils type to come here. */
  readonly address: string;
  /** A line for the log, without names and work. */
  readonly log: (line: string) => void;
}

/** A connection that takes in nothing of what is sent to it is given up beyond so many bytes. */
const MOST_BUFFERED = 32_000_000;

/** The class relay: rooms in memory, messages checked at the door, nothing on the disk. */
export class Relay {
  /** The code of the class that is opened next. */
  nextCode = newCode();
  private readonly rooms = new Map<string, Room>();
  private readonly guesses = new Guesses();
  private readonly pupils = new WebSocketServer({
    noServer: true,
    maxPayload: CLASS_LIMITS.pupilMessage,
    ...ONE,
  });
  private readonly teachers = new WebSocketServer({
    noServer: true,
    maxPayload: CLASS_LIMITS.teacherMessage,
    ...ONE,
  });
  private readonly connections = new Connections();
  private readonly beat: NodeJS.Timeout;

  constructor(private readonly options: RelayOptions) {
    this.beat = setInterval(() => this.checkAlive(), CLASS_LIMITS.deadMs / 2);
    this.beat.unref();
  }

  /** Takes the connections of a server. */
  attach(server: Server): void {
    server.on('upgrade', (request, socket, head) => this.upgrade(request, socket, head));
    this.connections.watch(server);
  }

  /** How many classes are open. */
  get open(): number {
    return this.rooms.size;
  }

  /** Ends the connections; for a server that stops. */
  stop(): void {
    clearInterval(this.beat);
    this.connections.stop();
    this.rooms.clear();
  }

  private upgrade(request: IncomingMessage, socket: Duplex, head: Buffer): void {
    const refuse = (status: string, why: string) => {
      this.options.log(`A connection was refused: ${why}.`);
      socket.end(`HTTP/1.1 ${status}\r\nConnection: close\r\nContent-Length: 0\r\n\r\n`);
    };
    socket.on('error', () => socket.destroy());
    const path = (request.url ?? '').split('?')[0];
    const host = request.headers.host ?? '';
    if (path !== PUPIL_SOCKET && path !== TEACHER_SOCKET)
      return refuse('404 Not Found', 'there is nothing at its address');
    const scheme = 'encrypted' in request.socket ? 'https' : 'http';
    if (!this.options.isOwnHost(host) || request.headers.origin !== `${scheme}://${host}`)
      return refuse('403 Forbidden', 'it came from a page that is not ours');
    const address = socketAddress(request);
    const [protocol, token] = (request.headers['sec-websocket-protocol'] ?? '')
      .split(',')
      .map((one) => one.trim());
    if (protocol !== PROTOCOL) return refuse('400 Bad Request', 'it speaks another protocol');
    if (path === PUPIL_SOCKET) {
      if (!this.connections.hasPlace(address)) return refuse('503 Service Unavailable', 'there are too many');
      return this.pupils.handleUpgrade(request, socket, head, (ws) => this.pupil(ws, address));
    }
    if (!isToken(token, this.options.token))
      return refuse('401 Unauthorized', 'it has not the token of this machine');
    // Pupils' pages never take the places of the teacher's.
    if (!this.connections.hasTeachersPlace()) return refuse('503 Service Unavailable', 'there are too many');
    this.teachers.handleUpgrade(request, socket, head, (ws) => this.teacher(ws, address));
  }

  /** A pupil's page: it joins, and says then only what is its own. */
  private pupil(ws: WebSocket, address: string): void {
    const link = this.connect<ToPupil>(ws, address, true);
    const rate = new Rate();
    let dropped = 0;
    let inside: { readonly room: Room; readonly id: string } | null = null;
    let joining = false;
    /** The room in which the teacher is asked. */
    let asked: Room | null = null;
    const where = () => {
      const id = asked?.memberOf(link);
      if (asked && id !== undefined) inside = { room: asked, id };
      return inside;
    };
    ws.on('message', (data, isBinary) => {
      const text = isBinary ? '' : String(data);
      const cost = 1 + Math.floor(text.length / CLASS_LIMITS.costly);
      if (!rate.passes(cost) || !this.connections.maySay(address, text.length)) {
        // Its page comes back and sends what was lost; a flood begins at the door again.
        this.options.log('A pupil’s page spoke too fast and was shut out.');
        return ws.terminate();
      }
      const message = isBinary ? null : readPupil(text);
      if (!message) {
        this.options.log('A message of a pupil’s page was dropped: it is none of ours.');
        if (++dropped > CLASS_LIMITS.dropped) ws.terminate();
        return;
      }
      if (message.type === 'ping') return link.send({ type: 'pong' });
      if (message.type !== 'join' && message.type !== 'names') {
        const own = where();
        return own?.room.fromPupil(own.id, message);
      }
      if (where() || joining) return;
      joining = true;
      const isGuess = message.type === 'names' || message.room === undefined;
      // Where much is guessed nobody hears at once whether a code is right.
      setTimeout(
        () => {
          joining = false;
          if (ws.readyState !== ws.OPEN) return;
          if (message.type === 'names') return link.send(this.names(message.code, address));
          const entered = this.join(message, link, address);
          if ('why' in entered) {
            if (entered.why === 'ask') asked = entered.room ?? null;
            return link.send({ type: 'refused', why: entered.why });
          }
          inside = entered;
        },
        this.guesses.late() && isGuess ? CLASS_LIMITS.lateMs : 0,
      );
    });
    ws.on('close', () => {
      const own = where();
      own?.room.dropped(own.id, link);
      asked?.askedAndLeft(link);
    });
    const silent = setTimeout(
      () => where() === null && asked === null && ws.terminate(),
      CLASS_LIMITS.silentMs + CLASS_LIMITS.lateMs,
    );
    ws.on('close', () => clearTimeout(silent));
  }

  private join(
    message: Join,
    link: Link<ToPupil>,
    address: string,
  ): { room: Room; id: string } | { why: Refusal; room?: Room } {
    const { room: before } = message;
    let room: Room | undefined;
    if (before !== undefined) {
      // Who was in a room knows its name, which cannot be guessed.
      room = this.rooms.get(before);
      if (!room) return { why: 'away' };
    } else {
      const found = this.underCode(message.code, address);
      if (typeof found === 'string') return { why: found };
      room = found;
    }
    const entered = room.join(message, link, address);
    return typeof entered === 'string' ? { room, id: entered } : { why: entered.why, room };
  }

  /** The room under a code that somebody types; or why none is told. */
  private underCode(typed: string, address: string): Room | Refusal {
    if (this.guesses.blocked(address)) return 'wait';
    const code = plainCode(typed);
    const room = [...this.rooms.values()].find((one) => one.code === code);
    if (room) return room;
    this.guesses.wrong(address);
    return 'code';
  }

  /** The names that can be chosen in a class, for who has its code. */
  private names(code: string, address: string): ToPupil {
    const found = this.underCode(code, address);
    return typeof found === 'string'
      ? { type: 'refused', why: found }
      : { type: 'names', names: found.namesToChoose() };
  }

  /** The teacher's page: it opens its class, or comes back to it. */
  private teacher(ws: WebSocket, address: string): void {
    const link = this.connect<ToTeacher>(ws, address, false);
    let room: Room | null = null;
    ws.on('message', (data, isBinary) => {
      const message = isBinary ? null : readTeacher(String(data));
      if (!message)
        return this.options.log('A message of the teacher’s page was dropped: it is none of ours.');
      if (message.type === 'ping') return link.send({ type: 'pong' });
      if (message.type === 'open') {
        const opened = this.roomFor(message);
        if (!opened) return link.send({ type: 'refused', why: 'full' });
        room = opened;
        return room.open(message, link, this.options.address);
      }
      if (!room || this.rooms.get(room.id) !== room) return;
      if (message.type !== 'end') return room.fromTeacher(message);
      this.end(room);
      room = null;
    });
    ws.on('close', () => room?.left(link));
  }

  /** The room that is opened; null where there are too many. */
  private roomFor({ room: id, code }: Open): Room | null {
    const known = this.rooms.get(id);
    if (known) return known;
    if (this.rooms.size >= CLASS_LIMITS.rooms) return null;
    const taken = [...this.rooms.values()].some((one) => one.code === code);
    const room = new Room(id, code !== undefined && !taken ? code : this.nextCode);
    if (room.code === this.nextCode) this.nextCode = newCode();
    this.rooms.set(id, room);
    this.options.log(`The class ${room.code} is open.`);
    return room;
  }

  private connect<Message>(ws: WebSocket, address: string, isPupil: boolean): Link<Message> {
    this.connections.add(ws, address, isPupil);
    // Too large, no UTF-8 and the like: the connection ends, and its page comes back.
    ws.on('error', () => ws.terminate());
    return {
      send: (message) => {
        if (ws.readyState !== ws.OPEN) return;
        if (ws.bufferedAmount > MOST_BUFFERED) return ws.terminate();
        ws.send(JSON.stringify(message));
      },
      sendThen: (message, then) => {
        if (ws.readyState === ws.OPEN) ws.send(JSON.stringify(message), then);
      },
      close: () => ws.close(),
    };
  }

  private end(room: Room): void {
    this.rooms.delete(room.id);
    this.options.log(`The class ${room.code} has ended: nothing of it is kept here.`);
    room.end();
  }

  private checkAlive(): void {
    for (const room of this.rooms.values()) if (room.isLeft) this.end(room);
    this.connections.check();
  }
}

/** Both sides name one protocol; compressing small messages costs more than it saves. */
const ONE = { handleProtocols: () => PROTOCOL, perMessageDeflate: false, clientTracking: false } as const;

const socketAddress = (request: IncomingMessage) => request.socket.remoteAddress ?? '';
