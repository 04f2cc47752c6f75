import { printNote } from '../../../pitch/print';
import { Dice } from '../../generating/dice';
import type { Material } from '../../generating/material';
import { chordOnStaff, rollChord } from '../../generating/rollChord';
import { isOnStaff, staffGiven } from '../../generating/staffWriting';
import type { InversionTurnGiven } from './given';
import { aboveGap, turnedChord } from './solve';

/** A chord of the material in close position that has room for its next inversion. */
export function generateInversionTurn(dice: Dice, material: Material): InversionTurnGiven | null {
  const found = rollChord(dice, material);
  const notes = found && chordOnStaff(dice, found.chord, found.clef, 'close', material.ledgerLines);
  if (!notes) return null;
  const given = { ...staffGiven(found.clef, found.key), notes: notes.map(printNote) };
  const next = turnedChord(given);
  if (!next.every((note) => isOnStaff(note, found.clef, material.ledgerLines))) return null;
  if (!material.also) return given;
  return aboveGap(next) ? { ...given, also: 'note above the gap' } : null;
}
