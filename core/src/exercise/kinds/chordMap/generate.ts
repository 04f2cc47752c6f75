import { printKey } from '../../../key/key';
import { Dice } from '../../generating/dice';
import type { Material } from '../../generating/material';
import { MAP_ROWS } from '../../mapRows';
import type { ChordMapGiven } from './given';

/** The map of a key of the material with its rows blank. */
export function generateChordMap(dice: Dice, material: Material): ChordMapGiven {
  const key = dice.pick(material.keys);
  const stack = dice.pick(material.stacks) === 'sevenths' ? 7 : 5;
  return { key: printKey(key), stack, blank: MAP_ROWS.filter((row) => material.rows.includes(row)) };
}
