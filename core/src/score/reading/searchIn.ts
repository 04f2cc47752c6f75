import type { Key } from '../../key/key';
import type { SearchRulings } from './rulings';
import type { SliceSounds } from './sounds';
import type { ReadingWeights } from './weights';

/** What chords, keys and numerals are searched for in. */
export interface SearchIn {
  readonly sounds: readonly SliceSounds[];
  /** The names that chords may stand on, as places on the line of fifths. */
  readonly roots: readonly number[];
  /** Slices before which a phrase begins; the number of slices is one. */
  readonly walls: ReadonlySet<number>;
  readonly keys: readonly Key[];
  /** Sharps or flats of the signature. */
  readonly home: number;
  readonly weights: ReadingWeights;
  readonly rulings: SearchRulings;
}
