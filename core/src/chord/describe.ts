import { perObject } from '../memo';
import type { Member } from './chord';

export type Triad =
  | 'major' | 'minor' | 'diminished' | 'augmented' | 'flat-five'
  | 'sus2' | 'sus4' | 'sus24' | 'power' | 'no-third'; // prettier-ignore

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

function describeAnew(members: readonly Member[]): Description {
  const find = (degree: number) => members.filter((m) => m.degree === degree);
  const thirds = find(3);
  const fifths = find(5);
  const sevenths = find(7);
  const third = thirds.find((m) => m.alteration === -1) ?? thirds[0];
  const minorThird = third?.alteration === -1;
  const majorThird = thirds.some((m) => m.alteration === 0);
  // A diminished seventh makes a seventh chord only over a diminished (or unstated) fifth.
  const canBeDiminished = minorThird && !majorThird && fifths.every((m) => m.alteration === -1);
  const seventhMember =
    sevenths.find((m) => m.alteration === -1) ??
    sevenths.find((m) => m.alteration === 0) ??
    (canBeDiminished ? sevenths.find((m) => m.alteration === -2) : undefined);
  const seventh = seventhMember ? (['major', 'minor', 'diminished'] as const)[-seventhMember.alteration]! : null;
  const used = new Set<Member>();
  const omitted: number[] = [];
  const altered: Member[] = [];
  if (seventhMember) used.add(seventhMember);
  const root = members.find((m) => m.degree === 1 && m.alteration === 0);
  if (root) used.add(root);
  else omitted.push(1);

  let triad: Triad;
  const soleFifth = fifths.length === 1 ? fifths[0]!.alteration : fifths.some((m) => m.alteration === 0) ? 0 : null;
  if (majorThird || minorThird) {
    used.add(majorThird && !minorThird ? thirds.find((m) => m.alteration === 0)! : third!);
    triad = triadOf(minorThird, fifths.length === 0 ? undefined : soleFifth, seventh);
  } else {
    triad = suspendedTriad(find, seventh !== null, used, omitted);
  }
  const wantedFifth = triad === 'diminished' || triad === 'flat-five' ? -1 : triad === 'augmented' ? 1 : 0;
  const plainFifth = fifths.find((m) => m.alteration === wantedFifth);
  if (plainFifth) used.add(plainFifth);
  else if (fifths.length === 0) omitted.push(5);
  else for (const fifth of fifths) takeAltered(fifth, altered, used);

  const sixthMember = seventh === null && triad !== 'diminished' ? members.find((m) => m.degree === 6 && m.alteration === 0) : undefined;
  if (sixthMember) used.add(sixthMember);

  const top = seventh === null ? 0 : highestNatural(members);
  if (top) {
    for (const degree of [9, 11, 13]) {
      const here = find(degree);
      const natural = here.find((m) => m.alteration === 0);
      if (natural && degree <= top) used.add(natural);
      else for (const member of here) takeAltered(member, altered, used);
      if (here.length === 0 && degree < top) omitted.push(degree);
    }
  }
  const added = members.filter((m) => !used.has(m));
  return { triad, seventh, sixth: sixthMember !== undefined, top, altered, added, omitted };
}

function takeAltered(member: Member, altered: Member[], used: Set<Member>): void {
  altered.push(member);
  used.add(member);
}

function triadOf(minorThird: boolean, fifth: number | null | undefined, seventh: Description['seventh']): Triad {
  if (fifth === undefined) return minorThird && seventh === 'diminished' ? 'diminished' : minorThird ? 'minor' : 'major';
  if (minorThird) return fifth === -1 ? 'diminished' : 'minor';
  if (fifth === -1) return 'flat-five';
  return fifth === 1 ? 'augmented' : 'major';
}

/** Suspensions: 2 and 4 always, 11 and 9 as stand-ins only when spelled as 4 and 2. */
function suspendedTriad(find: (degree: number) => Member[], hasSeventh: boolean, used: Set<Member>, omitted: number[]): Triad {
  const second = find(2).find((m) => m.alteration === 0);
  const fourth = find(4).find((m) => m.alteration === 0);
  if (fourth) used.add(fourth);
  if (second) used.add(second);
  if (fourth && second) return 'sus24';
  if (fourth) return 'sus4';
  if (second) return 'sus2';
  if (!hasSeventh && find(5).some((m) => m.alteration === 0) && find(3).length === 0) return 'power';
  omitted.push(3);
  return 'no-third';
}

/** 13, 11 or 9 when that extension is there unaltered; else 7. */
function highestNatural(members: readonly Member[]): 7 | 9 | 11 | 13 {
  for (const degree of [13, 11, 9] as const) {
    if (members.some((m) => m.degree === degree && m.alteration === 0)) return degree;
  }
  return 7;
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
  sus2: 'suspended-second', sus4: 'suspended-fourth', sus24: 'suspended-second-fourth', power: 'power', 'no-third': 'major',
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
  return omitted.includes(5) ? 'italian-sixth' : 'german-sixth';
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
  if (description.top !== 11 || !description.altered.some((m) => m.degree === 9)) return { ...description, omitted };
  const perfect = description.triad === 'minor' || description.triad === 'major';
  const unsaid: Member[] = perfect ? [] : [{ degree: 11, alteration: 0 }];
  const altered = [...description.altered, ...unsaid].sort((a, b) => a.degree - b.degree);
  return { ...description, omitted, top: 7, altered };
}
