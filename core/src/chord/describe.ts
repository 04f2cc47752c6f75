import { perObject } from '../memo';
import type { Member } from './chord';

export type Triad =
  | 'major'
  | 'minor'
  | 'diminished'
  | 'augmented'
  | 'flat-five'
  | 'sus2'
  | 'sus4'
  | 'sus24'
  | 'power'
  | 'no-third';

/**
 * What a set of members is called, and what has to be said beside it. `top` is
 * the highest unaltered extension in an unbroken naming (7, 9, 11, 13), or 0
 * without a seventh. `altered` are extensions or fifths off the plain stack,
 * `added` members outside it, `omitted` degrees that the name leads one to
 * expect and that are not there.
 */
export interface Description {
  readonly triad: Triad;
  readonly seventh: 'major' | 'minor' | 'diminished' | null;
  readonly sixth: boolean;
  readonly top: 0 | 7 | 9 | 11 | 13;
  readonly altered: readonly Member[];
  readonly added: readonly Member[];
  readonly omitted: readonly number[];
}

/**
 * Names a stack by what is really in it: by its highest present extension when
 * the seventh is there, otherwise as a triad with added notes or a sixth
 * chord (common practice). Total over every set of members.
 */
export const describe: (members: readonly Member[]) => Description = perObject(describeAnew);

/** The place of a member in the list, or −1. Loops, as this is the hottest path of all. */
function indexOf(members: readonly Member[], degree: number, alteration: number): number {
  for (let i = 0; i < members.length; i++) {
    const m = members[i]!;
    if (m.degree === degree && m.alteration === alteration) return i;
  }
  return -1;
}

/** How many members stand on a degree. */
function count(members: readonly Member[], degree: number): number {
  let found = 0;
  for (let i = 0; i < members.length; i++) if (members[i]!.degree === degree) found++;
  return found;
}

const SEVENTHS = ['major', 'minor', 'diminished'] as const;

/** As describe, without remembering: for stacks that are looked at once. */
export function describeAnew(members: readonly Member[]): Description {
  // Members already spoken for, one bit each.
  let used = 0;
  const use = (index: number) => {
    used |= 1 << index;
  };
  const omitted: number[] = [];
  const altered: Member[] = [];
  const takeAltered = (degree: number) => {
    for (let i = 0; i < members.length; i++) {
      if (members[i]!.degree !== degree) continue;
      altered.push(members[i]!);
      use(i);
    }
  };
  const root = indexOf(members, 1, 0);
  if (root >= 0) use(root);
  else omitted.push(1);

  const minorThird = indexOf(members, 3, -1);
  const majorThird = indexOf(members, 3, 0);
  const fifths = count(members, 5);
  const flatFifth = indexOf(members, 5, -1);
  // A diminished seventh makes a seventh chord only over a diminished (or unstated) fifth.
  const canBeDiminished =
    minorThird >= 0 && majorThird < 0 && (fifths === 0 || (fifths === 1 && flatFifth >= 0));
  let seventhAt = indexOf(members, 7, -1);
  if (seventhAt < 0) seventhAt = indexOf(members, 7, 0);
  if (seventhAt < 0 && canBeDiminished) seventhAt = indexOf(members, 7, -2);
  const seventh = seventhAt < 0 ? null : SEVENTHS[-members[seventhAt]!.alteration]!;
  if (seventhAt >= 0) use(seventhAt);

  let triad: Triad;
  if (majorThird >= 0 || minorThird >= 0) {
    use(minorThird >= 0 ? minorThird : majorThird);
    const sole =
      fifths === 0
        ? undefined
        : indexOf(members, 5, 0) >= 0
          ? 0
          : fifths > 1
            ? null
            : flatFifth >= 0
              ? -1
              : indexOf(members, 5, 1) >= 0
                ? 1
                : null;
    triad = triadOf(minorThird >= 0, sole, seventh);
  } else {
    const second = indexOf(members, 2, 0);
    const fourth = indexOf(members, 4, 0);
    if (second >= 0) use(second);
    if (fourth >= 0) use(fourth);
    triad = suspendedTriad(second >= 0, fourth >= 0);
    if (triad === 'no-third' && seventh === null && indexOf(members, 5, 0) >= 0 && count(members, 3) === 0)
      triad = 'power';
    else if (triad === 'no-third') omitted.push(3);
  }
  const plainFifth = indexOf(
    members,
    5,
    triad === 'diminished' || triad === 'flat-five' ? -1 : triad === 'augmented' ? 1 : 0,
  );
  if (plainFifth >= 0) use(plainFifth);
  else if (fifths === 0) omitted.push(5);
  else takeAltered(5);

  const sixth = seventh === null && triad !== 'diminished' ? indexOf(members, 6, 0) : -1;
  if (sixth >= 0) use(sixth);

  const top = seventh === null ? 0 : highestNatural(members);
  if (top !== 0) {
    for (let degree = 9; degree <= 13; degree += 2) {
      const natural = indexOf(members, degree, 0);
      if (natural >= 0 && degree <= top) use(natural);
      else takeAltered(degree);
      if (degree < top && count(members, degree) === 0) omitted.push(degree);
    }
  }
  const added: Member[] = [];
  for (let i = 0; i < members.length; i++) if ((used & (1 << i)) === 0) added.push(members[i]!);
  return { triad, seventh, sixth: sixth >= 0, top, altered, added, omitted };
}

