import { makeChord, memberFrom, type Chord, type Member } from '../chord/chord';
import { describe } from '../chord/describe';
import { perObject } from '../memo';
import type { Key } from '../key/key';
import { degreeOf, scaleOf } from '../key/scale';
import { sameName, type NoteName } from '../pitch/note';

/**
 * A chord read from notes that lack its third, or its fifth, as the key has it: `A E G` in C is a minor
 * seventh chord, `B D` a diminished triad (common practice). In minor the dominant has the leading note.
 * A chord that lacks neither, or whose root is foreign to the key, stays as it is.
 */
export function understoodIn(chord: Chord, key: Key): Chord {
  const { triad } = describe(chord.members);
  const has = (degree: number) => chord.members.some((m) => m.degree === degree);
  const lacksThird = triad === 'no-third' || triad === 'power';
  const lacksFifth = !has(5) && triad === 'minor';
  if (chord.members.length < 2 || !has(1) || (!lacksThird && !lacksFifth)) return chord;
  const scale = scaleAt(chord.root, key);
  if (!scale) return chord;
  const above = (steps: number): Member =>
    memberFrom(chord.root, scale[(chord.root.step - key.tonic.step + 14 + steps) % 7]!);
  const third = above(2);
  const fifth = chord.members.find((m) => m.degree === 5)?.alteration;
  if (lacksThird)
    return fifth === undefined || fifth === above(4).alteration || fifth === 0
      ? makeChord(chord.root, [...chord.members, third], chord.bass)
      : chord;
  const seventh = chord.members.find((m) => m.degree === 7);
  const whole = third.alteration === -1 && above(4).alteration === -1;
  return whole && (!seventh || seventh.alteration === above(6).alteration)
    ? makeChord(chord.root, [...chord.members, above(4)], chord.bass)
    : chord;
}

/** The form of the scale that the chord on a root is taken from: with the leading note over V and vii of minor. */
function scaleAt(root: NoteName, key: Key): readonly NoteName[] | null {
  const { degree, alteration } = degreeOf(key, root);
  const { natural, harmonic } = formsOf(key);
  if (key.mode === 'minor') {
    if (degree === 5 && alteration === 0) return harmonic;
    if (degree === 7 && sameName(harmonic[6]!, root)) return harmonic;
  }
  return alteration === 0 ? natural : null;
}

const formsOf = perObject((key: Key) => ({
  natural: scaleOf(key),
  harmonic: scaleOf(key, key.mode === 'minor' ? 'harmonic' : 'natural'),
}));
