import type { NoteName } from '../pitch/note';
import { invertChord, makeChord, members, type Chord, type Member } from './chord';

export const FAMILIES = ['triads', 'sevenths', 'extensions'] as const;
export type Family = (typeof FAMILIES)[number];

/** The stacks of each family in the order in which they are taught (common practice). */
const STACKS: Record<Family, readonly (readonly Member[])[]> = {
  triads: [
    members([1, 0], [3, 0], [5, 0]), members([1, 0], [3, -1], [5, 0]), members([1, 0], [3, -1], [5, -1]),
    members([1, 0], [3, 0], [5, 1]),
    members([1, 0], [2, 0], [5, 0]), members([1, 0], [4, 0], [5, 0]),
  ],
  sevenths: [
    members([1, 0], [3, 0], [5, 0], [7, 0]), members([1, 0], [3, 0], [5, 0], [7, -1]),
    members([1, 0], [3, -1], [5, 0], [7, -1]), members([1, 0], [3, -1], [5, 0], [7, 0]),
    members([1, 0], [3, -1], [5, -1], [7, -1]), members([1, 0], [3, -1], [5, -1], [7, -2]),
    members([1, 0], [3, 0], [5, 1], [7, -1]),
  ],
  extensions: [
    members([1, 0], [3, 0], [5, 0], [7, 0], [9, 0]), members([1, 0], [3, 0], [5, 0], [7, -1], [9, 0]),
    members([1, 0], [3, 0], [5, 0], [7, -1], [9, -1]), members([1, 0], [3, -1], [5, 0], [7, -1], [9, 0]),
    members([1, 0], [3, -1], [5, 0], [7, -1], [9, 0], [11, 0]),
    members([1, 0], [3, 0], [5, 0], [7, -1], [9, 0], [11, 0], [13, 0]),
  ],
}; // prettier-ignore

/**
 * Every chord of a family on one root, side by side. Throws past a triple alteration when its notes are asked
 * for.
 */
export function familyOn(root: NoteName, family: Family): Chord[] {
  return STACKS[family].map((list) => makeChord(root, list));
}

/** The chord in root position and in every inversion, in order. */
export function inversionsOf(chord: Chord): Chord[] {
  const first = makeChord(chord.root, chord.members);
  return chord.members.map((_, index) => (index === 0 ? first : invertChord(first, index)));
}
