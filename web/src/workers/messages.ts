import type { LineFile } from '@diatonix/core/files';

/** A file to be read in the worker; its ending says what it is. */
export interface ScoreFile {
  readonly name: string;
  readonly bytes: Uint8Array;
}

/** A line of chords as it was read, its key as plain text. */
export interface ReadLine extends Omit<LineFile, 'key'> {
  readonly key: string;
}

/** A score read in the worker: its columns and what could not be carried, or the error's message. */
export type ScoreMessage =
  | {
      readonly ok: true;
      readonly line: ReadLine;
      /** What could not be carried over, a sentence each. */
      readonly remarks: readonly string[];
    }
  | { readonly ok: false; readonly message: string };
