import { candidatesOf } from './candidates';
import { type ChordIn } from './chordIn';
import { describe } from '../chord/describe';
import { notesFromBass, type Chord } from '../chord/chord';
import { attempt } from '../errors';
import { keyFromSignature, keyOf, signatureFifths, type Key } from '../key/key';
import { lineOfFifths, sameName } from '../pitch/note';

/** Keys so many fifths from the signature are sought. */
const KEY_REACH = 3;

/**
 * A piece in which most chords are dominant sevenths over a few roots, one of which rises a fifth to the next:
 * a chain of dominants only falls.
 */
export function isBlues(chords: readonly ChordIn[]): boolean {
  if (chords.length < 3) return false;
  const sevenths = chords.flatMap((chord) => {
    const [best] = candidatesOf(chord);
    return best && isDominantSeventh(best.chord) ? [lineOfFifths(best.chord.root)] : [];
  });
  const few = new Set(sevenths).size <= MOST_ROOTS;
  const rises = sevenths.some((place, at) => place === (sevenths[at - 1] ?? NaN) + 1);
  return few && rises && sevenths.length >= MOSTLY * chords.length;
}

const MOSTLY = 0.75;
const MOST_ROOTS = 4;

export function isDominantSeventh({ members }: Chord): boolean {
  const { triad, seventh } = describe(members);
  return triad === 'major' && seventh === 'minor';
}

/** The keys, and where the first chord is minor its own, however far it lies from a guessed signature. */
export function withFirst(keys: Key[], chords: readonly ChordIn[]): Key[] {
  const first = chords[0] && candidatesOf(chords[0])[0];
  if (!first || describe(first.chord.members).triad !== 'minor') return keys;
  const own = keyOf(first.chord.root, 'minor');
  const known = keys.some((key) => key.mode === 'minor' && sameName(key.tonic, own.tonic));
  return known || Math.abs(signatureFifths(own)) > 7 ? keys : [...keys, own];
}

/** The root of the first chord. */
export function anchorOf(chords: readonly ChordIn[]): number {
  const first = chords[0] && candidatesOf(chords[0])[0];
  return first ? lineOfFifths(first.chord.root) : NaN;
}

/** The root of the first chord where the last one has the same, and whether its third is minor. */
export function framingRoot(
  chords: readonly ChordIn[],
): { readonly root: number; readonly minor: boolean } | null {
  if (chords.length < 3) return null;
  const [first, last] = [chords[0]!, chords[chords.length - 1]!].map(
    (chord) => candidatesOf(chord)[0]?.chord,
  );
  return first && last && sameName(first.root, last.root)
    ? { root: lineOfFifths(first.root), minor: isMinorThird(first) }
    : null;
}

/** Major and minor keys round the signature. */
export function keysSought(signature: number): Key[] {
  const keys: Key[] = [];
  for (let fifths = signature - KEY_REACH; fifths <= signature + KEY_REACH; fifths++) {
    for (const mode of ['major', 'minor'] as const) {
      const key = attempt(() => keyFromSignature(fifths, mode));
      if (key.ok && Math.abs(fifths) <= 10) keys.push(key.value);
    }
  }
  return keys;
}

/** Without a signature: the one that leaves the fewest notes outside. */
export function guessSignature(chords: readonly ChordIn[]): number {
  const places = chords.flatMap((chord) =>
    ('notes' in chord ? chord.notes : notesFromBass(chord.chord)).map(lineOfFifths),
  );
  let best = 0;
  let least = Infinity;
  for (let fifths = -7; fifths <= 7; fifths++) {
    const outside =
      places.filter((place) => place < fifths - 1 || place > fifths + 5).length + Math.abs(fifths) / 100;
    if (outside < least) [best, least] = [fifths, outside];
  }
  return best;
}

/**
 * What is known of the piece as a whole: whether it is a blues, what its signature weighs, and the root of its
 * first chord, whose keys are followed up at every chord.
 */
export interface Whole {
  readonly blues: boolean;
  readonly weight: number;
  readonly anchor: number;
}

export function isMinorThird({ members }: Chord): boolean {
  const { triad } = describe(members);
  return triad === 'minor' || triad === 'diminished';
}
