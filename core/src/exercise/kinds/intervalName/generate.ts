import { halfSteps } from '../../../interval/interval';
import { printNote } from '../../../pitch/print';
import { Dice } from '../../generating/dice';
import type { Material } from '../../generating/material';
import { rollInterval } from '../../generating/rollInterval';
import { staffGiven } from '../../generating/staffWriting';
import type { IntervalNameGiven } from './given';

/** An interval of the material on a staff. */
export function generateIntervalName(dice: Dice, material: Material): IntervalNameGiven | null {
  const found = rollInterval(dice, material);
  if (!found || halfSteps(found.interval) < 0) return null;
  const { clef, key, from, to } = found;
  return { ...staffGiven(clef, key), from: printNote(from), to: printNote(to) };
}
