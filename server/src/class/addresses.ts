import { networkInterfaces } from 'node:os';

/** The addresses of this machine in its own networks, those of version 4 first. */
export function networkAddresses(): string[] {
  const all = Object.values(networkInterfaces()).flatMap((one) => one ?? []);
  return all
    .filter(({ internal, scopeid }) => !internal && !scopeid)
    .sort((a, b) => Number(b.family === 'IPv4') - Number(a.family === 'IPv4'))
    .map(({ address, family }) => (family === 'IPv4' ? address : `[${address}]`));
}

const LOCAL = ['localhost', '127.0.0.1', '[::1]'];

/** Whether pages at a host are served by this machine: a page elsewhere that points its name at us is not ours. */
export function isOwnHost(host: string, port: number, names: readonly string[]): boolean {
  const own = [...LOCAL, ...networkAddresses(), ...names];
  return own.some((name) => host === `${name}:${port}` || (port === 80 && host === name));
}
