import { COSTS, stepCost } from './costs';
import { type ChordIn, type ContextOptions, type ContextReading } from './chordIn';
import { type State, statesOf } from './states';

/** Readings so much dearer than the best are not worth showing. */
const SHOWN_EXCESS = 6;

const MOST_SHOWN = 8;

/**
 * Reads a progression as a whole: the key of every chord and its numeral
 * there, by dynamic programming over keys and numerals. Evidence is how well
 * chords fit a key, where applied chords go, usual steps, and above all the
 * cadences at phrase ends (docs/conventions.md; costs in
 * core/src/context/costs.ts). Returns for every chord its readings, the best first. Costs
 * chords × (keys × 3)²; a line of 200 chords takes a few milliseconds. Throws
 * TheoryError for a chord that cannot be named.
 */
export function readInContext(chords: readonly ChordIn[], options: ContextOptions = {}): ContextReading[][] {
  if (chords.length === 0) return [];
  const columns = statesOf(chords, options);
  const ends = new Set(options.phraseEnds ?? []);
  const steps = columns.map((states, at) =>
    at === 0 ? [] : stepsInto(columns[at - 1]!, states, at, ends, at === columns.length - 1),
  );
  const forward = sweep(columns, steps, ends);
  const backward = sweepBack(columns, steps);
  const least = Math.min(...forward[forward.length - 1]!);
  return columns.map((states, i) => {
    const readings = states.map((state, j) =>
      shown(state, columns[i + 1], forward[i]![j]! + backward[i]![j]! - least),
    );
    return readings
      .filter(({ excess }) => excess <= SHOWN_EXCESS)
      .sort((a, b) => a.excess - b.excess)
      .slice(0, MOST_SHOWN);
  });
}

function shown(
  { key, numeral, chord, reason, degree, inversion }: State,
  next: readonly State[] | undefined,
  excess: number,
): ContextReading {
  const cadential =
    degree === 1 &&
    inversion === 2 &&
    next?.some((after) => after.key === key && after.degree === 5 && after.inversion === 0);
  return {
    key,
    numeral,
    chord,
    reason: cadential ? 'cadential-six-four' : reason,
    excess: Math.max(0, excess),
  };
}

/**
 * What every step into a column costs, row by row of the column before; used by both sweeps. Plain loops:
 * this is the hot path.
 */
function stepsInto(
  before: readonly State[],
  states: readonly State[],
  at: number,
  ends: ReadonlySet<number>,
  isLast: boolean,
): Float64Array[] {
  const [afterPhrase, isEnd] = [ends.has(at - 1), ends.has(at)];
  const rows: Float64Array[] = [];
  for (let i = 0; i < before.length; i++) {
    const row = new Float64Array(states.length);
    const from = before[i]!;
    for (let j = 0; j < row.length; j++) row[j] = between(from, states[j]!, afterPhrase, isEnd, isLast);
    rows.push(row);
  }
  return rows;
}

/** Best cost of everything up to and with each state. */
function sweep(
  columns: readonly (readonly State[])[],
  steps: readonly (readonly Float64Array[])[],
  ends: ReadonlySet<number>,
): Float64Array[] {
  const forward: Float64Array[] = [];
  columns.forEach((states, at) => {
    const known = forward[at - 1];
    const costs = new Float64Array(states.length);
    for (let j = 0; j < costs.length; j++) {
      const state = states[j]!;
      let least = known ? Infinity : opening(state) + (ends.has(0) ? cadence(null, state) : 0);
      if (known)
        for (let i = 0; i < known.length; i++) least = Math.min(least, known[i]! + steps[at]![i]![j]!);
      costs[j] = least + ownCost(state, at === columns.length - 1);
    }
    forward.push(costs);
  });
  return forward;
}

/** Best cost of everything after each state. */
function sweepBack(
  columns: readonly (readonly State[])[],
  steps: readonly (readonly Float64Array[])[],
): Float64Array[] {
  const last = columns.length - 1;
  const backward: Float64Array[] = [];
  backward[last] = new Float64Array(columns[last]!.length);
  for (let at = last - 1; at >= 0; at--) {
    const [after, known] = [columns[at + 1]!, backward[at + 1]!];
    const onward = known.map((cost, j) => cost + ownCost(after[j]!, at + 1 === last));
    const costs = new Float64Array(columns[at]!.length);
    for (let i = 0; i < costs.length; i++) {
      const row = steps[at + 1]![i]!;
      let least = Infinity;
      for (let j = 0; j < row.length; j++) least = Math.min(least, onward[j]! + row[j]!);
      costs[i] = least;
    }
    backward[at] = costs;
  }
  return backward;
}

