import { signatureNotes } from '../../../key/scale';
import { printNoteName } from '../../../pitch/print';
import { Dice } from '../../generating/dice';
import type { Material } from '../../generating/material';
import type { SignatureNameGiven } from './given';

/** The signature of a key of the material. */
export function generateSignatureName(dice: Dice, material: Material): SignatureNameGiven {
  const key = dice.pick(material.keys);
  return {
    clef: dice.pick(material.clefs),
    signature: signatureNotes(key).map(printNoteName),
    mode: key.mode,
  };
}
