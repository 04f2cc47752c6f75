import type { LineColumn } from '@diatonix/core';

/** A file to be read in the worker; its ending says what it is. */
export interface ScoreFile {
  readonly name: string;
  readonly text: string;
}

/** A score read in the worker: its columns and what could not be carried, or the error's message. */
export type ScoreMessage =
  | {
      readonly ok: true;
      readonly title: string;
      readonly key: string;
      readonly tempo: number;
      readonly columns: readonly LineColumn[];
      /** What could not be carried over, a sentence each. */
      readonly remarks: readonly string[];
    }
  | { readonly ok: false; readonly message: string };
