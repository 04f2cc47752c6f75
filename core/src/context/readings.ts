import { type ChordIn, type ContextOptions, type ContextReading } from './chordIn';
import { type State, statesOf } from './states';
import { between, cadence, closing, opening } from './steps';

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
  const cadential = next?.some((after) => isCadential({ key, degree, inversion }, after)) === true;
  return {
    key,
    numeral,
    chord,
    reason: cadential ? 'cadential-six-four' : reason,
    excess: Math.max(0, excess),
  };
}

/** Whether a chord is the six-four over the dominant that follows it. */
export function isCadential(
  { key, degree, inversion }: Pick<State, 'key' | 'degree' | 'inversion'>,
  after: Pick<State, 'key' | 'degree' | 'inversion'>,
): boolean {
  return degree === 1 && inversion === 2 && after.key === key && after.degree === 5 && after.inversion === 0;
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
