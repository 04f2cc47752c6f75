import { keyIn } from '../../ask/given';
import type { Asking } from '../../ask/question';
import { chordsGiven, chordsIn } from './chords';
import { labellingDifficulty, labellingSteps, labelsOf } from './labels';
import { rollLineTo, rollTaughtLine } from './line';
import { alsoIn } from '../../ask/also';
import { cadenceAtEnd } from '../cadenceName/ask';

/** A line of chords on a grand staff; each is labelled, and the cadence at its end named where that is asked. */
export const ASK_PROGRESSION_LABEL: Asking = {
  id: 'progression-label',
  takes: ['keys', 'length', 'untaught', 'also', 'cadences'],
  usual: { length: 6 },
  roll(dice, material) {
    const rolled = material.also ? rollLineTo(dice, material) : rollTaughtLine(dice, material);
    const chords = rolled && chordsGiven(rolled.key, rolled.line);
    if (!chords) return null;
    // A chord that reads first as another would be argued about.
    if (labelsOf(chordsIn(chords), rolled.key).join(' ') !== rolled.line.join(' ')) return null;
    if (!material.also) return chords;
    return cadenceAtEnd(chords) ? { ...chords, also: 'cadence' } : null;
  },
  answers: (given) => [
    [...labelsOf(chordsIn(given), keyIn(given)), ...(alsoIn(given) ? [cadenceAtEnd(given) ?? 'none'] : [])],
  ],
  difficulty: (given) => ({
    ...labellingDifficulty(chordsIn(given), keyIn(given), 0.25),
    ...(alsoIn(given) ? { cadence: 0.4 } : {}),
  }),
  steps: (given) => labellingSteps(chordsIn(given), keyIn(given)),
};
