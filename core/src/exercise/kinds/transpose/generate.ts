import { type Interval, printInterval } from '../../../interval/interval';
import { printedFifths } from '../../../key/key';
import { atPosition } from '../../../key/scale';
import type { Note } from '../../../pitch/note';
import { printNote } from '../../../pitch/print';
import { Dice } from '../../generating/dice';
import type { Material } from '../../generating/material';
import { isOnStaff, staffGiven, staffRange } from '../../generating/staffWriting';
import type { TransposeGiven } from './given';
import { movedNotes } from './solve';

const STEPS = [-2, -1, -1, 1, 1, 2, 3];

/** A few notes of a key, mostly by step, that fit on the staff before and after. */
export function generateTranspose(dice: Dice, material: Material): TransposeGiven | null {
  const [clef, key] = [dice.pick(material.clefs), dice.pick(material.keys)];
  const by: Interval = dice.pick(material.intervals);
  const below = dice.chance(50);
  const { low, high } = staffRange(clef, 0);
  let place = dice.between(low, high);
  const notes: Note[] = [];
  for (let at = 0; at < material.length; at++) {
    notes.push(atPosition(place, printedFifths(key)));
    place += dice.pick(STEPS);
  }
  const given = { ...staffGiven(clef, key), notes: notes.map(printNote), by: printInterval(by), below };
  const fits = (note: Note) => isOnStaff(note, clef, material.ledgerLines) && Math.abs(note.alteration) < 2;
  return notes.every(fits) && movedNotes(given).every(fits) ? given : null;
}
