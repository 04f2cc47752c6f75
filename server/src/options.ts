export interface Options {
  readonly host: string;
  readonly port: number;
  /** Starts without the demo workbook. */
  readonly empty: boolean;
}

export type OptionsResult =
  { readonly ok: true; readonly value: Options } | { readonly ok: false; readonly message: string };

const USAGE =
  'Options: --empty (no demo workbook), --port NUMBER (default 4180), --host NAME (default localhost).';

/** Reads the command line after `npm start --`. An unknown or broken option gives a message instead. */
export function readOptions(args: readonly string[]): OptionsResult {
  let host = 'localhost';
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
    } else if (arg === '--host') {
      host = args[++i] ?? '';
      if (host.trim() === '' || host.startsWith('--'))
        return { ok: false, message: `“--host” has no name after it. ${USAGE}` };
    } else return { ok: false, message: `“${arg}” is not an option. ${USAGE}` };
  }
  return { ok: true, value: { host, port, empty } };
}
