import { numeralsForNotes } from '../../../label/numeralsFor';
import { printNumeral } from '../../../label/numeralPrint';
import { numeralWorking } from '../../../working/numeralWorking';
import type { Dice } from '../../ask/dice';
import { keyIn } from '../../ask/given';
import { rounded, writingDifficulty } from '../../ask/onStaff';
import type { Asking, Given } from '../../ask/question';
import { isUntaught } from '../numeralLabel/numerals';
import { chordsGiven, chordsIn } from './chords';

/** What follows what, by function: tonic, what leads to the dominant, the dominant, and the end (common practice). */
const NEXT: Readonly<Record<'major' | 'minor', Readonly<Record<string, readonly string[]>>>> = {
  major: {
    I: ['vi', 'IV', 'ii6', 'V', 'ii', 'I6', 'V6'],
    I6: ['IV', 'ii6', 'V'],
    vi: ['ii', 'IV', 'ii6'],
    iii: ['vi', 'IV'],
    ii: ['V', 'V7'],
    ii6: ['V', 'V7'],
    IV: ['V', 'ii', 'I', 'viio6'],
    V: ['I', 'vi', 'V7'],
    V6: ['I'],
    V7: ['I', 'vi'],
    viio6: ['I', 'I6'],
  },
  minor: {
    i: ['VI', 'iv', 'iio6', 'V', 'i6', 'V6'],
    i6: ['iv', 'iio6', 'V'],
    VI: ['iv', 'iio6'],
    III: ['VI', 'iv'],
    iio6: ['V', 'V7'],
    iv: ['V', 'iio6', 'i', 'viio6'],
    V: ['i', 'VI', 'V7'],
    V6: ['i'],
    V7: ['i', 'VI'],
    viio6: ['i', 'i6'],
  },
};

/** A line from the tonic over so many chords to a dominant and the tonic. */
function rollLine(dice: Dice, mode: 'major' | 'minor', length: number, taught: (numeral: string) => boolean) {
  const tonic = mode === 'major' ? 'I' : 'i';
  const line = [tonic];
  while (line.length < length - 2) {
    const next = NEXT[mode][line[line.length - 1]!]!.filter(taught);
    if (next.length === 0) return null;
    line.push(dice.pick(next));
  }
  const last = line[line.length - 1]!;
  if (length > 2 && !NEXT[mode][last]!.some((one) => one === 'V' || one === 'V7')) return null;
  return [...line, ...(length > 2 ? [dice.chance(50) ? 'V' : 'V7'] : []), tonic].slice(-length);
}

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
