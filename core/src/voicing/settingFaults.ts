import type { Key } from '../key/key';
import { chordOfNumeral, localKey, type Numeral } from '../label/numeral';
import type { FourNotes } from './fourPart';
import { checkSetting, senseOf, type Fault } from './rules';
import type { RuleWeights } from './settingProblem';

/** A chord of a setting: its numeral in its key; null where it cannot be read. */
export interface SetChord {
  readonly key: Key;
  readonly numeral: Numeral | null;
}

/** The faults of four voices over chords that are known, against the rules that are not switched off. */
export function faultsOfChords(
  voices: readonly FourNotes[],
  chords: readonly SetChord[],
  key: Key,
  weights: RuleWeights,
): Fault[] {
  const senses = chords.map(({ numeral, key: own }) =>
    numeral ? senseOf(chordOfNumeral(numeral, own), own, localKey(numeral, own)) : senseOf(null, own),
  );
  return checkSetting(voices, key, senses).filter(({ rule }) => weights[rule] !== 0);
}
