import type { Note } from '../../../pitch/note';
import { parseNote } from '../../../pitch/parse';
import { cleanVoicing, voicingAnswers } from '../../fourVoices';
import { rounded, writingDifficulty } from '../../generating/staffWriting';
import { keyIn } from '../../givenReading';
import type { DifficultyParts } from '../../question';
import type { PartsCompleteGiven } from './given';

/** The voices that stand, soprano first, chord by chord; null is to be written. */
const fixedVoices = ({ voices }: PartsCompleteGiven): (Note | null)[][] =>
  voices.map((own) => own.map((text) => (text === null ? null : parseNote(text))));

/** The smoothest setting that breaks no rule. */
export const solvePartsComplete = (given: PartsCompleteGiven): readonly (readonly (readonly string[])[])[] =>
  voicingAnswers(cleanVoicing(keyIn(given), given.numerals, fixedVoices(given)));

export function partsCompleteDifficulty(given: PartsCompleteGiven): DifficultyParts {
  const voices = fixedVoices(given);
  const sounding = voices.flat().filter((note) => note !== null);
  return {
    voices: rounded(0.15 * (4 * voices.length - sounding.length)),
    ...writingDifficulty(keyIn(given), sounding),
  };
}
