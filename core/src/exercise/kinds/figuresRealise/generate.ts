import { printKey } from '../../../key/key';
import { printFigure, shortFigures } from '../../../label/figures';
import { chordOfNumeral } from '../../../label/numeral';
import { parseNumeral } from '../../../label/numeralParse';
import { printNote } from '../../../pitch/print';
import { cleanVoicing } from '../../fourVoices';
import { Dice } from '../../generating/dice';
import type { Material } from '../../generating/material';
import { rollTaughtLine } from '../../generating/rollLine';
import type { FiguresRealiseGiven } from './given';
import { numeralsOfBass } from './solve';

/** A line of what was taught as a figured bass that can be set without a fault. */
export function generateFiguresRealise(dice: Dice, material: Material): FiguresRealiseGiven | null {
  const rolled = rollTaughtLine(dice, material);
  const voices = rolled && cleanVoicing(rolled.key, rolled.line);
  if (!voices) return null;
  const { key, line } = rolled;
  const figures = line.map((text) =>
    shortFigures(chordOfNumeral(parseNumeral(text, key), key), key).map(printFigure),
  );
  const basses = voices.map(([, , , bass]) => printNote(bass));
  const given = { clef: 'grand', key: printKey(key), basses, figures } as const;
  return numeralsOfBass(given).join(' ') === line.join(' ') ? given : null;
}
