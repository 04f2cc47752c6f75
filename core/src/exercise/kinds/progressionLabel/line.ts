import type { Key } from '../../../key/key';
import type { Dice } from '../../ask/dice';
import type { Material } from '../../ask/material';
import { isUntaught } from '../numeralLabel/numerals';

/** What follows what, by function: tonic, what leads to the dominant, the dominant, and the end (common practice). */
const NEXT: Readonly<Record<'major' | 'minor', Readonly<Record<string, readonly string[]>>>> = {
  major: {
    I: ['vi', 'IV', 'ii6', 'V', 'ii', 'I6', 'V6'],
    I6: ['IV', 'ii6', 'V'],
    vi: ['ii', 'IV', 'ii6'],
    iii: ['vi', 'IV'],
    ii: ['V', 'V7'],
    ii6: ['V', 'V7'],
    IV: ['V', 'ii', 'I', 'viio6'],
    V: ['I', 'vi', 'V7'],
    V6: ['I'],
    V7: ['I', 'vi'],
    viio6: ['I', 'I6'],
  },
  minor: {
    i: ['VI', 'iv', 'iio6', 'V', 'i6', 'V6'],
    i6: ['iv', 'iio6', 'V'],
    VI: ['iv', 'iio6'],
    III: ['VI', 'iv'],
    iio6: ['V', 'V7'],
    iv: ['V', 'iio6', 'i', 'viio6'],
    V: ['i', 'VI', 'V7'],
    V6: ['i'],
    V7: ['i', 'VI'],
    viio6: ['i', 'i6'],
  },
};

/** A line from the tonic over so many chords to a dominant and the tonic. */
export function rollLine(
  dice: Dice,
  mode: 'major' | 'minor',
  length: number,
  taught: (numeral: string) => boolean,
) {
  const tonic = mode === 'major' ? 'I' : 'i';
  const line = [tonic];
  while (line.length < length - 2) {
    const next = NEXT[mode][line[line.length - 1]!]!.filter(taught);
    if (next.length === 0) return null;
    line.push(dice.pick(next));
  }
  const last = line[line.length - 1]!;
  if (length > 2 && !NEXT[mode][last]!.some((one) => one === 'V' || one === 'V7')) return null;
  return [...line, ...(length > 2 ? [dice.chance(50) ? 'V' : 'V7'] : []), tonic].slice(-length);
}

/** A key of the material and a line in it of what has been taught; null where there is none. */
export function rollTaughtLine(
  dice: Dice,
  material: Material,
): { readonly key: Key; readonly line: readonly string[] } | null {
  const key = dice.pick(material.keys);
  if (key.mode !== 'major' && key.mode !== 'minor') return null;
  const line = rollLine(dice, key.mode, material.length, (one) => !isUntaught(one, material));
  return line && { key, line };
}
