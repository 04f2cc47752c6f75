import { printKey } from '../../../key/key';
import { printNumeral } from '../../../label/numeralPrint';
import { Dice } from '../../generating/dice';
import type { Material } from '../../generating/material';
import { rollNumeral } from '../../generating/rollNumeral';
import type { NumeralBuildGiven } from './given';

/** A numeral of the material. */
export function generateNumeralBuild(dice: Dice, material: Material): NumeralBuildGiven | null {
  const found = rollNumeral(dice, material);
  return found && { key: printKey(found.key), numeral: printNumeral(found.numeral, found.key) };
}
