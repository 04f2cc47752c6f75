import { readFileSync } from 'node:fs';
import type { RequestListener } from 'node:http';
import { createServer, type Server } from 'node:https';

interface SecureFiles {
  /** Files in PEM form. */
  readonly cert: string;
  readonly key: string;
}

/** A server over https. Files that cannot be read, or do not belong together, are told in words and end the process. */
export function secureServer({ cert, key }: SecureFiles, listener: RequestListener): Server {
  const read = (option: string, path: string) => {
    try {
      return readFileSync(path);
    } catch {
      return refuse(
        `“${option} ${path}”: there is no file that can be read. Give the path of a file in PEM form.`,
      );
    }
  };
  const files = { cert: read('--class-cert', cert), key: read('--class-key', key) };
  try {
    return createServer(files, listener);
  } catch (error) {
    return refuse(
      `“${cert}” and “${key}” are no certificate with its key: ${(error as Error).message}. ` +
        'Give two files in PEM form that belong together.',
    );
  }
}

function refuse(message: string): never {
  console.error(message);
  process.exit(2);
}
