import type { Entry, LineColumn, Pattern, RuleWeights } from '@diatonix/core';

/** What was decided about a column beside what was entered. */
export interface ColumnRulings extends Omit<LineColumn, 'entry'> {
  /** What the class answered for a chord that is to be worked back. */
  readonly answer?: string;
}

/** A column of a progression: what was entered, or the piece of text that was not understood. */
export type ProgressionColumn = (
  { readonly id: string; readonly entry: Entry } | { readonly id: string; readonly unread: string }
) &
  ColumnRulings;

export interface Progression {
  readonly title: string;
  /** Plain text, such as `A major`. */
  readonly key: string;
  /** Quarter notes a minute. */
  readonly tempo: number;
  /** Such as `3/4`. */
  readonly metre: string;
  /** Length of the upbeat in quarters, `0` for none. */
  readonly upbeat: string;
  /** Where it comes from, printed under the title. */
  readonly source: string;
  /** Whether changes of key are found, or everything is read in the key above and those that are marked. */
  readonly modulate: boolean;
  readonly view: ProgressionView;
  /** Rows that are not shown, and rows left blank for the class. */
  readonly hidden: readonly string[];
  readonly blank: readonly string[];
  /** The order of the rows where it is not the usual one; rows that are not named come last. */
  readonly order: readonly string[];
  /** What a fault against a rule of four-part writing costs: 0 switches it off, a rule without a weight forbids. */
  readonly weights: RuleWeights;
  /** How the keyboard plays a chord. */
  readonly pattern: Pattern;
  readonly columns: readonly ProgressionColumn[];
}

export const PROGRESSION_VIEWS = ['keyboard', 'four-part'] as const;
export type ProgressionView = (typeof PROGRESSION_VIEWS)[number];

/** What a new progression begins with. */
export const FIRST_PROGRESSION: Omit<Progression, 'title'> = {
  key: 'C major',
  tempo: 80,
  metre: '4/4',
  upbeat: '0',
  source: '',
  modulate: false,
  view: 'keyboard',
  hidden: ['fingers'],
  blank: [],
  order: [],
  weights: {},
  pattern: 'block',
  columns: [],
};

export const TEMPO_RANGE = { least: 40, most: 208 } as const;