function ownCost(state: State, isLast: boolean): number {
  return state.cost + (isLast ? closing(state) : 0);
}

/** The step from one state to the next. */
function between(from: State, to: State, afterPhrase: boolean, isEnd: boolean, isLast: boolean): number {
  let cost = 0;
  if (from.keyAt !== to.keyAt) {
    const far = Math.abs(from.fifths - to.fifths);
    cost +=
      (afterPhrase ? COSTS.changeAfterPhrase : far === 0 ? COSTS.changeRelative : COSTS.change) +
      COSTS.changeFifth * far;
    if (from.target > 0) cost += to.root === from.targetRoot ? COSTS.resolves : COSTS.astray;
  } else if (from.target > 0) {
    if (from.second)
      cost += to.targetRoot === from.targetRoot && !to.second ? COSTS.secondToDominant : COSTS.secondAstray;
    else
      cost +=
        to.root === from.targetRoot
          ? COSTS.resolves
          : to.targetRoot === from.targetRoot
            ? COSTS.sameTarget
            : COSTS.astray;
  } else if (from.degree === 5 && to.target === 5 && !afterPhrase) {
    cost += COSTS.backToItsDominant;
  } else if (to.degree > 0 && !afterPhrase) {
    cost += stepCost(from.degree, to.degree);
    if (from.degree === 1 && from.inversion === 2)
      cost +=
        to.degree === 5 && to.inversion === 0 ? COSTS.cadentialSixFour - stepCost(1, 5) : COSTS.looseSixFour;
  }
  if (isEnd) cost += cadence(from, to);
  // A last chord alone is no evidence of a key of its own.
  if (isLast && from.keyAt !== to.keyAt) cost += COSTS.closingElse - closing(to);
  if (isLast && isDeceptive(from, to)) cost += COSTS.closingDeceptive;
  if ((isEnd || isLast) && isPicardy(from, to)) cost += COSTS.picardy;
  return cost;
}

/** What a phrase ends with: the pair of its last chords. */
function cadence(from: State | null, to: State): number {
  const same = from !== null && from.keyAt === to.keyAt;
  if (to.degree === 1 && to.inversion === 0) {
    if (same && (from.degree === 5 || from.degree === 7)) {
      if (!from.leading) return COSTS.modal;
      return from.degree === 5 && from.inversion === 0 ? COSTS.authentic : COSTS.authenticImperfect;
    }
    if (same && (from.degree === 4 || from.degree === 2)) return COSTS.plagal;
    return COSTS.tonicAlone;
  }
  if (to.degree === 5 && to.inversion === 0 && !to.minor) {
    if (same && from.degree === 4 && from.inversion === 1 && to.key.mode === 'minor') return COSTS.phrygian;
    return same && from.target === 5 ? COSTS.halfApplied : COSTS.half;
  }
  if (isDeceptive(from, to)) return COSTS.deceptive;
  return COSTS.phraseElse;
}

/** The dominant of a key going to its sixth degree: the natural one in major, the flat one too. */
function isDeceptive(from: State | null, to: State): boolean {
  return from !== null && from.keyAt === to.keyAt && from.degree === 5 && from.leading && to.degree === 6;
}

/** A major triad on the tonic of a minor key, after a dominant or subdominant of that key. */
function isPicardy(from: State, to: State): boolean {
  if (to.degree !== 1 || to.key.mode !== 'minor' || to.minor || to.numeral.members.length > 3) return false;
  const before = from.degree === 5 || from.degree === 7 || from.degree === 4;
  return before && from.keyAt === to.keyAt && from.numeral.special === null;
}

function opening(state: State): number {
  if (state.reason === 'mixture' || state.reason === 'chromatic') return COSTS.openingBorrowed;
  if (state.degree === 1)
    return state.key.mode === 'minor' && !state.minor ? COSTS.openingMajor : COSTS.openingTonic;
  // On its dominant a minor piece hardly ever begins with nothing before it.
  return state.degree === 5 && state.key.mode === 'major' ? COSTS.openingDominant : 0;
}

function closing(state: State): number {
  if (state.degree === 1) return COSTS.closingTonic;
  return state.degree === 5 ? COSTS.closingDominant : COSTS.closingElse;
}
