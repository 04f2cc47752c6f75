import { attempt } from '../../../errors';
import { printKey } from '../../../key/key';
import { parseNumeral } from '../../../label/numeralParse';
import { printNote } from '../../../pitch/print';
import { cleanVoicing } from '../../fourVoices';
import { Dice } from '../../generating/dice';
import type { Material } from '../../generating/material';
import { rollLine } from '../../generating/rollLine';
import { isUntaught } from '../../generating/rollNumeral';
import type { HarmoniseGiven } from './given';
import { harmonisations } from './solve';

/** The chords a class is taught first, unless the material names others (common practice). */
const TAUGHT = { major: ['I', 'ii', 'IV', 'V', 'V7', 'vi'], minor: ['i', 'iio6', 'iv', 'V', 'V7', 'VI'] };

/** A tune moves: three different notes at least, and none three times on end. */
function isTune(notes: readonly string[]): boolean {
  const held = notes.some((note, at) => at > 1 && note === notes[at - 1] && note === notes[at - 2]);
  return !held && new Set(notes).size >= Math.min(3, notes.length);
}

/** The soprano of a line of what was taught. */
export function generateHarmonise(dice: Dice, material: Material): HarmoniseGiven | null {
  const key = dice.pick(material.keys);
  if (key.mode !== 'major' && key.mode !== 'minor') return null;
  const named = material.numerals.filter((text) => attempt(() => parseNumeral(text, key)).ok);
  const numerals = (named.length > 0 ? named : TAUGHT[key.mode]).filter((one) => !isUntaught(one, material));
  const line = rollLine(dice, key.mode, material.length, (one) => numerals.includes(one));
  const voices = line && line.every((one) => numerals.includes(one)) && cleanVoicing(key, line);
  if (!voices) return null;
  const notes = voices.map(([soprano]) => printNote(soprano));
  const given = { clef: 'treble', key: printKey(key), notes, numerals } as const;
  return isTune(notes) && harmonisations(given).length > 0 ? given : null;
}
