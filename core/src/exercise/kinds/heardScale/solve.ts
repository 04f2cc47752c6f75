import { TheoryError } from '../../../errors';
import { midiNumber, pitchClass } from '../../../pitch/note';
import { notesIn } from '../../givenReading';
import { HEARD_SCALES, notesOfScale, type HeardScale } from '../../heard/scales';
import { momentsOf } from '../../heard/timedSound';
import type { DifficultyParts } from '../../question';
import type { HeardScaleGiven } from './given';

/** The scale that its half steps make. Throws TheoryError `request` for notes that are none of those known. */
export function scaleHeard({ sound }: HeardScaleGiven): HeardScale {
  const notes = momentsOf(sound).flatMap(notesIn);
  const [tonic] = notes;
  const steps = (keys: readonly number[]) => keys.map((key) => (key - keys[0]! + 12) % 12).join(' ');
  const heard = steps(notes.slice(0, 7).map(midiNumber));
  const found = HEARD_SCALES.find(
    (scale) => tonic && notes.length === 8 && steps(notesOfScale(tonic, scale).map(pitchClass)) === heard,
  );
  if (found) return found;
  throw new TheoryError(
    'request',
    momentsOf(sound).flat().join(' '),
    'these notes are no scale that is known here.',
    'Give eight notes upward: C4 D4 E4 F4 G4 A4 B4 C5.',
  );
}

export const solveHeardScale = (given: HeardScaleGiven): readonly string[] => [scaleHeard(given)];

/** Major and minor are learnt before the modes. */
export function heardScaleDifficulty(given: HeardScaleGiven): DifficultyParts {
  const at = HEARD_SCALES.indexOf(scaleHeard(given));
  return { sound: at === 0 ? 0.4 : at < 4 ? 0.8 : 1.2 };
}
