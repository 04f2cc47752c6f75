import type { ExerciseKind } from '../../exerciseKind';
import { chordsIn } from '../../givenReading';
import { rollHeard, HEARD_IN_KEY_FIELDS, type HeardInKey } from '../../heard/heardQuestion';
import { momentsOf } from '../../heard/timedSound';
import { labellingWorking } from '../../labelling';
import { inWords } from '../../layout/questionLayout';
import { OUTER_VOICES_ANSWER, type OuterVoices } from './answer';
import { HEARD_VOICES_MISTAKES } from './mistakes';

/** A line of chords is played; its highest and its lowest voice are written. */
export const HEARD_OUTER_VOICES: ExerciseKind<HeardInKey, OuterVoices> = {
  id: 'heard-outer-voices',
  materialFields: ['keys', 'length', 'untaught', 'before', 'tempo'],
  defaults: { length: 4 },
  fields: HEARD_IN_KEY_FIELDS,
  answer: OUTER_VOICES_ANSWER,
  generate: (dice, material) => rollHeard(dice, material, false)?.heard ?? null,
  solve: ({ sound }) => {
    const moments = momentsOf(sound);
    return [
      { soprano: moments.map((notes) => notes[notes.length - 1]!), bass: moments.map(([lowest]) => lowest!) },
    ];
  },
  difficulty: ({ sound }) => ({ sound: 0.9, chords: Math.round(40 * sound.length) / 100 }),
  same: ({ key, sound }) => [key, momentsOf(sound)],
  layout: ({ key, sound }) => inWords({ say: 'heard', of: 'outer voices', key, count: sound.length }),
  working: (given) => labellingWorking(chordsIn(momentsOf(given.sound)), given),
  mistakes: HEARD_VOICES_MISTAKES,
  sound: ({ sound }) => momentsOf(sound),
  timed: (given) => given,
};
