import type { Server } from 'node:http';
import type { Socket } from 'node:net';
import type { WebSocket } from 'ws';
import { Rate } from './guesses';
import { CLASS_LIMITS } from './limits';

interface Connection {
  readonly address: string;
  readonly isPupil: boolean;
  answered: boolean;
}

/** Rates of so many addresses are kept in mind. */
const MOST_ADDRESSES = 5000;

/** Who is connected, and from where: no address takes every place, and pupils never take the teacher's. */
export class Connections {
  private readonly alive = new Map<WebSocket, Connection>();
  private readonly rates = new Map<string, Rate>();
  /** How much each address says. */
  private readonly volumes = new Map<string, Rate>();
  private readonly sockets = new Map<string, number>();

  /** Watches how many sockets each address has on a server, whatever it asks for. */
  watch(server: Server): void {
    server.on('connection', (socket: Socket) => {
      const address = socket.remoteAddress ?? '';
      const count = (this.sockets.get(address) ?? 0) + 1;
      if (count > CLASS_LIMITS.socketsFrom) return void socket.destroy();
      this.sockets.set(address, count);
      socket.on('close', () => {
        const left = (this.sockets.get(address) ?? 1) - 1;
        if (left > 0) this.sockets.set(address, left);
        else this.sockets.delete(address);
      });
    });
  }

  /** Whether one more page of a pupil fits in, and its address has not too many, or connects too fast. */
  hasPlace(address: string): boolean {
    if (this.rates.size > MOST_ADDRESSES) this.rates.clear();
    const rate =
      this.rates.get(address) ?? new Rate(Date.now, CLASS_LIMITS.connectBurst, CLASS_LIMITS.connectPerSecond);
    this.rates.set(address, rate);
    return (
      rate.passes() &&
      this.count(({ isPupil }) => isPupil) < CLASS_LIMITS.connections &&
      this.count((one) => one.isPupil && one.address === address) < CLASS_LIMITS.connectionsFrom
    );
  }

  /** Whether an address may say so many characters more now: what it says beyond is not even looked at. */
  maySay(address: string, length: number): boolean {
    if (this.volumes.size > MOST_ADDRESSES) this.volumes.clear();
    const volume =
      this.volumes.get(address) ?? new Rate(Date.now, CLASS_LIMITS.volumeBurst, CLASS_LIMITS.volumePerSecond);
    this.volumes.set(address, volume);
    return volume.passes(length);
  }

  /** Whether one more page of the teacher fits in. */
  hasTeachersPlace(): boolean {
    return this.count(({ isPupil }) => !isPupil) < CLASS_LIMITS.teacherConnections;
  }

  add(ws: WebSocket, address: string, isPupil: boolean): void {
    const state = { address, isPupil, answered: true };
    this.alive.set(ws, state);
    ws.on('pong', () => (state.answered = true));
    ws.on('close', () => this.alive.delete(ws));
  }

  /** Ends what has not answered since it was asked last, and asks the others. */
  check(): void {
    for (const [ws, state] of this.alive) {
      if (!state.answered) ws.terminate();
      else {
        state.answered = false;
        ws.ping();
      }
    }
  }

  stop(): void {
    for (const ws of this.alive.keys()) ws.terminate();
  }

  private count(isMeant: (one: Connection) => boolean): number {
    let count = 0;
    for (const one of this.alive.values()) if (isMeant(one)) count++;
    return count;
  }
}
