import { chordFromFormula } from '../chord/build';
import { inversionOf, makeChord, stackedNotes, type Chord } from '../chord/chord';
import { describe, qualityName } from '../chord/describe';
import { attempt } from '../errors';
import { sameName, type NoteName } from '../pitch/note';

/** Chords by the names of their qualities, as formulas over the major scale of the root (common practice). */
const FORMULAS = {
  triad: ['1 3 5', '1 b3 5', '1 b3 b5', '1 3 #5'],
  seventh: ['1 3 5 b7', '1 3 5 7', '1 b3 5 b7', '1 b3 b5 b7', '1 b3 b5 bb7', '1 b3 5 7', '1 3 #5 7'],
  extended: [
    '1 3 5 6',
    '1 b3 5 6',
    '1 3 5 b7 9',
    '1 3 5 7 9',
    '1 b3 5 b7 9',
    '1 b3 5 b7 9 11',
    '1 3 5 b7 9 13',
  ],
} as const;

export type ChordSize = keyof typeof FORMULAS;

const C: NoteName = { step: 0, alteration: 0 };
const nameOf = (formula: string) => qualityName(describe(chordFromFormula(C, formula).members));

/** The names of the qualities of a family, in the words of the house: `major`, `half-diminished-seventh`. */
export const QUALITIES: Readonly<Record<ChordSize, readonly string[]>> = {
  triad: FORMULAS.triad.map(nameOf),
  seventh: FORMULAS.seventh.map(nameOf),
  extended: FORMULAS.extended.map(nameOf),
};

/** Those that are asked for where nothing is said: the augmented-major seventh is rare (common practice). */
export const USUAL_QUALITIES: Readonly<Record<ChordSize, readonly string[]>> = {
  ...QUALITIES,
  seventh: QUALITIES.seventh.filter((name) => name !== 'augmented-major-seventh'),
};

/** The members of a chord by the name of its quality: thousands are rolled for a sheet of odd material. */
const BY_NAME = new Map(
  Object.values(FORMULAS).flatMap((list) =>
    list.map((formula) => [nameOf(formula), chordFromFormula(C, formula).members] as const),
  ),
);

/** A chord by its root and the name of its quality, in root position; null where the quality is none. */
export function chordOfQuality(root: NoteName, quality: string): Chord | null {
  const members = BY_NAME.get(quality);
  return members === undefined ? null : makeChord(root, members);
}

/** A name of a chord: root, quality, and which member is lowest, 0 for the root. */
export interface ChordName {
  readonly root: NoteName;
  readonly quality: string;
  readonly inversion: number;
}

interface Stack {
  readonly chord: Chord;
  readonly notes: readonly NoteName[];
}
const STACKS = new Map<string, Stack | null>();

/** A chord with its stacked notes, built once; null where some lie too far out to be written. */
function stackOf(root: NoteName, quality: string, members: Chord['members']): Stack | null {
  const id = `${root.step} ${root.alteration} ${quality}`;
  const known = STACKS.get(id);
  if (known !== undefined) return known;
  const stack = attempt(() => {
    const chord = makeChord(root, members);
    return { chord, notes: stackedNotes(chord) };
  });
  const made = stack.ok ? stack.value : null;
  STACKS.set(id, made);
  return made;
}

/**
 * Every name that a set of spelled notes has among the known qualities, the lowest first: C E G A is a sixth chord
 * on C and a minor seventh on A.
 */
export function namesOfNotes(notes: readonly NoteName[]): ChordName[] {
  const different = notes.filter((note, at) => notes.findIndex((other) => sameName(other, note)) === at);
  const isThere = (note: NoteName) => different.some((other) => sameName(other, note));
  return different.flatMap((root) =>
    [...BY_NAME.entries()].flatMap(([quality, members]): ChordName[] => {
      const stack = stackOf(root, quality, members);
      if (!stack || stack.notes.length !== different.length) return [];
      const { chord, notes: own } = stack;
      if (!own.every(isThere)) return [];
      const inversion = inversionOf(makeChord(root, chord.members, different[0]!));
      return inversion === null ? [] : [{ root, quality, inversion }];
    }),
  );
}
