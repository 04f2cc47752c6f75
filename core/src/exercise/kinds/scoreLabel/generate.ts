import { labelsOf } from '../../labelling';
import { printKey } from '../../../key/key';
import { cleanVoicing, printVoices } from '../../fourVoices';
import { Dice } from '../../generating/dice';
import type { Material } from '../../generating/material';
import { rollTaughtLine } from '../../generating/rollLine';
import type { ScoreLabelGiven } from './given';
import { soundingChords } from './solve';

/** A line of what was taught, set for four voices without a fault. */
export function generateScoreLabel(dice: Dice, material: Material): ScoreLabelGiven | null {
  const rolled = rollTaughtLine(dice, material);
  const voices = rolled && cleanVoicing(rolled.key, rolled.line);
  if (!voices) return null;
  const { key, line } = rolled;
  const given = { clef: 'grand', key: printKey(key), voices: printVoices(voices) } as const;
  // A chord that reads first as another would be argued about.
  return labelsOf(soundingChords(given), given).join(' ') === line.join(' ') ? given : null;
}
