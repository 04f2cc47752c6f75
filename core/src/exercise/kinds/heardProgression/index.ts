import type { AnyKind, ExerciseKind } from '../../exerciseKind';
import { LABELS_ANSWER, labelsTyped, parseNumeralAnswer } from '../../answers/numeralAnswer';
import { chordsIn } from '../../givenReading';
import { rollHeard, HEARD_IN_KEY_FIELDS, type HeardInKey } from '../../heard/heardQuestion';
import { momentsOf } from '../../heard/timedSound';
import { labelsOf, labellingWorking } from '../../labelling';
import { inWords } from '../../layout/questionLayout';
import { NUMERAL_LABEL } from '../numeralLabel';

const chordsOf = ({ sound }: HeardInKey) => chordsIn(momentsOf(sound));

/** A line of chords is played in a key that was given; its numerals are written. */
export const HEARD_PROGRESSION: ExerciseKind<HeardInKey, readonly string[]> = {
  id: 'heard-progression',
  materialFields: ['keys', 'length', 'untaught', 'before', 'tempo'],
  defaults: { length: 4 },
  fields: HEARD_IN_KEY_FIELDS,
  answer: {
    ...LABELS_ANSWER,
    read: (raw, given, school) =>
      labelsTyped(raw, given.sound.length).map((text) => parseNumeralAnswer(text, given, school)),
  },
  generate(dice, material) {
    const rolled = rollHeard(dice, material, false);
    // A chord that reads first as another would be argued about.
    if (!rolled || labelsOf(chordsOf(rolled.heard), rolled.heard).join(' ') !== rolled.line.join(' '))
      return null;
    return rolled.heard;
  },
  solve: (given) => [labelsOf(chordsOf(given), given)],
  difficulty: (given) => ({ sound: 0.8, chords: Math.round(35 * given.sound.length) / 100 }),
  same: ({ key, sound }) => [key, momentsOf(sound)],
  layout: ({ key, sound }) => inWords({ say: 'heard', of: 'numerals', key, count: sound.length }),
  working: (given) => labellingWorking(chordsOf(given), given),
  mistakes: [],
  sound: ({ sound }) => momentsOf(sound),
  timed: (given) => given,
  singles: {
    kind: NUMERAL_LABEL as AnyKind,
    of: ({ key, sound }) => momentsOf(sound).map((notes) => ({ clef: 'treble', key, notes })),
  },
};
