import type { Chord } from '../../chord/chord';
import type { ContextReading } from '../../context/chordIn';
import type { CadenceKind } from '../../context/cadences';
import type { Arrow, Bracket } from '../../context/structure';
import type { Key } from '../../key/key';
import type { Numeral } from '../../label/numeral';
import type { NoteName } from '../../pitch/note';
import type { NonChordNote } from './nonChord';
import type { PhraseEnd } from './phrases';
import type { Slice } from './slices';

/** One chord of a score: its times in ticks, its numeral in its key, and what is not of it. */
export interface ReadChord {
  readonly from: number;
  readonly to: number;
  /** The slices that it holds, as places. */
  readonly firstSlice: number;
  readonly endSlice: number;
  readonly key: Key;
  readonly numeral: Numeral;
  readonly chord: Chord;
  readonly reason: ContextReading['reason'];
  readonly ruled: boolean;
  /** Set where a symbol over the score says the chord. */
  readonly bySymbol?: true;
  /** Of a chord between two keys that belongs to both: what it is in the other; `leaves` if that is the one before. */
  readonly pivot: { readonly key: Key; readonly numeral: Numeral; readonly leaves: boolean } | null;
  readonly nonChord: readonly NonChordNote[];
  /** Members that do not sound. */
  readonly supplied: readonly NoteName[];
  /** What else it may be, the likeliest first; the reading that was taken is the first. */
  readonly readings: readonly ScoreChordReading[];
}

/** A reading of the time of a chord or of a part of it, and what the whole costs more with it. */
export interface ScoreChordReading {
  readonly from: number;
  readonly to: number;
  readonly key: Key;
  readonly numeral: Numeral;
  readonly chord: Chord;
  readonly excess: number;
}

export interface ScoreReading {
  readonly slices: readonly Slice[];
  readonly chords: readonly ReadChord[];
  /** Where each key begins and ends, in ticks, and its first chord. */
  readonly keys: readonly KeyArea[];
  /** Cadences by the chord that completes them. */
  readonly cadences: readonly { readonly at: number; readonly kind: CadenceKind }[];
  readonly brackets: readonly Bracket[];
  readonly arrows: readonly Arrow[];
  readonly phraseEnds: readonly PhraseEnd[];
  /** Set for a tune alone: its chords do not sound, they fit it, and are offered; its cadences are implied. */
  readonly tune?: true;
}

export interface KeyArea {
  readonly from: number;
  readonly to: number;
  readonly key: Key;
  readonly firstChord: number;
  readonly endChord: number;
}
