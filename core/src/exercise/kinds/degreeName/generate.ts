import { printKey } from '../../../key/key';
import { scaleOf } from '../../../key/scale';
import { printNoteName } from '../../../pitch/print';
import { Dice } from '../../generating/dice';
import type { Material } from '../../generating/material';
import type { DegreeNameGiven } from './given';

/** A note of a scale of the material. */
export function generateDegreeName(dice: Dice, material: Material): DegreeNameGiven {
  const key = dice.pick(material.keys);
  const form = dice.pick(material.forms);
  return { key: printKey(key), note: printNoteName(dice.pick(scaleOf(key, form))) };
}
