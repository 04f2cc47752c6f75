import { keyIn } from '../../ask/given';
import type { Asking } from '../../ask/question';
import { chordsGiven, chordsIn } from './chords';
import { labellingDifficulty, labellingSteps, labelsOf } from './labels';
import { rollTaughtLine } from './line';

/** A line of chords on a grand staff; each is labelled. */
export const ASK_PROGRESSION_LABEL: Asking = {
  id: 'progression-label',
  takes: ['keys', 'length', 'untaught'],
  usual: { length: 6 },
  roll(dice, material) {
    const rolled = rollTaughtLine(dice, material);
    const given = rolled && chordsGiven(rolled.key, rolled.line);
    // A chord that reads first as another would be argued about.
    return given && labelsOf(chordsIn(given), rolled.key).join(' ') === rolled.line.join(' ') ? given : null;
  },
  answers: (given) => [labelsOf(chordsIn(given), keyIn(given))],
  difficulty: (given) => labellingDifficulty(chordsIn(given), keyIn(given), 0.25),
  steps: (given) => labellingSteps(chordsIn(given), keyIn(given)),
};
