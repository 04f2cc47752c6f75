import { intervalBetween, invert, printInterval } from '../../../interval/interval';
import { printNote } from '../../../pitch/print';
import { inversionCheckWorking } from '../../../working/intervalWorking';
import { noteIn, textIn } from '../../ask/given';
import { parseInterval } from '../../../interval/interval';
import { staffGiven } from '../../ask/onStaff';
import type { Asking } from '../../ask/question';
import { rollInterval, twoNotesDifficulty } from '../intervalName/ask';

/** An interval on a staff with its name; its inversion is named, checked by the sum of nine. */
export const ASK_INTERVAL_INVERT: Asking = {
  id: 'interval-invert',
  takes: ['keys', 'clefs', 'intervals', 'accidentals', 'ledgerLines'],
  usual: {},
  same: (given) => [given['from'], given['to']],
  roll(dice, material) {
    const found = rollInterval(dice, material);
    // Unisons and octaves are each other's inversion, and an augmented octave has none.
    if (!found || found.interval.number === 1 || found.interval.number >= 8) return null;
    const { clef, key, from, to, interval } = found;
    return {
      ...staffGiven(clef, key),
      from: printNote(from),
      to: printNote(to),
      name: printInterval(interval),
    };
  },
  answers: (given) => [printInterval(invert(parseInterval(textIn(given, 'name'))))],
  difficulty: (given) => ({
    ...twoNotesDifficulty(given, noteIn(given, 'from'), noteIn(given, 'to')),
    turning: 0.3,
  }),
  steps: (given) => inversionCheckWorking(intervalBetween(noteIn(given, 'from'), noteIn(given, 'to'))),
};
