import { CADENCE_ENDS } from '../../cadenceEnds';
import { chordLine } from '../../chordLine';
import { Dice } from '../../generating/dice';
import type { Material } from '../../generating/material';
import type { CadenceNameGiven } from './given';
import { cadenceOf } from './solve';

/** Two chords that make a cadence of the material. */
export function generateCadenceName(dice: Dice, material: Material): CadenceNameGiven | null {
  const key = dice.pick(material.keys);
  if (key.mode !== 'major' && key.mode !== 'minor') return null;
  const kind = dice.pick(material.cadences);
  const given = chordLine(key, dice.pick(CADENCE_ENDS[kind]![key.mode]).split(' '));
  return given && cadenceOf(given) === kind ? given : null;
}
