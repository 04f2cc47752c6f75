import type { Clef } from '@diatonix/core';

/** One interval: two notes as plain text, or the piece of text that was not understood. */
export type IntervalItem =
  | { readonly id: string; readonly from: string; readonly to: string }
  | { readonly id: string; readonly unread: string };

/** The line of intervals. */
export interface IntervalLine {
  readonly clef: Clef;
  /** The key whose signature stands on the staff, as plain text. */
  readonly key: string;
  /** Whether the letters row shows the signature's accidentals. */
  readonly pencilled: boolean;
  /** Whether the names are left blank for the class to fill in. */
  readonly naming: boolean;
  /** Answers given, by interval: its name, and that of its inversion. */
  readonly answers: Readonly<Record<string, string>>;
  readonly inversionAnswers: Readonly<Record<string, string>>;
  /** How many intervals stand in a bar; an accidental holds to its end. */
  readonly perBar: number;
  readonly items: readonly IntervalItem[];
}

/** A bar of a line of intervals holds at most so many. */
export const MOST_PER_BAR = 8;

export const EMPTY_INTERVALS: IntervalLine = {
  clef: 'treble',
  key: 'C major',
  pencilled: true,
  naming: false,
  answers: {},
  inversionAnswers: {},
  perBar: 1,
  items: [],
};
