import { parseInterval, printInterval, transpose } from '../../../interval/interval';
import { printNote } from '../../../pitch/print';
import { buildIntervalWorking } from '../../../working/intervalWorking';
import { noteIn, textIn } from '../../ask/given';
import { staffGiven } from '../../ask/onStaff';
import type { Asking, Given } from '../../ask/question';
import { rollInterval, twoNotesDifficulty } from '../intervalName/ask';

const built = (given: Given) =>
  transpose(noteIn(given, 'from'), parseInterval(textIn(given, 'name')), given['below'] === true);

/** A note on a staff and the name of an interval; the other note is written above or below. */
export const ASK_INTERVAL_BUILD: Asking = {
  id: 'interval-build',
  takes: ['keys', 'clefs', 'intervals', 'compound', 'accidentals', 'ledgerLines'],
  usual: {},
  same: (given) => [given['from'], given['name'], given['below']],
  roll(dice, material) {
    const below = dice.chance(40);
    const found = rollInterval(dice, material, below);
    if (!found) return null;
    const { clef, key, from, interval } = found;
    // Under a note a unison is no other than over it.
    if (below && interval.number === 1) return null;
    return { ...staffGiven(clef, key), from: printNote(from), name: printInterval(interval), below };
  },
  answers: (given) => [printNote(built(given))],
  difficulty(given) {
    const parts = twoNotesDifficulty(given, noteIn(given, 'from'), built(given));
    return given['below'] === true ? { ...parts, below: 0.4 } : parts;
  },
  steps: (given) =>
    buildIntervalWorking(
      noteIn(given, 'from'),
      parseInterval(textIn(given, 'name')),
      given['below'] === true,
    ),
};
