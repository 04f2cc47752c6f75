import { type Chord, stackedNotes } from '../../chord/chord';
import { attempt } from '../../errors';
import type { Key } from '../../key/key';
import { diatonicNumeral } from '../../label/diatonic';
import { type Numeral, chordOfNumeral } from '../../label/numeral';
import { parseNumeral } from '../../label/numeralParse';
import { printNumeral } from '../../label/numeralPrint';
import { Dice } from './dice';
import type { Material } from './material';

export interface RolledNumeral {
  readonly key: Key;
  readonly numeral: Numeral;
  readonly chord: Chord;
}

/** Numerals without figures, as a class is taught them: `iii`, `viio`. */
const bare = (numeral: string) => numeral.replace(/[0-9]+(?=$|\/)/g, '').replace(/ø|o7$/, 'o');

/** Whether a numeral has a seventh: 7, 65, 43, 42, or more above it. */
const isSeventh = (numeral: string) => /(?:7|65|43|42|2|9|11|13)(?=$|\/)/.test(numeral);

/**
 * Whether a numeral is one that the class has not been taught, in any inversion: `V` takes the seventh along, `V7` only
 * what has one.
 */
export function isUntaught(numeral: string, { untaught }: Material): boolean {
  return untaught.some(
    (one) => bare(one) === bare(numeral) && (one === numeral || !isSeventh(one) || isSeventh(numeral)),
  );
}

/** Numerals of the material that are chords of a key: those that were asked for, or those of its scale. */
export function numeralsOf(key: Key, material: Material): RolledNumeral[] {
  const own =
    material.numerals.length > 0
      ? material.numerals.flatMap((text) => {
          const read = attempt(() => parseNumeral(text, key));
          return read.ok ? [read.value] : [];
        })
      : scaleNumerals(key, material.inversions);
  return own.flatMap((numeral) => {
    const chord = attempt(() => chordOfNumeral(numeral, key));
    if (!chord.ok || isUntaught(printNumeral(numeral, key), material)) return [];
    return [{ key, numeral, chord: chord.value }];
  });
}

/** Triads on every degree, and the seventh chords of the second, fifth and seventh, in these inversions. */
function scaleNumerals(key: Key, inversions: readonly number[]): Numeral[] {
  const plain = [
    ...[1, 2, 3, 4, 5, 6, 7].map((degree) => diatonicNumeral(key, degree)),
    ...[2, 5, 7].map((degree) => diatonicNumeral(key, degree, 7)),
  ];
  return plain.flatMap((numeral) =>
    inversions.flatMap((inversion) => {
      const lowest = numeral.members[inversion];
      return lowest ? [{ ...numeral, lowest }] : [];
    }),
  );
}

/** One of them by the dice; null where the key has none. */
export function rollNumeral(dice: Dice, material: Material): RolledNumeral | null {
  const found = numeralsOf(dice.pick(material.keys), material);
  return found.length === 0 ? null : dice.pick(found);
}

/** What a numeral adds: inversion, the seventh, and a target. */
export function numeralDifficulty({ members, lowest, target, special }: Numeral, chord: Chord) {
  const turned = members.findIndex(({ degree }) => degree === lowest.degree);
  return {
    numeral: stackedNotes(chord).length > 3 ? 1 : 0.6,
    ...(turned > 0 ? { inversion: 0.4 + 0.2 * turned } : {}),
    ...(target ? { target: 1 } : {}),
    ...(special ? { 'special chord': 1 } : {}),
  };
}
