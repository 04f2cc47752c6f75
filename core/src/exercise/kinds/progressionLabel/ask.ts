import { numeralsForNotes } from '../../../label/numeralsFor';
import { printNumeral } from '../../../label/numeralPrint';
import { numeralWorking } from '../../../working/numeralWorking';
import { keyIn } from '../../ask/given';
import { rounded, writingDifficulty } from '../../ask/onStaff';
import type { Asking, Given } from '../../ask/question';
import { isUntaught } from '../numeralLabel/numerals';
import { chordsGiven, chordsIn } from './chords';
import { rollLine } from './line';

const labels = (given: Given): string[] => {
  const key = keyIn(given);
  return chordsIn(given).map((notes) => printNumeral(numeralsForNotes(notes, key)[0]!.numeral, key));
};

/** A line of chords on a grand staff; each is labelled. */
export const ASK_PROGRESSION_LABEL: Asking = {
  id: 'progression-label',
  takes: ['keys', 'length', 'untaught'],
  usual: { length: 6 },
  roll(dice, material) {
    const key = dice.pick(material.keys);
    if (key.mode !== 'major' && key.mode !== 'minor') return null;
    const line = rollLine(dice, key.mode, material.length, (one) => !isUntaught(one, material));
    const given = line && chordsGiven(key, line);
    // A chord that reads first as another would be argued about.
    return given && labels(given).join(' ') === line.join(' ') ? given : null;
  },
  answers: (given) => [labels(given)],
  difficulty: (given) => ({
    chords: rounded(0.25 * chordsIn(given).length),
    ...writingDifficulty(keyIn(given), chordsIn(given).flat()),
    inversions: rounded(0.2 * labels(given).filter((one) => /\d/.test(one)).length),
  }),
  steps(given) {
    const key = keyIn(given);
    return chordsIn(given).flatMap((notes) => {
      const { numeral, chord } = numeralsForNotes(notes, key)[0]!;
      return numeralWorking(numeral, chord, key).slice(-1);
    });
  },
};
