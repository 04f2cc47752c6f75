import type { Key } from '../../key/key';
import { CADENCE_ENDS } from '../cadenceEnds';
import { Dice } from './dice';
import type { Material } from './material';
import { isUntaught } from './rollNumeral';

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

/** The chords of a line that starts on the tonic; null where what was taught leads no further. */
function rollStart(
  dice: Dice,
  mode: 'major' | 'minor',
  length: number,
  taught: (numeral: string) => boolean,
): string[] | null {
  const line = [mode === 'major' ? 'I' : 'i'];
  while (line.length < length) {
    const next = NEXT[mode][line[line.length - 1]!]!.filter(taught);
    if (next.length === 0) return null;
    line.push(dice.pick(next));
  }
  return line;
}

/** A line that ends with one of the cadences of the material, in a key of it; null where this throw gives none. */
export function rollLineTo(dice: Dice, material: Material) {
  const key = dice.pick(material.keys);
  if (key.mode !== 'major' && key.mode !== 'minor') return null;
  const { mode } = key;
  const taught = (one: string) => !isUntaught(one, material);
  const start = rollStart(dice, mode, Math.max(1, material.length - 2), taught);
  const last = start?.at(-1);
  const ends = CADENCE_ENDS[dice.pick(material.cadences)]![mode].map((end) => end.split(' ')).filter(
    (end) => end.every(taught) && last !== undefined && NEXT[mode][last]!.includes(end[0]!),
  );
  return start && ends.length > 0 ? { key, line: [...start, ...dice.pick(ends)] } : null;
}

/** A line from the tonic over so many chords to a dominant and the tonic. */
export function rollLine(
  dice: Dice,
  mode: 'major' | 'minor',
  length: number,
  taught: (numeral: string) => boolean,
) {
  const tonic = mode === 'major' ? 'I' : 'i';
  const line = rollStart(dice, mode, length - 2, taught);
  if (!line) return null;
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
