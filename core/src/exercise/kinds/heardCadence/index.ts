import { isText } from '../../answers/answerForm';
import { CADENCE_ENDS } from '../../cadenceEnds';
import type { ExerciseKind } from '../../exerciseKind';
import { rollHeard, HEARD_IN_KEY_FIELDS, type HeardInKey } from '../../heard/heardQuestion';
import { momentsOf } from '../../heard/timedSound';
import { inWords } from '../../layout/questionLayout';
import { IN_CADENCE_NAME } from '../../mistakes/cadences';
import { CADENCE_ANSWER } from '../cadenceName/answer';
import type { CadenceNameGiven } from '../cadenceName/given';
import { cadenceAtEnd, cadenceWeight, solveCadenceName } from '../cadenceName/solve';
import { workingCadenceName } from '../cadenceName/working';

/** The last two chords of the phrase, as a question of cadences on paper. */
const ending = ({ key, sound }: HeardInKey): CadenceNameGiven => ({
  key,
  chords: momentsOf(sound).slice(-2),
});

/** A phrase is played in a key that was given; the cadence with which it ends is named. */
export const HEARD_CADENCE: ExerciseKind<HeardInKey, string> = {
  id: 'heard-cadence',
  materialFields: ['keys', 'length', 'untaught', 'cadences', 'before', 'tempo'],
  defaults: { length: 5 },
  fields: HEARD_IN_KEY_FIELDS,
  answer: {
    name: CADENCE_ANSWER.name,
    isAnswer: isText,
    read: (raw, given, school) => CADENCE_ANSWER.read(raw, ending(given), school),
    parts: (right, said, given) => CADENCE_ANSWER.parts(right, said, ending(given)),
    typed: CADENCE_ANSWER.typed,
  },
  generate(dice, material) {
    const rolled = rollHeard(dice, material, true);
    return rolled && cadenceAtEnd(ending(rolled.heard)) ? rolled.heard : null;
  },
  solve: (given) => solveCadenceName(ending(given)),
  difficulty: (given) => ({ sound: 0.6, cadence: cadenceWeight(cadenceAtEnd(ending(given))) }),
  same: ({ key, sound }) => [key, momentsOf(sound)],
  layout: ({ key }) => inWords({ say: 'heard', of: 'cadence of a phrase', key }),
  working: (given) => workingCadenceName(ending(given)),
  mistakes: IN_CADENCE_NAME,
  sound: ({ sound }) => momentsOf(sound),
  timed: (given) => given,
  choices: () => Object.keys(CADENCE_ENDS),
};
