import type { Listened } from '../generating/material';

/** What is heard in a key, or of a chord that is turned. */
export type HeardOf =
  | 'scale'
  | 'triad and inversion'
  | 'seventh and inversion'
  | 'cadence of a phrase'
  | 'numerals'
  | 'outer voices'
  | 'melody'
  | 'change';

/** What is asked beside the notes of a question, as data; `words/promptWords.ts` says it. */
export type Prompt =
  | {
      readonly say: 'key';
      readonly key: string;
      readonly form?: string;
      /** Other keys, each from a chord on, counted from 0. */
      readonly changes?: readonly { readonly at: number; readonly key: string }[];
    }
  | { readonly say: 'mode'; readonly mode: string }
  | { readonly say: 'last-note' }
  | { readonly say: 'degree'; readonly note: string; readonly key: string }
  | {
      readonly say: 'interval';
      readonly name: string;
      readonly direction?: 'above' | 'below' | 'higher' | 'lower';
    }
  | { readonly say: 'chord'; readonly root: string; readonly quality: string; readonly inversion: number }
  | { readonly say: 'cadence'; readonly cadence: string; readonly key: string }
  | { readonly say: 'keys'; readonly keys: readonly string[] }
  | { readonly say: 'map'; readonly key: string; readonly stack: number }
  | {
      readonly say: 'target';
      readonly target: string;
      readonly key: string;
      /** How many chords are sought before it. */
      readonly chords: number;
    }
  | { readonly say: 'chords'; readonly key: string; readonly numerals: readonly string[] }
  | {
      readonly say: 'heard';
      readonly of: Listened | HeardOf;
      readonly how?: 'together' | 'up' | 'down';
      readonly key?: string;
      /** How many chords or notes are heard. */
      readonly count?: number;
      readonly numerals?: readonly string[];
      readonly first?: string;
    }
  | { readonly say: 'numeral'; readonly numeral: string; readonly key: string }
  | { readonly say: 'figures'; readonly figures: readonly string[]; readonly key: string }
  | { readonly say: 'text'; readonly text: string };
