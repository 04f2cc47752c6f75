import type { NoteName } from '../pitch/note';
import { bassMember, inversionOf, type Chord, type Member } from './chord';

export const INVERSION_WORDS: readonly string[] = [
  'root position',
  'first inversion',
  'second inversion',
  'third inversion',
];

/** `root position`, `first inversion` …; a ninth or higher is named by its member. */
export function inversionWords(chord: Chord): string {
  const inversion = inversionOf(chord);
  if (inversion === null) return 'over a foreign bass';
  return INVERSION_WORDS[inversion] ?? `${memberWord(bassMember(chord)!)} in the bass`;
}

/** `a` root position, `b` first inversion … (common practice); empty over a foreign bass. */
export function inversionLetter(chord: Chord): string {
  const inversion = inversionOf(chord);
  return inversion === null ? '' : 'abcdefg'[inversion]!;
}

const MEMBER_WORDS: Record<number, string> = {
  1: 'root', 2: 'second', 3: 'third', 4: 'fourth', 5: 'fifth', 6: 'sixth', 7: 'seventh', 9: 'ninth',
  11: 'eleventh', 13: 'thirteenth',
}; // prettier-ignore

/** The member by its degree in words: `root`, `third`, `ninth`. */
export function memberWord(member: Pick<Member, 'degree'>): string {
  return MEMBER_WORDS[member.degree] ?? `${member.degree}th`;
}

/**
 * What lies above the gap of a close-position chord, the fourth of a triad or
 * the second of a seventh chord: the root. Null in root position, which has no
 * gap, and for stacks that have none (common practice).
 */
export function noteAboveGap(
  chord: Chord,
): { readonly root: NoteName; readonly gap: 'fourth' | 'second' } | null {
  const inversion = inversionOf(chord);
  const plain = chord.members.every(
    ({ degree }) => degree === 1 || degree === 3 || degree === 5 || degree === 7,
  );
  if (!inversion || inversion > 3 || !plain || chord.members.length < 3) return null;
  return { root: chord.root, gap: chord.members.some(({ degree }) => degree === 7) ? 'second' : 'fourth' };
}
