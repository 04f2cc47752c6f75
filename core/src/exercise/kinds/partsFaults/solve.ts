import { checkVoicing } from '../../../voicing/check';
import type { FourNotes } from '../../../voicing/fourPart';
import type { Fault } from '../../../voicing/rules';
import { rounded, writingDifficulty } from '../../generating/staffWriting';
import { keyIn, notesIn } from '../../givenReading';
import type { DifficultyParts } from '../../question';
import type { FaultAnswer } from './answer';
import type { PartsFaultsGiven } from './given';

/** The four voices of each chord, from the soprano down. */
export const settingGiven = ({ voices }: Pick<PartsFaultsGiven, 'voices'>): FourNotes[] =>
  voices.map((own) => notesIn(own) as unknown as FourNotes);

/** The faults of the setting, chords counted from 0. */
export const faultsOf = (given: PartsFaultsGiven): readonly Fault[] =>
  checkVoicing(settingGiven(given), keyIn(given));

/** Faults as they are answered: the chord counted from 1, the rule, and the voices. */
export const solvePartsFaults = (given: PartsFaultsGiven): readonly (readonly FaultAnswer[])[] => [
  faultsOf(given).map(({ at, rule, voices }) => ({ at: at + 1, rule, voices })),
];

export const partsFaultsDifficulty = (given: PartsFaultsGiven): DifficultyParts => ({
  voices: rounded(0.3 * given.voices.length),
  faults: 0.6 * faultsOf(given).length,
  ...writingDifficulty(keyIn(given), settingGiven(given).flat()),
});
