import { parseArgs } from 'node:util';

export interface Options {
  readonly host: string;
  readonly port: number;
  /** Starts without the demo workbook. */
  readonly empty: boolean;
  /** Whether pupils in the same network may join. */
  readonly isClass: boolean;
  /** Files of a certificate and its key, where the class is served over https. */
  readonly secure: { readonly cert: string; readonly key: string } | null;
}

export type OptionsResult =
  { readonly ok: true; readonly value: Options } | { readonly ok: false; readonly message: string };

/** Every address of the machine. */
export const EVERYWHERE = '0.0.0.0';

const USAGE =
  'Options: --empty (no demo workbook), --port NUMBER (default 4180), --host NAME (default localhost), ' +
  '--class (pupils in the same network may join), --class-host ADDRESS (where the class is served; ' +
  'by default every address of this machine), --class-cert FILE --class-key FILE (a certificate and its key: the ' +
  'class is served over https).';

const KNOWN = {
  empty: { type: 'boolean' },
  class: { type: 'boolean' },
  port: { type: 'string' },
  host: { type: 'string' },
  'class-host': { type: 'string' },
  'class-cert': { type: 'string' },
  'class-key': { type: 'string' },
} as const;

const fault = (message: string) => ({ ok: false, message: `${message} ${USAGE}` }) as const;

/** What is wrong with how the options are written; null where each is known and has what belongs after it. */
function writtenWrongly(args: readonly string[]): string | null {
  const { tokens } = parseArgs({ args: [...args], options: KNOWN, strict: false, tokens: true });
  for (const token of tokens) {
    if (token.kind === 'positional') return `“${token.value}” is not an option.`;
    if (token.kind !== 'option') continue;
    const known = Object.hasOwn(KNOWN, token.name) ? KNOWN[token.name as keyof typeof KNOWN] : null;
    if (!known || !token.rawName.startsWith('--')) return `“${token.rawName}” is not an option.`;
    const value = token.value?.trim() ?? '';
    if (known.type === 'string' && token.name !== 'port' && (value === '' || value.startsWith('--')))
      return `“${token.rawName}” has no ${/host/.test(token.name) ? 'name' : 'file'} after it.`;
  }
  return null;
}

/** Reads the command line after `npm start --`. An unknown or broken option gives a message instead. */
export function readOptions(args: readonly string[]): OptionsResult {
  const wrong = writtenWrongly(args);
  if (wrong !== null) return fault(wrong);
  const { values } = parseArgs({ args: [...args], options: KNOWN, strict: false });
  const textOf = (name: 'port' | 'host' | 'class-host' | 'class-cert' | 'class-key') =>
    typeof values[name] === 'string' ? values[name] : null;
  const [isClass, empty] = [values.class === true, values.empty === true];
  const [classHost, cert, key] = [textOf('class-host'), textOf('class-cert'), textOf('class-key')];
  const host = textOf('host') ?? 'localhost';
  const portText = values.port === undefined ? '4180' : (textOf('port') ?? '');
  const port = Number(portText);
  if (portText.trim() === '' || !Number.isInteger(port) || port < 0 || port > 65535)
    return fault(`“--port ${portText}”: a port is a whole number from 0 to 65535.`);
  if (classHost !== null && !isClass)
    return { ok: false, message: `“--class-host” says where a class is served: give --class too. ${USAGE}` };
  if ((cert === null) !== (key === null)) {
    const given = cert === null ? '--class-key' : '--class-cert';
    return { ok: false, message: `“${given}” goes with the other: give both files. ${USAGE}` };
  }
  if (cert !== null && !isClass)
    return { ok: false, message: `“--class-cert” says how a class is served: give --class too. ${USAGE}` };
  const secure = cert !== null && key !== null ? { cert, key } : null;
  return {
    ok: true,
    value: { host: isClass ? (classHost ?? EVERYWHERE) : host, port, empty, isClass, secure },
  };
}
