import { notesFromBass } from '../../../chord/chord';
import { printKey } from '../../../key/key';
import { printFigure, shortFigures } from '../../../label/figures';
import { printNumeral } from '../../../label/numeralPrint';
import { numeralsForNotes } from '../../../label/numeralsFor';
import { printNote } from '../../../pitch/print';
import { Dice } from '../../generating/dice';
import type { Material } from '../../generating/material';
import { rollNumeral } from '../../generating/rollNumeral';
import { placeUp } from '../../generating/staffWriting';
import type { FiguresNameGiven } from './given';
import { notesOverBass } from './solve';

/** A chord of the material over its bass, figured. */
export function generateFiguresName(dice: Dice, material: Material): FiguresNameGiven | null {
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
  } as const;
  const notes = notesOverBass(given);
  const read = numeralsForNotes(notes, key)[0];
  const same = notes.length === notesFromBass(chord).length;
  return same && read && printNumeral(read.numeral, key) === printNumeral(numeral, key) ? given : null;
}
