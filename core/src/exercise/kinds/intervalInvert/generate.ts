import { printInterval } from '../../../interval/interval';
import { printNote } from '../../../pitch/print';
import { Dice } from '../../generating/dice';
import type { Material } from '../../generating/material';
import { rollInterval } from '../../generating/rollInterval';
import { staffGiven } from '../../generating/staffWriting';
import type { IntervalInvertGiven } from './given';

/** An interval of the material that has an inversion of its own. */
export function generateIntervalInvert(dice: Dice, material: Material): IntervalInvertGiven | null {
  const found = rollInterval(dice, material);
  // Unisons and octaves are each other's inversion, and an augmented octave has none.
  if (!found || found.interval.number === 1 || found.interval.number >= 8) return null;
  const { clef, key, from, to, interval } = found;
  return {
    ...staffGiven(clef, key),
    from: printNote(from),
    to: printNote(to),
    name: printInterval(interval),
  };
}
