import { printKey } from '../../../key/key';
import { Dice } from '../../generating/dice';
import type { Material } from '../../generating/material';
import type { ScaleWriteGiven } from './given';

/** A scale of the material; only minor has forms. */
export function generateScaleWrite(dice: Dice, material: Material): ScaleWriteGiven {
  const key = dice.pick(material.keys);
  const form = key.mode === 'minor' ? dice.pick(material.forms) : 'natural';
  return { clef: dice.pick(material.clefs), key: printKey(key), form };
}
