import { TheoryError } from '../../../errors';
import { halfSteps, intervalBetween, parseInterval, printInterval } from '../../../interval/interval';
import { type Note, midiNumber } from '../../../pitch/note';
import { printNoteName } from '../../../pitch/print';
import { type ChordName, namesOfNotes } from '../../chordQualities';
import { notesIn, rising } from '../../givenReading';
import type { DifficultyParts } from '../../question';
import type { CadenceNameGiven } from '../cadenceName/given';
import { solveCadenceName } from '../cadenceName/solve';
import type { ListenGiven } from './given';

/** The names by which simple intervals go that are heard alike: a tritone is both augmented and diminished. */
const HEARD = [
  ...['m2', 'M2', 'A2', 'm3', 'M3', 'd4', 'P4', 'A4', 'd5', 'P5', 'A5', 'm6', 'M6', 'd7', 'A6', 'm7'],
  ...['M7', 'P8', 'P1'],
];

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
export function chordHeard({ sound }: ListenGiven): ChordName {
  const notes = rising(notesIn(sound[0]!));
  const [name] = namesOfNotes(notes);
  if (name) return name;
  throw new TheoryError(
    'request',
    notes.map(printNoteName).join(' '),
    'these notes are no triad or seventh chord.',
    'Give the notes of one chord: E4 G4 C5.',
  );
}

/** What is right of what is heard: every name that sounds the same. */
export function solveListen(given: ListenGiven): readonly (string | number)[] {
  switch (given.of) {
    case 'interval': {
      const interval = intervalBetween(...intervalHeard(given));
      const octave = interval.number > 8 ? 7 : 0;
      const alike = HEARD.flatMap((text) => {
        const one = parseInterval(text);
        const wider = { ...one, number: one.number + octave };
        return halfSteps(wider) === halfSteps(interval) ? [printInterval(wider)] : [];
      });
      const own = printInterval(interval);
      return [own, ...alike.filter((one) => one !== own)];
    }
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
