import { printKey } from '../../../key/key';
import { Dice } from '../../generating/dice';
import type { Material } from '../../generating/material';
import type { CadenceWriteGiven } from './given';

/** A cadence of the material. */
export function generateCadenceWrite(dice: Dice, material: Material): CadenceWriteGiven | null {
  const key = dice.pick(material.keys);
  if (key.mode !== 'major' && key.mode !== 'minor') return null;
  return { key: printKey(key), cadence: dice.pick(material.cadences) };
}
