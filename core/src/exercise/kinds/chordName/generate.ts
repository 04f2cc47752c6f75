import { printNote } from '../../../pitch/print';
import { Dice } from '../../generating/dice';
import type { Material } from '../../generating/material';
import { chordOnStaff, rollChord } from '../../generating/rollChord';
import { staffGiven } from '../../generating/staffWriting';
import type { ChordNameGiven } from './given';

/** A chord of the material in close or open position. */
export function generateChordName(dice: Dice, material: Material): ChordNameGiven | null {
  const found = rollChord(dice, material);
  if (!found) return null;
  const { clef, key, chord } = found;
  const notes = chordOnStaff(dice, chord, clef, dice.pick(material.positions), material.ledgerLines);
  return notes && { ...staffGiven(clef, key), notes: notes.map(printNote) };
}
