import { makeChord, memberNote, members, type Chord, type Member } from '../chord/chord';
import { nameAbove, nameBelow } from '../interval/interval';
import { keyOf, type Key } from '../key/key';
import { degreeNote } from '../key/scale';
import { noteName, type NoteName } from '../pitch/note';

export const ROOT: Member = { degree: 1, alteration: 0 };

/**
 * Numerals with a name of their own: Neapolitan, the augmented sixths, the
 * cadential six-four, the common-tone diminished seventh, and the tritone
 * substitute of a dominant.
 */
export type SpecialNumeral = 'N' | 'It' | 'Fr' | 'Ger' | 'Cad' | 'CT' | 'sub';

/**
 * A Roman numeral as a value, the same in every school: the degree of the key
 * and its alteration against the key's natural scale, the members really
 * present, the lowest member, and for an applied chord its target. `special`
 * chords take their root from their name; their degree is only for sorting.
 */
export interface Numeral {
  readonly degree: number;
  readonly alteration: number;
  readonly members: readonly Member[];
  readonly lowest: Member;
  readonly special: SpecialNumeral | null;
  readonly target: Numeral | null;
}

/** The stacks of the augmented sixths over their bass (common practice). */
export const AUGMENTED_SIXTHS: Record<'It' | 'Fr' | 'Ger', readonly Member[]> = {
  It: members([1, 0], [3, 0], [6, 1]),
  Fr: members([1, 0], [3, 0], [4, 1], [6, 1]),
  Ger: members([1, 0], [3, 0], [5, 0], [6, 1]),
};

/**
 * The German sixth as it is written where its fifth is to rise to the major third: with a doubly augmented
 * fourth, `Ab C D# F#` in C (common practice).
 */
export const DOUBLY_AUGMENTED: readonly Member[] = members([1, 0], [3, 0], [4, 2], [6, 1]);

export function isAugmentedSixthName(special: SpecialNumeral | null): special is 'It' | 'Fr' | 'Ger' {
  return special === 'It' || special === 'Fr' || special === 'Ger';
}

/**
 * The key that a numeral's chord is counted in: the key itself, or for an
 * applied chord its target taken as tonic (minor under a minor or diminished
 * target, else major). Targets chain.
 */
export function localKey(numeral: Numeral, key: Key): Key {
  if (!numeral.target) return key;
  const tonic = rootOf(numeral.target, key);
  return keyOf(tonic, hasMinorThird(numeral.target.members) ? 'minor' : 'major');
}

function hasMinorThird(list: readonly Member[]): boolean {
  return list.some((m) => m.degree === 3 && m.alteration === -1);
}

/** The root's spelled name in the key. For an augmented sixth, its bass. Throws past a triple alteration. */
export function rootOf(numeral: Numeral, key: Key): NoteName {
  const local = localKey(numeral, key);
  switch (numeral.special) {
    case 'N':
    case 'sub':
      return nameAbove(local.tonic, { number: 2, deviation: -1 });
    case 'It':
    case 'Fr':
    case 'Ger':
      return nameBelow(local.tonic, { number: 3, deviation: 0 });
    case 'CT':
      return nameAbove(local.tonic, { number: 2, deviation: 1 });
    default: {
      const plain = degreeNote(local, numeral.degree);
      return noteName(plain.step, plain.alteration + numeral.alteration);
    }
  }
}

/** The chord that a numeral stands for in a key. Throws past a triple alteration. */
export function chordOfNumeral(numeral: Numeral, key: Key): Chord {
  const root = rootOf(numeral, key);
  return makeChord(root, numeral.members, memberNote(root, numeral.lowest));
}

export function sameNumeral(a: Numeral | null, b: Numeral | null): boolean {
  if (!a || !b) return a === b;
  return (
    a.degree === b.degree &&
    a.alteration === b.alteration &&
    a.special === b.special &&
    sameMember(a.lowest, b.lowest) &&
    a.members.length === b.members.length &&
    a.members.every((m, i) => sameMember(m, b.members[i]!)) &&
    sameNumeral(a.target, b.target)
  );
}

function sameMember(a: Member, b: Member): boolean {
  return a.degree === b.degree && a.alteration === b.alteration;
}
