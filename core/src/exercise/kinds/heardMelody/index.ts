import type { ExerciseKind } from '../../exerciseKind';
import { notesAnswer } from '../../answers/notesAnswer';
import { withoutOctave } from '../../answers/noteAnswer';
import { partMark, type AnswerForm } from '../../answers/answerForm';
import { melodyWorking, melodyHeard } from './melody';
import { inWords } from '../../layout/questionLayout';
import { generateHeardMelody } from './generate';
import { HEARD_MELODY_FIELDS, type HeardMelodyGiven } from './given';

const NOTES = notesAnswer<HeardMelodyGiven>();

/** The notes of the melody one after the other; octaves may be left out, and each note counts by itself. */
const MELODY_ANSWER: AnswerForm<readonly string[], HeardMelodyGiven> = {
  ...NOTES,
  parts: (right, said) =>
    right.map((note, at) =>
      partMark(`note ${at + 1}`, withoutOctave(note) === withoutOctave(said[at] ?? '')),
    ),
  isRight: (said, right) =>
    right.some(
      (one) =>
        one.length === said.length &&
        one.every((note, at) => withoutOctave(note) === withoutOctave(said[at]!)),
    ),
  inParts: true,
};

/** A melody is played over chords whose numerals are given; its notes are written. */
export const HEARD_MELODY: ExerciseKind<HeardMelodyGiven, readonly string[]> = {
  id: 'heard-melody',
  materialFields: ['keys', 'length', 'untaught', 'before', 'tempo'],
  defaults: { length: 6 },
  fields: HEARD_MELODY_FIELDS,
  answer: MELODY_ANSWER,
  generate: generateHeardMelody,
  solve: (given) => [melodyHeard(given)],
  difficulty: (given) => ({ sound: 0.6, notes: Math.round(20 * melodyHeard(given).length) / 100 }),
  same: (given) => [given.key, melodyHeard(given)],
  layout: (given) =>
    inWords({
      ...{ say: 'heard', of: 'melody', key: given.key, numerals: given.numerals },
      ...{ count: melodyHeard(given).length, first: melodyHeard(given)[0]! },
    }),
  working: melodyWorking,
  mistakes: [
    {
      id: 'degree-beside',
      slips: (right) =>
        right.map((_, at) => right.map((note, other) => (other === at ? (right[at - 1] ?? note) : note))),
    },
  ],
  played: { as: 'row', octaves: false },
  sound: (given) => melodyHeard(given).map((note) => [note]),
  timed: (given) => given,
};
