import type { Dice } from '../../generating/dice';
import type { Material } from '../../generating/material';
import { rollHeard, heardLine } from '../../heard/heardQuestion';
import { momentsOf } from '../../heard/timedSound';
import { isUntaught } from '../../generating/rollNumeral';
import { changeHeard } from './solve';
import type { HeardChangeGiven } from './given';

/** Chords that are taken for each other: of one function, or with two notes in common (common practice). */
const LIKE: Readonly<Record<'major' | 'minor', Readonly<Record<string, readonly string[]>>>> = {
  major: {
    I: ['vi', 'I6'],
    I6: ['I', 'iii'],
    ii: ['IV', 'ii6'],
    ii6: ['IV', 'ii'],
    iii: ['I6', 'V'],
    IV: ['ii', 'ii6'],
    V: ['V7', 'viio6'],
    V7: ['V', 'viio6'],
    V6: ['V', 'V65'],
    vi: ['I', 'IV'],
    viio6: ['V', 'V7'],
  },
  minor: {
    i: ['VI', 'i6'],
    i6: ['i', 'III'],
    iio6: ['iv'],
    III: ['i6', 'V'],
    iv: ['iio6', 'VI'],
    V: ['V7', 'viio6'],
    V7: ['V', 'viio6'],
    V6: ['V', 'V65'],
    VI: ['i', 'iv'],
    viio6: ['V', 'V7'],
  },
};

/** A line of what has been taught, one chord of which, not the first, is played as another one like it. */
export function generateHeardChange(dice: Dice, material: Material): HeardChangeGiven | null {
  const rolled = rollHeard(dice, material, false);
  const mode = rolled?.key.mode;
  if (!rolled || (mode !== 'major' && mode !== 'minor')) return null;
  const { key, line, heard } = rolled;
  const at = dice.between(1, line.length - 1);
  const others = (LIKE[mode][line[at]!] ?? []).filter((numeral) => !isUntaught(numeral, material));
  if (others.length === 0) return null;
  const played = heardLine(
    key,
    line.map((numeral, place) => (place === at ? dice.pick(others) : numeral)),
    material,
  );
  if (!played) return null;
  // Only the changed chord may differ: the others stand as they are printed.
  const sound = heard.sound.map((one, place) => (place === at ? played.sound[at]! : one));
  const given: HeardChangeGiven = { ...heard, clef: 'grand', chords: momentsOf(heard.sound), sound };
  return changeHeard(given) === null ? null : given;
}
