import { labelsOf } from '../../labelling';
import { TheoryError } from '../../../errors';
import type { Note } from '../../../pitch/note';
import { chordsIn } from '../../givenReading';
import type { ScoreLabelGiven } from './given';

/** What sounds, from the lowest up. Throws TheoryError `request` where nothing does. */
export function soundingChords({ voices, chords }: ScoreLabelGiven): Note[][] {
  if (voices) return chordsIn(voices);
  if (chords) return chordsIn(chords);
  throw new TheoryError(
    'request',
    'voices',
    'the question has neither “voices” nor “chords”.',
    'Give the question as it was asked.',
  );
}

export const solveScoreLabel = (given: ScoreLabelGiven): readonly (readonly string[])[] => [
  labelsOf(soundingChords(given), given),
];
