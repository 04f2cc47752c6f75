import { describe } from '../chord/describe';
import type { Chord, Member } from '../chord/chord';

/**
 * Members that may be left out, the first to go first: the fifth unless it is
 * altered, the eleventh under a major third, the ninth, the root where another
 * part plays it. The third, the seventh and the note that names the chord stay
 * (common practice).
 */
export function omissible(chord: Chord): Member[] {
  const { top } = describe(chord.members);
  const at = (degree: number, alteration: number) =>
    chord.members.find((m) => m.degree === degree && m.alteration === alteration);
  const majorThird = at(3, 0);
  const order = [
    at(5, 0),
    majorThird && top !== 11 ? at(11, 0) : undefined,
    top > 9 ? at(9, 0) : undefined,
    top > 11 ? at(11, 0) : undefined,
    at(1, 0),
  ];
  return [...new Set(order.filter((member): member is Member => member !== undefined))];
}

/** The members to play where at most `keep` notes can be had, and those left out for it. */
export function reduceTo(
  chord: Chord,
  keep: number,
): { readonly kept: readonly Member[]; readonly leftOut: readonly Member[] } {
  const leftOut = omissible(chord).slice(0, Math.max(0, chord.members.length - keep));
  return { kept: chord.members.filter((member) => !leftOut.includes(member)), leftOut };
}
