import type { Key } from '../key/key';
import { checkSetting } from './check';
import type { FourNotes } from './fourPart';
import type { Fault } from './rules';
import { sensesOf, withMembers, type MaybeSensed } from './sense';
import { fourNoteChord, type RuleWeights } from './settingProblem';

/** The faults of four voices over chords that are known, against the rules that are not switched off. */
export function faultsOfChords(
  voices: readonly FourNotes[],
  chords: readonly MaybeSensed[],
  key: Key,
  weights: RuleWeights,
): Fault[] {
  // What four voices cannot hold was left out when they were set, and nothing is owed to it.
  const senses = sensesOf(chords).map((sense) =>
    sense.chord ? withMembers(sense, fourNoteChord(sense.chord)) : sense,
  );
  return checkSetting(voices, key, senses).filter(({ rule }) => weights[rule] !== 0);
}
