import { notesFromBass, type Chord } from '../chord/chord';
import { type Key } from '../key/key';
import { type NumeralReason } from '../label/numeralReading';
import { type Numeral } from '../label/numeral';
import { type NoteName } from '../pitch/note';
import { perObject } from '../memo';

export const MOST_PLACES = 20_000;

/**
 * One chord as it comes: its notes, lowest first, the chord that a symbol names, or a chord with its numeral.
 */
export type ChordIn =
  | { readonly notes: readonly NoteName[] }
  | { readonly chord: Chord }
  /** A chord whose numeral and key are settled: typed as a numeral, or ruled. */
  | { readonly chord: Chord; readonly numeral: Numeral; readonly key: Key };

export interface ContextOptions {
  /** Sharps (positive) or flats of the printed signature. */
  readonly signature?: number;
  /** Indices of the chords with which phrases end. */
  readonly phraseEnds?: readonly number[];
  /** The key of each chord, where it is given; a single key may hold for all. */
  readonly key?: Key;
  readonly keys?: readonly (Key | null)[];
}

/**
 * One reading of a chord: the key it is counted in, its numeral there, and what the best whole reading with
 * it costs more than the best of all.
 */
export interface ContextReading {
  readonly key: Key;
  readonly numeral: Numeral;
  readonly chord: Chord;
  readonly reason: NumeralReason | 'cadential-six-four' | 'given' | 'modal';
  readonly excess: number;
}

export function idOf(chord: ChordIn): string {
  // Members tell apart chords of the same notes, such as a sixth and a thirteenth.
  const notes = 'notes' in chord ? chord.notes : [chord.chord.root, ...notesFromBass(chord.chord)];
  const what = 'notes' in chord ? 'n' : membersId(chord.chord.members);
  return `${what} ${notes.map(({ step, alteration }) => `${step}.${alteration}`).join(' ')}`;
}

export const membersId = perObject((members: Chord['members']) =>
  members.map(({ degree, alteration }) => `${degree}.${alteration}`).join(),
);
