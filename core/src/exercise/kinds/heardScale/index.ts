import { scaleWorking } from '../../../working/keyWorking';
import { keyOf } from '../../../key/key';
import type { ExerciseKind } from '../../exerciseKind';
import { notesIn } from '../../givenReading';
import { HEARD_SCALES } from '../../heard/scales';
import { momentsOf } from '../../heard/timedSound';
import { inWords } from '../../layout/questionLayout';
import { HEARD_SCALE_ANSWER } from './answer';
import { generateHeardScale } from './generate';
import { HEARD_SCALE_FIELDS, type HeardScaleGiven } from './given';
import { heardScaleDifficulty, scaleHeard, solveHeardScale } from './solve';

/** A scale is played upward; its form or mode is named. */
export const HEARD_SCALE: ExerciseKind<HeardScaleGiven, string> = {
  id: 'heard-scale',
  materialFields: ['scales', 'keys', 'tempo'],
  defaults: {},
  fields: HEARD_SCALE_FIELDS,
  answer: HEARD_SCALE_ANSWER,
  generate: generateHeardScale,
  solve: solveHeardScale,
  difficulty: heardScaleDifficulty,
  same: ({ sound }) => momentsOf(sound),
  layout: () => inWords({ say: 'heard', of: 'scale' }),
  working(given) {
    const [tonic] = notesIn(momentsOf(given.sound)[0]!);
    const form = /^(natural|harmonic|melodic)-minor$/.exec(scaleHeard(given));
    return scaleWorking(
      keyOf(tonic!, form ? 'minor' : (scaleHeard(given) as 'major')),
      form ? (form[1] as 'natural') : 'natural',
    );
  },
  mistakes: [
    {
      id: 'scale-heard',
      slips: (right) => (NEIGHBOURS[right] ?? []) as readonly string[],
    },
  ],
  sound: ({ sound }) => momentsOf(sound),
  timed: (given) => given,
  choices: () => HEARD_SCALES.map((scale) => scale.replace('-', ' ')),
};

/** Scales that differ in one degree (common practice). */
const NEIGHBOURS: Readonly<Record<string, readonly string[]>> = {
  major: ['lydian', 'mixolydian'],
  'natural-minor': ['harmonic-minor', 'dorian', 'phrygian'],
  'harmonic-minor': ['natural-minor', 'melodic-minor'],
  'melodic-minor': ['harmonic-minor', 'major'],
  dorian: ['natural-minor', 'mixolydian', 'melodic-minor'],
  phrygian: ['natural-minor', 'locrian'],
  lydian: ['major'],
  mixolydian: ['major', 'dorian'],
  locrian: ['phrygian'],
};
