import { candidatesOf } from './candidates';
import { type ChordIn, type ContextOptions } from './chordIn';
import { COSTS } from './costs';
import { describe } from '../chord/describe';
import { notesFromBass, type Chord } from '../chord/chord';
import { attempt } from '../errors';
import { keyFromSignature, keyOf, sameKey, signatureFifths, type Key } from '../key/key';
import { lineOfFifths, sameName } from '../pitch/note';

/** Keys so many fifths from the signature are sought. */
const KEY_REACH = 3;

/**
 * A piece in which most chords are dominant sevenths over a few roots, one of which rises a fifth to the next:
 * a chain of dominants only falls.
 */
function isBlues(likeliest: readonly Chord[]): boolean {
  if (likeliest.length < 3) return false;
  const sevenths = likeliest.filter(isDominantSeventh).map(({ root }) => lineOfFifths(root));
  const few = new Set(sevenths).size <= MOST_ROOTS;
  const rises = sevenths.some((place, at) => place === (sevenths[at - 1] ?? NaN) + 1);
  return few && rises && sevenths.length >= MOSTLY * likeliest.length;
}

const MOSTLY = 0.75;
const MOST_ROOTS = 4;

export function isDominantSeventh({ members }: Chord): boolean {
  const { triad, seventh } = describe(members);
  return triad === 'major' && seventh === 'minor';
}

/**
 * The keys, and however far from a guessed signature: where the first chord is minor its own, and those of
 * chords that a dominant seventh falls to.
 */
function withOwn(keys: readonly Key[], likeliest: readonly Chord[]): Key[] {
  const own = likeliest.flatMap((chord, at): Key[] => {
    const { triad } = describe(chord.members);
    const before = likeliest[at - 1];
    const reached =
      before !== undefined &&
      isDominantSeventh(before) &&
      lineOfFifths(before.root) === lineOfFifths(chord.root) + 1 &&
      !isDominantSeventh(chord);
    const isOwn = reached || (at === 0 && triad === 'minor');
    return isOwn && (triad === 'minor' || triad === 'major') ? [keyOf(chord.root, triad)] : [];
  });
  const all = [...keys];
  for (const key of own)
    if (Math.abs(signatureFifths(key)) <= 7 && !all.some((other) => sameKey(other, key))) all.push(key);
  return all;
}

/** The root of the first chord where the last one has the same, and whether its third is minor. */
function framingOf(likeliest: readonly Chord[]): Whole['framing'] {
  const [first, last] = [likeliest[0]!, likeliest[likeliest.length - 1]!];
  return likeliest.length > 2 && sameName(first.root, last.root)
    ? { root: lineOfFifths(first.root), minor: isMinorThird(first) }
    : null;
}

/** Major and minor keys round the signature. */
function keysSought(signature: number): Key[] {
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
function guessSignature(chords: readonly ChordIn[]): number {
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

/** What is known of the piece as a whole before any chord is read. */
export interface Whole {
  /** Keys in which it is sought. */
  readonly keys: readonly Key[];
  /** Sharps or flats of its signature, given or guessed, and what that weighs. */
  readonly home: number;
  readonly weight: number;
  readonly blues: boolean;
  /** The root of its first chord, whose keys are followed up at every chord. */
  readonly anchor: number;
  /** The root on which it begins and ends; null where they are two. */
  readonly framing: { readonly root: number; readonly minor: boolean } | null;
}

/** Looks over a piece of one chord or more. */
export function wholeOf(chords: readonly ChordIn[], { key, signature }: ContextOptions): Whole {
  const likeliest = chords.map((chord) => candidatesOf(chord)[0]!.chord);
  const first = likeliest[0]!;
  const home = signature ?? (key ? signatureFifths(key) : guessSignature(chords));
  return {
    keys: key ? [key] : withOwn(keysSought(home), likeliest),
    home,
    // What is only guessed decides little.
    weight: signature === undefined && !key ? COSTS.guessed : 1,
    blues: isBlues(likeliest),
    anchor: lineOfFifths(first.root),
    framing: framingOf(likeliest),
  };
}

export function isMinorThird({ members }: Chord): boolean {
  const { triad } = describe(members);
  return triad === 'minor' || triad === 'diminished';
}
