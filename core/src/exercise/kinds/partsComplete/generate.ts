import { printKey } from '../../../key/key';
import { printNote } from '../../../pitch/print';
import { cleanVoicing } from '../../fourVoices';
import { Dice } from '../../generating/dice';
import type { Material } from '../../generating/material';
import { rollTaughtLine } from '../../generating/rollLine';
import type { PartsCompleteGiven } from './given';

/** A line of what was taught with its outer voices, or its bass alone. */
export function generatePartsComplete(dice: Dice, material: Material): PartsCompleteGiven | null {
  const rolled = rollTaughtLine(dice, material);
  const voices = rolled && cleanVoicing(rolled.key, rolled.line);
  if (!voices) return null;
  const { key, line } = rolled;
  const outer = dice.pick(material.voices) === 'outer';
  const fixed = voices.map(([soprano, , , bass]) => [
    outer ? printNote(soprano) : null,
    null,
    null,
    printNote(bass),
  ]);
  return { clef: 'grand', key: printKey(key), numerals: line, voices: fixed };
}
