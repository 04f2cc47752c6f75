import { notesFromBass, stackedNotes } from '../../../chord/chord';
import { printKey } from '../../../key/key';
import { chordOfNumeral } from '../../../label/numeral';
import { parseNumeral } from '../../../label/numeralParse';
import { printNumeral } from '../../../label/numeralPrint';
import { printNoteName } from '../../../pitch/print';
import { numeralWorking } from '../../../working/numeralWorking';
import { keyIn, textIn } from '../../ask/given';
import { writingDifficulty } from '../../ask/onStaff';
import type { Asking, Given } from '../../ask/question';
import { numeralDifficulty, rollNumeral } from '../numeralLabel/numerals';

function wanted(given: Given) {
  const key = keyIn(given);
  const numeral = parseNumeral(textIn(given, 'numeral'), key);
  return { key, numeral, chord: chordOfNumeral(numeral, key) };
}

/** A numeral in a key; its notes are written from the lowest up. */
export const ASK_NUMERAL_BUILD: Asking = {
  id: 'numeral-build',
  takes: ['keys', 'numerals', 'inversions', 'untaught'],
  usual: { inversions: [0, 1, 2] },
  roll(dice, material) {
    const found = rollNumeral(dice, material);
    return found && { key: printKey(found.key), numeral: printNumeral(found.numeral, found.key) };
  },
  answers: (given) => [notesFromBass(wanted(given).chord).map(printNoteName)],
  difficulty(given) {
    const { key, numeral, chord } = wanted(given);
    return { ...numeralDifficulty(numeral, chord), ...writingDifficulty(key, stackedNotes(chord)) };
  },
  steps(given) {
    const { key, numeral, chord } = wanted(given);
    return numeralWorking(numeral, chord, key);
  },
};
