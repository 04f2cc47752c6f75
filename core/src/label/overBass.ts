import { bassMember, memberFrom, type Chord, type Member } from '../chord/chord';
import { describe } from '../chord/describe';
import type { Key } from '../key/key';
import { degreeOf } from '../key/scale';
import { ROOT } from './numeral';

/**
 * A triad over a bass that is none of its notes: over its seventh it is the seventh chord in third inversion,
 * `C/B♭`; over the fifth degree a step above its root it is the dominant with its fourth suspended, `F/G` in C
 * (common practice).
 */
export function overBass(chord: Chord, key: Key): Chord {
  const { triad, seventh, top, added } = describe(chord.members);
  if (bassMember(chord) || added.length > 0 || top > 7) return chord;
  const below = memberFrom(chord.root, chord.bass);
  // A third under a minor triad the bass is the root of a half-diminished seventh: Am/F# (common practice).
  if (triad === 'minor' && seventh === null && [6, 13].includes(below.degree) && below.alteration === 0)
    return { root: chord.bass, members: HALF_DIMINISHED, bass: chord.bass };
  const isTriad = seventh === null && (triad === 'major' || triad === 'minor' || triad === 'diminished');
  if (isTriad && below.degree === 7 && below.alteration >= (triad === 'diminished' ? -2 : -1))
    return { ...chord, members: [...chord.members, below] };
  const over = degreeOf(key, chord.bass);
  const onStep =
    ([2, 9].includes(below.degree) && triad === 'major' && seventh !== 'minor') ||
    ([4, 11].includes(below.degree) && triad === 'minor' && seventh === 'minor');
  return onStep && over.degree === 5 && over.alteration === 0
    ? { root: chord.bass, members: SUSPENDED_NINTH, bass: chord.bass }
    : chord;
}

const HALF_DIMINISHED: readonly Member[] = [
  ROOT,
  { degree: 3, alteration: -1 },
  { degree: 5, alteration: -1 },
  { degree: 7, alteration: -1 },
];

const SUSPENDED_NINTH: readonly Member[] = [
  ROOT,
  { degree: 4, alteration: 0 },
  { degree: 5, alteration: 0 },
  { degree: 7, alteration: -1 },
  { degree: 9, alteration: 0 },
];
