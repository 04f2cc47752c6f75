import { TheoryError } from '../../../errors';
import { midiNumber, type Note } from '../../../pitch/note';
import { notesIn, rising } from '../../givenReading';
import { namesHeardAlike } from '../../heard/alike';
import { momentsOf } from '../../heard/timedSound';
import type { DifficultyParts } from '../../question';
import type { HeardIntervalGiven } from './given';

/** The two notes, the lower first. Throws TheoryError `request` for more or fewer. */
export function notesHeard({ sound }: HeardIntervalGiven): readonly [Note, Note] {
  const [low, high, ...more] = rising(momentsOf(sound).flatMap(notesIn));
  if (low && high && more.length === 0) return [low, high];
  throw new TheoryError('request', 'sound', 'an interval has two notes.', 'Give two notes: E4 and G4.');
}

export const solveHeardInterval = (given: HeardIntervalGiven): readonly string[] =>
  namesHeardAlike(...notesHeard(given));

/** Octave, fifth and fourth are heard first; notes that fall, and that sound together, are harder. */
export function heardIntervalDifficulty(given: HeardIntervalGiven): DifficultyParts {
  const [low, high] = notesHeard(given);
  const wide = midiNumber(high) - midiNumber(low);
  return {
    sound: { up: 0.5, down: 0.7, together: 0.8 }[given.how],
    ...([5, 7, 12].includes(wide) ? {} : { interval: 0.3 }),
    ...(wide > 12 ? { compound: 0.4 } : {}),
  };
}
