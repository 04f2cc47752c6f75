import { printNumeral } from '../../../label/numeralPrint';
import { printNote } from '../../../pitch/print';
import { Dice } from '../../generating/dice';
import type { Material } from '../../generating/material';
import { chordOnStaff } from '../../generating/rollChord';
import { rollNumeral } from '../../generating/rollNumeral';
import { staffGiven } from '../../generating/staffWriting';
import type { NumeralLabelGiven } from './given';
import { likeliestNumeral } from './solve';

/** A chord of the material on a staff. */
export function generateNumeralLabel(dice: Dice, material: Material): NumeralLabelGiven | null {
  const found = rollNumeral(dice, material);
  if (!found) return null;
  const { key, numeral, chord } = found;
  const clef = dice.pick(material.clefs);
  const notes = chordOnStaff(dice, chord, clef, dice.pick(material.positions), material.ledgerLines);
  if (!notes) return null;
  const given = { ...staffGiven(clef, key), notes: notes.map(printNote) };
  // What reads first as another numeral would be argued about.
  return printNumeral(likeliestNumeral(given).numeral, key) === printNumeral(numeral, key) ? given : null;
}
