import { describe, qualityName } from '../../chord/describe';
import { symbolSuffix } from '../../chord/symbolPrint';
import { type Chord, type Member, members } from '../../chord/chord';

/**
 * MusicXML 4.0 `kind` values (W3C Music Notation Community Group, kind-value
 * data type) with the stacks they stand for.
 */
const KINDS: Record<string, readonly Member[]> = {
  major: members([1, 0], [3, 0], [5, 0]),
  minor: members([1, 0], [3, -1], [5, 0]),
  augmented: members([1, 0], [3, 0], [5, 1]),
  diminished: members([1, 0], [3, -1], [5, -1]),
  dominant: members([1, 0], [3, 0], [5, 0], [7, -1]),
  'major-seventh': members([1, 0], [3, 0], [5, 0], [7, 0]),
  'minor-seventh': members([1, 0], [3, -1], [5, 0], [7, -1]),
  'diminished-seventh': members([1, 0], [3, -1], [5, -1], [7, -2]),
  'augmented-seventh': members([1, 0], [3, 0], [5, 1], [7, -1]),
  'half-diminished': members([1, 0], [3, -1], [5, -1], [7, -1]),
  'major-minor': members([1, 0], [3, -1], [5, 0], [7, 0]),
  'major-sixth': members([1, 0], [3, 0], [5, 0], [6, 0]),
  'minor-sixth': members([1, 0], [3, -1], [5, 0], [6, 0]),
  'dominant-ninth': members([1, 0], [3, 0], [5, 0], [7, -1], [9, 0]),
  'major-ninth': members([1, 0], [3, 0], [5, 0], [7, 0], [9, 0]),
  'minor-ninth': members([1, 0], [3, -1], [5, 0], [7, -1], [9, 0]),
  'dominant-11th': members([1, 0], [3, 0], [5, 0], [7, -1], [9, 0], [11, 0]),
  'major-11th': members([1, 0], [3, 0], [5, 0], [7, 0], [9, 0], [11, 0]),
  'minor-11th': members([1, 0], [3, -1], [5, 0], [7, -1], [9, 0], [11, 0]),
  'dominant-13th': members([1, 0], [3, 0], [5, 0], [7, -1], [9, 0], [11, 0], [13, 0]),
  'major-13th': members([1, 0], [3, 0], [5, 0], [7, 0], [9, 0], [11, 0], [13, 0]),
  'minor-13th': members([1, 0], [3, -1], [5, 0], [7, -1], [9, 0], [11, 0], [13, 0]),
  'suspended-second': members([1, 0], [2, 0], [5, 0]),
  'suspended-fourth': members([1, 0], [4, 0], [5, 0]),
  power: members([1, 0], [5, 0]),
};

/** Our quality names that MusicXML calls otherwise. */
const RENAMED: Record<string, string> = {
  'dominant-seventh': 'dominant',
  'half-diminished-seventh': 'half-diminished',
  'minor-major-seventh': 'major-minor',
};

export interface Degree {
  readonly degree: number;
  readonly alter: number;
  readonly type: 'add' | 'alter' | 'subtract';
}

/** The kind nearest to a chord, with the `degree` elements that make up the difference. */
export function chordKindOf(chord: Chord): { kind: string; text: string; degrees: Degree[] } {
  const description = describe(chord.members);
  const quality = qualityName(description);
  const named = RENAMED[quality] ?? quality;
  const kind = Object.hasOwn(KINDS, named) ? named : 'major';
  const plain = KINDS[kind]!;
  const degrees: Degree[] = [];
  const changed = new Set<Member>();
  const has = (list: readonly Member[], m: Member) =>
    list.some((other) => other.degree === m.degree && other.alteration === m.alteration);
  for (const member of plain) {
    if (has(chord.members, member)) continue;
    const altered = chord.members.find((m) => m.degree === member.degree && !has(plain, m));
    if (altered) changed.add(altered);
    if (altered)
      degrees.push({ degree: member.degree, alter: altered.alteration - member.alteration, type: 'alter' });
    else degrees.push({ degree: member.degree, alter: 0, type: 'subtract' });
  }
  for (const member of chord.members) {
    if (has(plain, member) || changed.has(member)) continue;
    // An added seventh is minor unless altered upward (MusicXML 4.0, degree-alter).
    degrees.push({
      degree: member.degree,
      alter: member.degree === 7 ? member.alteration + 1 : member.alteration,
      type: 'add',
    });
  }
  return { kind, text: symbolSuffix(description, chord.members), degrees };
}

/** The members that a kind and its degrees stand for; null for a kind without notes of its own. */
export function membersOfKind(kind: string, degrees: readonly Degree[]): Member[] | null {
  const named = kind === 'minor-major' ? 'major-minor' : kind;
  const plain = Object.hasOwn(KINDS, named) ? KINDS[named] : undefined;
  if (!plain) return null;
  let list = [...plain];
  for (const { degree, alter, type } of degrees) {
    if (type === 'subtract') list = list.filter((m) => m.degree !== degree);
    else if (type === 'alter')
      list = list.map((m) => (m.degree === degree ? { degree, alteration: m.alteration + alter } : m));
    else list.push({ degree, alteration: degree === 7 ? alter - 1 : alter });
  }
  return list;
}
