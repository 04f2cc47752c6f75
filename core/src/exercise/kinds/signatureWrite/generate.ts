import { printKey } from '../../../key/key';
import { Dice } from '../../generating/dice';
import type { Material } from '../../generating/material';
import type { SignatureWriteGiven } from './given';

/** A key of the material, in a clef. */
export const generateSignatureWrite = (dice: Dice, material: Material): SignatureWriteGiven => ({
  clef: dice.pick(material.clefs),
  key: printKey(dice.pick(material.keys)),
});
