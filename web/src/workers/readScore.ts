import { attempt, printKey } from '@diatonix/core';
import { readLineFile, type LineFile } from '@diatonix/core/files';

/** A file to be read in the worker; its ending says what it is. */
export interface ScoreFile {
  readonly name: string;
  readonly bytes: Uint8Array;
}

/** A line of chords as it was read, its key as plain text. */
export interface ReadLine extends Omit<LineFile, 'key'> {
  readonly key: string;
}

/** A score that was read: its columns and what could not be carried, or the error's message. */
export type ReadScore =
  | {
      readonly ok: true;
      readonly line: ReadLine;
      /** What could not be carried over, a sentence each. */
      readonly remarks: readonly string[];
    }
  | { readonly ok: false; readonly message: string };

/** Reads a score away from the page, so that a long one never holds up the bench. */
export function analyseInWorker({ name, bytes }: ScoreFile): ReadScore {
  const result = attempt(() => readLineFile(name, bytes));
  if (!result.ok) return { ok: false, message: result.error.message };
  const { value, remarks } = result.value;
  return { ok: true, line: { ...value, key: printKey(value.key) }, remarks };
}
