import { makeChord } from '../../../chord/chord';
import type { Clef } from '../../../key/scale';
import { numeralsForNotes } from '../../../label/numeralsFor';
import { printNumeral } from '../../../label/numeralPrint';
import { printNote } from '../../../pitch/print';
import { nameChordWorking } from '../../../working/chordWorking';
import { numeralWorking } from '../../../working/numeralWorking';
import { keyIn, notesIn, textIn } from '../../ask/given';
import { ledgerDifficulty, rising, staffGiven, writingDifficulty } from '../../ask/onStaff';
import type { Asking, Given } from '../../ask/question';
import { setOnStaff } from '../chordName/ask';
import { numeralDifficulty, rollNumeral } from './numerals';

/** The likeliest numeral of the notes in the key. */
function labelled(given: Given) {
  const found = numeralsForNotes(rising(notesIn(given)), keyIn(given));
  return found[0]!;
}

/** A chord on a staff under a signature; its numeral in the key is written. */
export const ASK_NUMERAL_LABEL: Asking = {
  id: 'numeral-label',
  takes: ['keys', 'clefs', 'numerals', 'inversions', 'positions', 'ledgerLines', 'untaught'],
  usual: { inversions: [0, 1, 2], ledgerLines: 2 },
  roll(dice, material) {
    const found = rollNumeral(dice, material);
    if (!found) return null;
    const { key, numeral, chord } = found;
    const clef = dice.pick(material.clefs);
    const notes = setOnStaff(dice, chord, clef, dice.pick(material.positions), material.ledgerLines);
    if (!notes) return null;
    const given = { ...staffGiven(clef, key), notes: notes.map(printNote) };
    // What reads first as another numeral would be argued about.
    return printNumeral(labelled(given).numeral, key) === printNumeral(numeral, key) ? given : null;
  },
  answers: (given) => [printNumeral(labelled(given).numeral, keyIn(given))],
  difficulty(given) {
    const notes = rising(notesIn(given));
    const { numeral, chord } = labelled(given);
    return {
      ...numeralDifficulty(numeral, chord),
      ...writingDifficulty(keyIn(given), notes),
      ...ledgerDifficulty(notes, textIn(given, 'clef') as Clef),
    };
  },
  steps(given) {
    const notes = rising(notesIn(given));
    const { numeral, chord } = labelled(given);
    const bare = makeChord(chord.root, chord.members, chord.bass);
    return [...nameChordWorking(notes, bare, keyIn(given)), ...numeralWorking(numeral, chord, keyIn(given))];
  },
};
