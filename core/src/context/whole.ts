import { candidatesOf } from './candidates';
import { type ChordIn, type ContextOptions } from './chordIn';
import { COSTS } from './costs';
import { describe } from '../chord/describe';
import { notesFromBass, type Chord } from '../chord/chord';
import { attempt } from '../errors';
import { gearChanges } from './gears';
import { keyFromSignature, keyOf, sameKey, signatureFifths, type Key } from '../key/key';
import { lineOfFifths, sameName, type NoteName } from '../pitch/note';

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

/**
 * The tonic of a blues in whose chorus stands a ii–V, a diminished passing chord or a turnaround (common practice):
 * it begins on the dominant seventh of its tonic, goes to that of the fourth degree and back, and these two are a
 * third of its chords and more. Null for what is none.
 */
function bluesTonic(likeliest: readonly Chord[]): NoteName | null {
  const [first] = likeliest;
  if (!first || likeliest.length < LEAST_BLUES || !isDominantSeventh(first)) return null;
  const tonic = lineOfFifths(first.root);
  const sevenths = likeliest.map((chord) => (isDominantSeventh(chord) ? lineOfFifths(chord.root) : NaN));
  const isBack = (at: number) => {
    const next = likeliest[at + 1];
    const after = likeliest[at + 2];
    // Over the raised fourth it may come back by way of a diminished chord.
    const passes = next !== undefined && describe(next.members).seventh === 'diminished';
    return sevenths[at] === tonic - 1 && (sevenths[at + 1] === tonic || (passes && isOn(after, tonic)));
  };
  const home = sevenths.filter((place) => place === tonic || place === tonic - 1).length;
  return sevenths.some((_, at) => isBack(at)) && home >= likeliest.length / 3 ? first.root : null;
}

const LEAST_BLUES = 6;
const isOn = (chord: Chord | undefined, place: number) =>
  chord !== undefined && lineOfFifths(chord.root) === place;

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
  if (likeliest.length < 3 || !sameName(first.root, last.root)) return null;
  // In minor one major tonic at the end is a raised third; two are another key.
  const major = likeliest.filter((chord) => sameName(chord.root, first.root) && !isMinorThird(chord));
  if (isMinorThird(first) && major.length > 1) return null;
  const rests = describe(last.members).seventh === 'major';
  return { root: lineOfFifths(first.root), minor: isMinorThird(first), rests };
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

/** Keys beyond seven signs are sought where chords are spelled in them. */
const MOST_FIFTHS = 10;
const NO_GEARS: ReadonlyMap<number, number> = new Map();

/** The keys, and those to which a phrase is lifted. */
function lifted(keys: readonly Key[], gears: ReadonlyMap<number, number>): readonly Key[] {
  const all = [...keys];
  for (const fifths of new Set(gears.values()))
    for (const key of keys)
      for (const turn of [0, 12, -12]) {
        const signature = signatureFifths(key) + fifths + turn;
        if (Math.abs(signature) > MOST_FIFTHS) continue;
        const other = keyFromSignature(signature, key.mode);
        if (!all.some((one) => sameKey(one, other))) all.push(other);
      }
  return all;
}

/** What is known of the piece as a whole before any chord is read. */
export interface Whole {
  /** Keys in which it is sought. */
  readonly keys: readonly Key[];
  /** Sharps or flats of its signature, given or guessed, and what that weighs. */
  readonly home: number;
  readonly weight: number;
  readonly blues: boolean;
  /** The roots of its first and last chord, whose keys are followed up at every chord. */
  readonly anchors: readonly number[];
  /** The roots that come. */
  readonly tonics: ReadonlySet<number>;
  /** Where a phrase comes again in another key, by fifths. */
  readonly gears: ReadonlyMap<number, number>;
  /** The root on which it begins and ends, and whether a major seventh says that it rests; null where they are two. */
  readonly framing: { readonly root: number; readonly minor: boolean; readonly rests: boolean } | null;
}

/** Looks over a piece of one chord or more. */
export function wholeOf(chords: readonly ChordIn[], { key, signature }: ContextOptions): Whole {
  const likeliest = chords.map((chord) => candidatesOf(chord)[0]!.chord);
  const first = likeliest[0]!;
  const gears = key ? NO_GEARS : gearChanges(likeliest);
  const blue = bluesTonic(likeliest);
  const blues = blue ? keyOf(blue, 'major') : null;
  const home =
    signature ?? (key ? signatureFifths(key) : blues ? signatureFifths(blues) : guessSignature(chords));
  return {
    keys: key ? [key] : blues ? [blues] : lifted(withOwn(keysSought(home), likeliest), gears),
    gears,
    home,
    // What is only guessed decides little.
    weight: signature === undefined && !key ? COSTS.guessed : 1,
    blues: isBlues(likeliest) || (blue !== null && (!key || sameName(key.tonic, blue))),
    anchors: [...new Set([first, likeliest[likeliest.length - 1]!].map(({ root }) => lineOfFifths(root)))],
    tonics: new Set(likeliest.map(({ root }) => lineOfFifths(root))),
    framing: framingOf(likeliest),
  };
}

export function isMinorThird({ members }: Chord): boolean {
  const { triad } = describe(members);
  return triad === 'minor' || triad === 'diminished';
}
