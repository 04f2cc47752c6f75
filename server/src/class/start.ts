import type { Server } from 'node:http';
import { EVERYWHERE } from '../options';
import { isOwnHost, networkAddresses } from './addresses';
import { invitation } from './invite';
import { Relay } from './relay';
import { machineToken } from './token';

interface Place {
  /** The address that is listened on. */
  readonly host: string;
  readonly port: number;
  readonly scheme: 'http' | 'https';
}

/** Opens the class network on a server, and says in the terminal how to come there. */
export async function startClass(server: Server, { host, port, scheme }: Place): Promise<Relay> {
  const token = machineToken();
  const shown = host === EVERYWHERE ? (networkAddresses()[0] ?? 'localhost') : host;
  const own = host === EVERYWHERE ? 'localhost' : host;
  const pupils = `${scheme}://${shown}:${port}/pupil`;
  const relay = new Relay({
    token,
    address: pupils,
    isOwnHost: (name) => isOwnHost(name, port, [host]),
    log: quietly(),
  });
  relay.attach(server);
  console.log(
    await invitation({
      teacher: `${scheme}://${own}:${port}/class#${token}`,
      pupils,
      code: relay.nextCode,
      isSecret: scheme === 'https',
    }),
  );
  return relay;
}

const QUIET_MS = 1000;

/** The log of the terminal: the same line at most once a second, with how often it would have been said. */
function quietly(): (line: string) => void {
  const last = new Map<string, { at: number; more: number }>();
  return (line) => {
    const known = last.get(line);
    if (known && Date.now() - known.at < QUIET_MS) {
      known.more++;
      return;
    }
    console.log(known && known.more > 0 ? `${line} (${known.more} more before)` : line);
    last.set(line, { at: Date.now(), more: 0 });
  };
}