function triadOf(
  minorThird: boolean,
  fifth: number | null | undefined,
  seventh: Description['seventh'],
): Triad {
  if (fifth === undefined)
    return minorThird && seventh === 'diminished' ? 'diminished' : minorThird ? 'minor' : 'major';
  if (minorThird) return fifth === -1 ? 'diminished' : 'minor';
  if (fifth === -1) return 'flat-five';
  return fifth === 1 ? 'augmented' : 'major';
}

function suspendedTriad(second: boolean, fourth: boolean): Triad {
  if (fourth) return second ? 'sus24' : 'sus4';
  return second ? 'sus2' : 'no-third';
}

/** 13, 11 or 9 when that extension is there unaltered; else 7. */
function highestNatural(members: readonly Member[]): 7 | 9 | 11 | 13 {
  if (indexOf(members, 13, 0) >= 0) return 13;
  if (indexOf(members, 11, 0) >= 0) return 11;
  return indexOf(members, 9, 0) >= 0 ? 9 : 7;
}

const SEVENTH_NAMES: Record<string, string> = {
  'major minor': 'dominant', 'major major': 'major', 'minor minor': 'minor', 'minor major': 'minor-major',
  'diminished diminished': 'diminished', 'diminished minor': 'half-diminished', 'diminished major': 'diminished-major',
  'augmented minor': 'augmented', 'augmented major': 'augmented-major', 'flat-five minor': 'dominant',
  'flat-five major': 'major', 'minor diminished': 'minor-diminished', 'major diminished': 'major-diminished',
  'no-third minor': 'dominant', 'no-third major': 'major', 'no-third diminished': 'diminished',
}; // prettier-ignore
const TOPS: Record<number, string> = { 7: 'seventh', 9: 'ninth', 11: '11th', 13: '13th' };
const TRIAD_NAMES: Record<Triad, string> = {
  major: 'major', minor: 'minor', diminished: 'diminished', augmented: 'augmented', 'flat-five': 'major-flat-five',
  sus2: 'suspended-second', sus4: 'suspended-fourth', sus24: 'suspended-second-fourth', power: 'power',
  'no-third': 'major',
}; // prettier-ignore

/**
 * The quality as one hyphenated name: `major`, `dominant-seventh`,
 * `half-diminished-seventh`, `minor-11th`, `suspended-fourth`, `major-sixth` …
 * (the names of MusicXML 4.0's `kind` where it has one).
 */
export function qualityName(description: Description): string {
  const { triad, seventh, sixth, top } = description;
  if (isAugmentedSixth(description)) return augmentedSixthName(description);
  if (seventh === null) {
    if (sixth && (triad === 'major' || triad === 'minor')) return `${triad}-sixth`;
    return TRIAD_NAMES[triad];
  }
  if (triad.startsWith('sus')) return `${TRIAD_NAMES[triad]}-${TOPS[top]}`;
  const family = SEVENTH_NAMES[`${triad} ${seventh}`] ?? `${triad}-${seventh}`;
  return `${family}-${TOPS[top]}${triad === 'flat-five' ? '-flat-five' : ''}`;
}

/** Whether the stack holds an augmented sixth over a major third: It+6, Fr+6, Ger+6. */
export function isAugmentedSixth(description: Description): boolean {
  return description.seventh === null && description.added.some((m) => m.degree === 6 && m.alteration === 1);
}

function augmentedSixthName({ added, omitted }: Description): string {
  if (added.some((m) => m.degree === 4 && m.alteration === 1)) return 'french-sixth';
  const doubly = added.some((m) => m.degree === 4 && m.alteration === 2);
  return omitted.includes(5) && !doubly ? 'italian-sixth' : 'german-sixth';
}

/** How much a label says: everything; what readers expect; or nothing of what is missing. */
export type Detail = 'exact' | 'short' | 'bare';

/**
 * The description as labels say it in short. Omissions go unsaid (`short`
 * keeps a missing third). A natural eleventh over an altered ninth goes without
 * saying, unless the fifth is not perfect: there it is written, lest a lowered
 * fifth be read as a raised eleventh.
 */
export function shorten(description: Description, detail: Detail): Description {
  if (detail === 'exact') return description;
  const omitted = detail === 'short' ? description.omitted.filter((degree) => degree === 3) : [];
  if (description.top !== 11 || !description.altered.some((m) => m.degree === 9))
    return { ...description, omitted };
  const perfect = description.triad === 'minor' || description.triad === 'major';
  const unsaid: Member[] = perfect ? [] : [{ degree: 11, alteration: 0 }];
  const altered = [...description.altered, ...unsaid].sort((a, b) => a.degree - b.degree);
  return { ...description, omitted, top: 7, altered };
}
