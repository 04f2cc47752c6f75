import type { ExerciseKind } from '../../exerciseKind';
import { chordsIn, notesIn } from '../../givenReading';
import { momentsOf } from '../../heard/timedSound';
import { labellingWorking } from '../../labelling';
import { onStaves } from '../../layout/questionLayout';
import { notesOnStaff } from '../../layout/staffLayout';
import { CHANGE_ANSWER } from './answer';
import { generateHeardChange } from './generate';
import { HEARD_CHANGE_FIELDS, type HeardChangeGiven } from './given';
import { solveHeardChange } from './solve';

/** A line stands printed, and one chord of it is played otherwise: which, and what is it? */
export const HEARD_CHANGE: ExerciseKind<HeardChangeGiven, readonly string[]> = {
  id: 'heard-change',
  materialFields: ['keys', 'length', 'untaught', 'before', 'tempo'],
  defaults: { length: 5 },
  fields: HEARD_CHANGE_FIELDS,
  answer: CHANGE_ANSWER,
  generate: generateHeardChange,
  solve: solveHeardChange,
  difficulty: ({ chords }) => ({ sound: 0.7, chords: Math.round(15 * chords.length) / 100 }),
  same: ({ key, sound }) => [key, momentsOf(sound)],
  layout: (given) =>
    onStaves(notesOnStaff(given, given.chords.map(notesIn)), { say: 'heard', of: 'change', key: given.key }),
  working: (given) => labellingWorking(chordsIn(momentsOf(given.sound)), given),
  mistakes: [
    {
      id: 'chord-beside',
      slips: ([which, what]) => [-1, 1].map((by) => [String(Number(which) + by), what!]),
    },
  ],
  sound: ({ sound }) => momentsOf(sound),
  timed: (given) => given,
};
