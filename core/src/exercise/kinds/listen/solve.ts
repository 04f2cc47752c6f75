import { TheoryError } from '../../../errors';
import { type Note, midiNumber } from '../../../pitch/note';
import type { ChordName } from '../../chordQualities';
import { notesIn } from '../../givenReading';
import { namesHeardAlike } from '../../heard/alike';
import { chordHeard as chordInMoments } from '../../heard/oneChord';
import type { DifficultyParts } from '../../question';
import type { CadenceNameGiven } from '../cadenceName/given';
import { solveCadenceName } from '../cadenceName/solve';
import type { ListenGiven } from './given';

/** The same sound as a question of cadences on paper. Throws TheoryError `request` where no key is given. */
export function asCadence({ key, sound }: ListenGiven): CadenceNameGiven {
  if (key === undefined)
    throw new TheoryError(
      'request',
      'key',
      'the question has no “key”.',
      'Give the question as it was asked.',
    );
  return { key, chords: sound };
}

/** The two notes of an interval that is played. Throws TheoryError `request` for fewer. */
export function intervalHeard({ sound }: ListenGiven): readonly [Note, Note] {
  const [from, to] = sound.flatMap(notesIn);
  if (from && to) return [from, to];
  throw new TheoryError('request', 'sound', 'an interval has two notes.', 'Give two notes: E4 and G4.');
}

/** The chord that notes make. Throws TheoryError for notes that are none. */
export const chordHeard = ({ sound }: ListenGiven): ChordName => chordInMoments(sound.slice(0, 1));

/** What is right of what is heard: every name that sounds the same. */
export function solveListen(given: ListenGiven): readonly (string | number)[] {
  switch (given.of) {
    case 'interval':
      return namesHeardAlike(...intervalHeard(given));
    case 'triad':
    case 'seventh':
      return [chordHeard(given).quality];
    case 'inversion':
      return [chordHeard(given).inversion];
    case 'cadence':
      return solveCadenceName(asCadence(given));
  }
}

export function listenDifficulty(given: ListenGiven): DifficultyParts {
  const { of } = given;
  if (of === 'cadence') return { sound: 1.2 };
  if (of === 'interval') {
    const [from, to] = intervalHeard(given);
    const wide = Math.abs(midiNumber(to) - midiNumber(from));
    return { sound: 0.6, ...([5, 7, 12].includes(wide) ? {} : { interval: 0.3 }) };
  }
  const { quality, inversion } = chordHeard(given);
  return {
    sound: of === 'seventh' ? 1.2 : of === 'inversion' ? 1 : 0.6,
    ...(/^(?:major|minor|dominant-seventh)$/.test(quality) ? {} : { quality: 0.3 }),
    ...(inversion > 0 ? { inversion: 0.3 } : {}),
  };
}
