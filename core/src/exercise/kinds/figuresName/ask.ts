import { TheoryError } from '../../../errors';
import { notesFromBass } from '../../../chord/chord';
import { printKey } from '../../../key/key';
import { notesOfFigures, parseFigure, printFigure, shortFigures } from '../../../label/figures';
import { numeralsForNotes } from '../../../label/numeralsFor';
import { printNumeral } from '../../../label/numeralPrint';
import { printNote, printNoteName } from '../../../pitch/print';
import { readFiguresWorking } from '../../../working/figuresWorking';
import { keyIn, noteIn, textsIn } from '../../ask/given';
import { placeUp, writingDifficulty } from '../../ask/onStaff';
import type { Asking, Given } from '../../ask/question';
import { rollNumeral } from '../numeralLabel/numerals';

const figuresIn = (given: Given) => textsIn(given, 'figures').map(parseFigure);
const notesOf = (given: Given) => notesOfFigures(noteIn(given, 'bass'), figuresIn(given), keyIn(given));

/** A bass note with its figures; the notes over it and the numeral are written. */
export const ASK_FIGURES_NAME: Asking = {
  id: 'figures-name',
  takes: ['keys', 'numerals', 'inversions', 'ledgerLines', 'untaught'],
  usual: { inversions: [0, 1, 2, 3] },
  roll(dice, material) {
    const found = rollNumeral(dice, material);
    if (!found) return null;
    const { key, numeral, chord } = found;
    const bass = placeUp(dice, (octave) => [{ ...chord.bass, octave }], 'bass', material.ledgerLines);
    if (!bass) return null;
    const given = {
      clef: 'bass',
      key: printKey(key),
      bass: printNote(bass[0]!),
      figures: shortFigures(chord, key).map(printFigure),
    };
    const read = numeralsForNotes(notesOf(given), key)[0];
    const same = notesOf(given).length === notesFromBass(chord).length;
    return same && read && printNumeral(read.numeral, key) === printNumeral(numeral, key) ? given : null;
  },
  answers(given) {
    const key = keyIn(given);
    const notes = notesOf(given);
    const [read] = numeralsForNotes(notes, key);
    if (!read)
      throw new TheoryError(
        'request',
        notes.map(printNoteName).join(' '),
        'no numeral says these notes in this key.',
        'Give a bass and figures that make a chord of the key.',
      );
    const numeral = printNumeral(read.numeral, key);
    return [{ notes: notes.map(printNoteName), numeral }];
  },
  difficulty(given) {
    const figures = figuresIn(given);
    const signs = figures.filter(({ sign, raise }) => sign !== null || raise).length;
    return {
      figures: 0.8 + 0.2 * figures.length,
      ...(signs > 0 ? { 'altered figures': 0.6 * signs } : {}),
      ...writingDifficulty(keyIn(given), notesOf(given)),
    };
  },
  steps: (given) => readFiguresWorking(noteIn(given, 'bass'), figuresIn(given), keyIn(given)),
};
