import { type Chord } from '../chord/chord';
import { type Numeral } from './numeral';

/** Why a numeral is offered. */
export type NumeralReason =
  | 'diatonic'
  | 'harmonic'
  | 'melodic'
  | 'mixture'
  | 'applied'
  | 'neapolitan'
  | 'augmented-sixth'
  | 'common-tone'
  | 'substitute'
  | 'backdoor'
  | 'blues'
  | 'chromatic';

/** One numeral for a chord in a key; lower `cost` is the likelier reading out of context. */
export interface NumeralReading {
  readonly numeral: Numeral;
  readonly reason: NumeralReason;
  readonly cost: number;
  readonly chord: Chord;
  /** Where notes lack a third or fifth that the key has: the chord with it, as it is named. */
  readonly named?: Chord;
}
