import { otherSpelling } from '../../../key/spellInKey';
import { printNote } from '../../../pitch/print';
import { Dice } from '../../generating/dice';
import type { Material, Respelled } from '../../generating/material';
import { chordOnStaff } from '../../generating/rollChord';
import { rollNumeral } from '../../generating/rollNumeral';
import { isOnStaff, staffGiven } from '../../generating/staffWriting';
import type { EnharmonicRespellGiven } from './given';
import { respelled } from './solve';

/** What of a chord of the key is asked: one note of it, two, or all. */
const SIZES: Readonly<Record<Respelled, number>> = { note: 1, interval: 2, chord: 4 };

/** Notes of a chord of the key, one of which is written under its other name. */
export function generateEnharmonicRespell(dice: Dice, material: Material): EnharmonicRespellGiven | null {
  const found = rollNumeral(dice, material);
  if (!found) return null;
  const { key, chord } = found;
  const clef = dice.pick(material.clefs);
  const notes = chordOnStaff(dice, chord, clef, 'close', material.ledgerLines);
  if (!notes) return null;
  const size = SIZES[dice.pick(material.respelled)];
  const own = notes.length <= size ? notes : notes.slice(dice.between(0, notes.length - size)).slice(0, size);
  const at = dice.between(0, own.length - 1);
  const other = otherSpelling(own[at]!);
  if (Math.abs(other.alteration) > 1 || !isOnStaff(other, clef, material.ledgerLines)) return null;
  const given = {
    ...staffGiven(clef, key),
    notes: own.map((note, index) => printNote(index === at ? other : note)),
  };
  // What the key spells in another way than the chord would be argued about.
  return respelled(given).map(printNote).join() === own.map(printNote).join() ? given : null;
}
