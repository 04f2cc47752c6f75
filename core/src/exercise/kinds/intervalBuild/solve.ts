import { parseInterval, transpose } from '../../../interval/interval';
import type { Note } from '../../../pitch/note';
import { parseNote } from '../../../pitch/parse';
import { printNote } from '../../../pitch/print';
import { twoNotesDifficulty } from '../../generating/rollInterval';
import type { DifficultyParts } from '../../question';
import type { IntervalBuildGiven } from './given';

/** The other note of the interval. */
export const noteBuilt = ({ from, name, below = false }: IntervalBuildGiven): Note =>
  transpose(parseNote(from), parseInterval(name), below);

export const solveIntervalBuild = (given: IntervalBuildGiven): readonly string[] => [
  printNote(noteBuilt(given)),
];

export function intervalBuildDifficulty(given: IntervalBuildGiven): DifficultyParts {
  const parts = twoNotesDifficulty(given, parseNote(given.from), noteBuilt(given));
  return given.below ? { ...parts, below: 0.4 } : parts;
}
