import { TheoryError } from '@diatonix/core';
import { writeFileSync } from 'node:fs';

/** Writes a file where it is to go. Throws TheoryError `request`. */
export function writeOut(path: string, data: string | Uint8Array): void {
  try {
    writeFileSync(path, data);
  } catch {
    throw new TheoryError(
      'request',
      path,
      'this file cannot be written.',
      'Give a path in a folder that exists.',
    );
  }
}
