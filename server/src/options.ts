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

/** Reads the command line after `npm start --`. An unknown or broken option gives a message instead. */
export function readOptions(args: readonly string[]): OptionsResult {
  let host = 'localhost';
  let classHost: string | null = null;
  let cert: string | null = null;
  let key: string | null = null;
  let isClass = false;
  let port = 4180;
  let empty = false;
  for (let i = 0; i < args.length; i++) {
    const arg = args[i]!;
    if (arg === '--empty') empty = true;
    else if (arg === '--port') {
      const text = args[++i] ?? '';
      port = Number(text);
      if (text.trim() === '' || !Number.isInteger(port) || port < 0 || port > 65535)
        return { ok: false, message: `“--port ${text}”: a port is a whole number from 0 to 65535. ${USAGE}` };
    } else if (arg === '--class') isClass = true;
    else if (arg === '--class-cert' || arg === '--class-key') {
      const file = args[++i] ?? '';
      if (file.trim() === '' || file.startsWith('--'))
        return { ok: false, message: `“${arg}” has no file after it. ${USAGE}` };
      if (arg === '--class-cert') cert = file;
      else key = file;
    } else if (arg === '--host' || arg === '--class-host') {
      const name = args[++i] ?? '';
      if (name.trim() === '' || name.startsWith('--'))
        return { ok: false, message: `“${arg}” has no name after it. ${USAGE}` };
      if (arg === '--host') host = name;
      else classHost = name;
    } else return { ok: false, message: `“${arg}” is not an option. ${USAGE}` };
  }
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
