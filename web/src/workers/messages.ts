import type { Entry } from '@diatonix/core';

/** A score read in the worker: entries and what could not be carried, or the error's message. */
export type ScoreMessage =
  | {
      readonly ok: true;
      readonly title: string;
      readonly key: string;
      readonly tempo: number;
      readonly entries: readonly Entry[];
      readonly unread: number;
    }
  | { readonly ok: false; readonly message: string };
