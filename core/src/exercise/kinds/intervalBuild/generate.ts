import { printInterval } from '../../../interval/interval';
import { printNote } from '../../../pitch/print';
import { Dice } from '../../generating/dice';
import type { Material } from '../../generating/material';
import { rollInterval } from '../../generating/rollInterval';
import { staffGiven } from '../../generating/staffWriting';
import type { IntervalBuildGiven } from './given';

/** A note and an interval of the material, over it or under it. */
export function generateIntervalBuild(dice: Dice, material: Material): IntervalBuildGiven | null {
  const below = dice.chance(40);
  const found = rollInterval(dice, material, below);
  if (!found) return null;
  const { clef, key, from, interval } = found;
  // Under a note a unison is no other than over it.
  if (below && interval.number === 1) return null;
  return { ...staffGiven(clef, key), from: printNote(from), name: printInterval(interval), below };
}
