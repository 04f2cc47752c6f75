import { QUALITIES } from '../../chordQualities';
import type { Dice } from '../../generating/dice';
import type { Material } from '../../generating/material';
import { chordOnStaff, rollChord } from '../../generating/rollChord';
import { beatOf } from '../../heard/heardQuestion';
import { cleared, inTime, printed } from '../../heard/timedSound';
import type { HeardChordGiven } from './given';

const BEATS = 3;

/** A chord of the material in a clear register; what is only heard lies in no key. */
export function generateHeardChord(dice: Dice, material: Material): HeardChordGiven | null {
  const found = rollChord(dice, { ...material, accidentals: 'single', chromatic: 'any', ledgerLines: 2 });
  const notes = found && chordOnStaff(dice, found.chord, found.clef, dice.pick(material.positions), 2);
  const clear = notes && cleared([notes]);
  if (!clear) return null;
  const size = QUALITIES.triad.includes(found.quality) ? 'triad' : 'seventh';
  return { size, before: [], sound: inTime(printed(clear), BEATS * beatOf(material)) };
}
