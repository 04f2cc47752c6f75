import { printNoteName } from '../../../pitch/print';
import { Dice } from '../../generating/dice';
import type { Material } from '../../generating/material';
import { rollChord } from '../../generating/rollChord';
import { staffGiven } from '../../generating/staffWriting';
import type { ChordBuildGiven } from './given';

/** A chord of the material by its name. */
export function generateChordBuild(dice: Dice, material: Material): ChordBuildGiven | null {
  const found = rollChord(dice, material);
  if (!found) return null;
  const { clef, key, chord, quality, inversion } = found;
  return { ...staffGiven(clef, key), root: printNoteName(chord.root), quality, inversion };
}
