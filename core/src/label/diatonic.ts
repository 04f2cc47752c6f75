import { stackOnDegree } from '../chord/build';
import { describe } from '../chord/describe';
import type { Key } from '../key/key';
import { degreeOf, scaleOf, type ScaleForm } from '../key/scale';
import type { Numeral } from './numeral';

/**
 * The numeral of the stack on a degree of the key's scale. In minor, V and
 * vii° come from the harmonic form and the rest from the natural, unless a
 * form is given (common practice).
 */
export function diatonicNumeral(
  key: Key,
  degree: number,
  top: 5 | 7 | 9 | 11 | 13 = 5,
  form?: ScaleForm,
): Numeral {
  const dominant = degree === 5 || degree === 7;
  const scale = scaleOf(key, form ?? (dominant ? 'harmonic' : 'natural'));
  const chord = stackOnDegree(scale, degree, top);
  return {
    degree,
    alteration: degreeOf(key, chord.root).alteration,
    members: chord.members,
    lowest: { degree: 1, alteration: 0 },
    special: null,
    target: null,
  };
}

/** Alteration of the diatonic member (7, 9, 11, 13) above a degree, against the major scale of that root. */
export function diatonicExtension(
  key: Key,
  degree: number,
  rootAlteration: number,
  member: 7 | 9 | 11 | 13,
): number {
  const chord = stackOnDegree(scaleOf(key, 'natural'), degree, member);
  return chord.members[chord.members.length - 1]!.alteration - rootAlteration;
}

/** Whether the stack has a small (minor or diminished) sound, written with a small numeral. */
export function isSmall(members: Numeral['members']): boolean {
  const { triad } = describe(members);
  return triad === 'minor' || triad === 'diminished';
}
