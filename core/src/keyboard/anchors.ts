import { midiNumber, sameNote, type Note } from '../pitch/note';
import { chordFingering } from './chordFingering';

/**
 * Fingers of the right hand from the lowest note up, and which of them stay where they were in the chord
 * before.
 */
export interface HeldFingers {
  readonly fingers: readonly number[];
  readonly held: readonly boolean[];
}

/** Half steps that two fingers reach in a resting hand (common practice; hands differ). */
const REACH: Record<string, number> = {
  '12': 8,
  '13': 10,
  '14': 11,
  '15': 12,
  '23': 4,
  '24': 6,
  '25': 9,
  '34': 3,
  '35': 6,
  '45': 4,
};

/**
 * A finger that stays is worth more than one that leaves the usual fingering; the middle finger is given up
 * last.
 */
const COST = { unusual: 0.6, withoutMiddle: 0.15, stays: -1, changes: 0.3 };
const MIDDLE_FINGER = 3;

interface Fingered {
  readonly fingers: readonly number[];
  readonly cost: number;
  readonly before: Fingered | null;
}

/**
 * Fingering of a row of right-hand chords in which common notes keep their
 * finger where the hand allows it (common practice): the usual fingering of
 * each shape, given up only for an anchor. Exact, by dynamic programming over
 * the fingerings of each chord. Null for a chord with more notes than fingers
 * or none.
 */
export function anchoredFingering(chords: readonly (readonly Note[])[]): (HeldFingers | null)[] {
  const answers: (HeldFingers | null)[] = [];
  let start = 0;
  while (start < chords.length) {
    let end = start;
    const ways: Fingered[][] = [];
    while (end < chords.length && fingeringsOf(chords[end]!).length > 0) {
      ways.push(waysTo(chords, end, ways[ways.length - 1] ?? null));
      end++;
    }
    let way: Fingered | null = ways.length === 0 ? null : cheapest(ways[ways.length - 1]!);
    const run: HeldFingers[] = [];
    for (let at = end - 1; way; at--, way = way.before) {
      run.unshift({ fingers: way.fingers, held: heldIn(chords, at, way) });
    }
    answers.push(...run);
    if (end < chords.length) answers.push(null);
    start = end + 1;
  }
  return answers;
}

function waysTo(
  chords: readonly (readonly Note[])[],
  at: number,
  before: readonly Fingered[] | null,
): Fingered[] {
  return fingeringsOf(chords[at]!).map(({ fingers, cost }) => {
    if (!before) return { fingers, cost, before: null };
    const ways = before.map((way) => ({
      fingers,
      cost: way.cost + cost + between(chords[at - 1]!, way.fingers, chords[at]!, fingers),
      before: way,
    }));
    return cheapest(ways);
  });
}

function cheapest(ways: readonly Fingered[]): Fingered {
  return ways.reduce((best, way) => (way.cost < best.cost ? way : best));
}

function between(
  from: readonly Note[],
  fromFingers: readonly number[],
  to: readonly Note[],
  toFingers: readonly number[],
): number {
  let cost = 0;
  from.forEach((note, i) => {
    const j = to.findIndex((other) => sameNote(other, note));
    if (j >= 0) cost += fromFingers[i] === toFingers[j] ? COST.stays : COST.changes;
  });
  return cost;
}

function heldIn(chords: readonly (readonly Note[])[], at: number, { fingers, before }: Fingered): boolean[] {
  return chords[at]!.map((note, i) => {
    if (!before) return false;
    const j = chords[at - 1]!.findIndex((other) => sameNote(other, note));
    return j >= 0 && before.fingers[j] === fingers[i];
  });
}

const KNOWN = new Map<string, readonly { readonly fingers: readonly number[]; readonly cost: number }[]>();

/** All fingerings that the hand reaches, the usual one for nothing. Notes from the lowest up. */
function fingeringsOf(
  notes: readonly Note[],
): readonly { readonly fingers: readonly number[]; readonly cost: number }[] {
  const heights = notes.map(midiNumber);
  const shape = heights.slice(1).map((height, i) => height - heights[i]!);
  const key = `${notes.length} ${shape.join()}`;
  const known = KNOWN.get(key);
  if (known) return known;
  const usual = notes.length === 1 ? [1] : (chordFingering(notes)?.right ?? null);
  const found = usual === null || notes.length === 0 ? [] : candidates(notes.length, shape, usual);
  KNOWN.set(key, found);
  return found;
}

function candidates(
  count: number,
  gaps: readonly number[],
  usual: readonly number[],
): { fingers: readonly number[]; cost: number }[] {
  const ways: number[][] = [];
  const choose = (fingers: number[]) => {
    if (fingers.length === count) return void ways.push(fingers);
    const last = fingers[fingers.length - 1] ?? 0;
    for (let finger = last + 1; finger <= 5; finger++) {
      if (last === 0 || gaps[fingers.length - 1]! <= REACH[`${last}${finger}`]!) choose([...fingers, finger]);
    }
  };
  choose([]);
  const costOf = (fingers: readonly number[]) =>
    fingers.reduce(
      (sum, finger, i) =>
        sum +
        (finger === usual[i] ? 0 : COST.unusual + (usual[i] === MIDDLE_FINGER ? COST.withoutMiddle : 0)),
      0,
    );
  const made = ways.map((fingers) => ({ fingers: fingers as readonly number[], cost: costOf(fingers) }));
  return made.some(({ cost }) => cost === 0) ? made : [{ fingers: usual, cost: 0 }, ...made];
}
