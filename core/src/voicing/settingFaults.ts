import type { Key } from '../key/key';
import { checkVoicing } from './check';
import type { FourNotes } from './fourPart';
import type { Fault } from './rules';
import { dutiesOfLine, withMembers, type MaybeKnownDuties } from './voiceLeadingDuties';
import { fourNoteChord, type RuleWeights } from './settingProblem';

/** The faults of four voices over chords that are known, against the rules that are not switched off. */
export function faultsOfChords(
  voices: readonly FourNotes[],
  chords: readonly MaybeKnownDuties[],
  key: Key,
  weights: RuleWeights,
): Fault[] {
  // What four voices cannot hold was left out when they were set, and nothing is owed to it.
  const senses = dutiesOfLine(chords).map((sense) =>
    sense.chord ? withMembers(sense, fourNoteChord(sense.chord)) : sense,
  );
  return checkVoicing(voices, key, senses).filter(({ rule }) => weights[rule] !== 0);
}
