import type { Clef } from '@diatonix/core';

/** The chord on the Chords bench. */
export interface ChordStudy {
  /** The chord, as an exact symbol in the default school. */
  readonly symbol: string;
  /** The key in which its numeral and degree are counted. */
  readonly key: string;
  readonly clef: Clef;
  /** Members played twice, as `b3`, where the view lays the chord out. */
  readonly doubled: readonly string[];
  /** A line of chords to hear one after the other, as it is typed. */
  readonly chain: string;
}

export const FIRST_CHORD: ChordStudy = {
  symbol: 'C',
  key: 'C major',
  clef: 'treble',
  doubled: [],
  chain: 'I I6 I IV64 I V65 I',
};
