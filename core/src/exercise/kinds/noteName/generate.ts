import { printedFifths } from '../../../key/key';
import { signatureAlteration } from '../../../key/scale';
import { parseNote } from '../../../pitch/parse';
import { printNote } from '../../../pitch/print';
import { Dice } from '../../generating/dice';
import type { Material } from '../../generating/material';
import { isOnStaff, rollNote, staffGiven } from '../../generating/staffWriting';
import { clefIn, keyIn } from '../../givenReading';
import type { NoteNameGiven } from './given';

/** An altered note, and the same letter after it: in its octave the accidental holds, in another it does not. */
function rollInBar(dice: Dice, given: NoteNameGiven, material: Material): NoteNameGiven | null {
  const note = parseNote(given.note);
  const plain = signatureAlteration(printedFifths(keyIn(given)), note.step);
  const other = dice.chance(30);
  const altered = { ...note, alteration: plain === 0 ? (dice.chance(50) ? 1 : -1) : 0 };
  const octave = note.octave + (dice.chance(50) ? 1 : -1);
  const asked = other ? { ...note, octave, alteration: plain } : altered;
  if (!isOnStaff(asked, clefIn(given), material.ledgerLines)) return null;
  return { ...given, earlier: [printNote(altered)], note: printNote(asked) };
}

/** A note of a staff under a signature, or after another of its bar. */
export function generateNoteName(dice: Dice, material: Material): NoteNameGiven | null {
  const [clef, key] = [dice.pick(material.clefs), dice.pick(material.keys)];
  const note = rollNote(dice, clef, key, material);
  const given = note && { ...staffGiven(clef, key), note: printNote(note) };
  return given && material.bar ? rollInBar(dice, given, material) : given;
}
