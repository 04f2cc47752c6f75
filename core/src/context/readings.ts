import { type ChordIn, type ContextOptions, type ContextReading } from './chordIn';
import { type State, statesOf } from './states';
import { sameKey } from '../key/key';
import { candidatesOf } from './candidates';
import { leadsToTonic } from './leading';
import { isLoop, isRound, loopKey } from './loops';
import { wholeOf } from './whole';
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
  const isFree = !options.key && !options.keys?.some((key) => key !== null);
  const isOneLoop = options.signature === undefined ? isLoop : isRound;
  if (isFree && !hasPhrases(chords, options) && isOneLoop(chords)) {
    // A loop says its key better than the signature that it was typed under.
    const own: ContextOptions = { phraseEnds: options.phraseEnds ?? [] };
    return readLoop(statesOf(chords, own, wholeOf(chords, own)), chords, own);
  }
  const whole = wholeOf(chords, options);
  const all = statesOf(chords, options, whole);
  const gears = isFree ? whole.gears : NO_GEARS;
  const first = readColumns(all, options, gears);
  return isFree && !hasPhrases(chords, options)
    ? (withoutLoneAreas(all, first, options, gears) ?? first)
    : first;
}

/** A passage at the end that has so few chords needs a cadence to be a key of its own. */
const SHORT_TAIL = 2;

/**
 * The readings without keys of a single chord, and without a last one of one or two chords that close nothing; null
 * where there are none. Such a chord is read in the key before it or after it.
 */
function withoutLoneAreas(
  all: readonly (readonly State[])[],
  readings: readonly (readonly ContextReading[])[],
  options: ContextOptions,
  gears: ReadonlyMap<number, number>,
): ContextReading[][] | null {
  const best = readings.map(([one]) => one!);
  const begins = best.flatMap(({ key }, at) => (at === 0 || !sameKey(key, best[at - 1]!.key) ? [at] : []));
  const columns = [...all];
  let changed = false;
  for (const [place, from] of begins.entries()) {
    const to = (begins[place + 1] ?? best.length) - 1;
    const isTail = to === best.length - 1;
    const isLone = from === to || (isTail && to - from < SHORT_TAIL && !closes(best[to - 1]!, best[to]!));
    if (place === 0 || !isLone || gears.has(from)) continue;
    const near = [best[from - 1]!.key, ...(isTail ? [] : [best[to + 1]!.key])];
    for (let at = from; at <= to; at++) {
      const own = all[at]!.filter(({ key }) => near.some((one) => sameKey(one, key)));
      if (own.length === 0) continue;
      columns[at] = own;
      changed = true;
    }
  }
  return changed ? readColumns(columns, options, gears) : null;
}

/** Whether two chords are a dominant that leads and its tonic. */
const closes = (from: ContextReading, to: ContextReading): boolean =>
  sameKey(from.key, to.key) &&
  to.numeral.degree === 1 &&
  to.numeral.target === null &&
  from.numeral.target === null &&
  (from.numeral.degree === 5 || from.numeral.degree === 7) &&
  leadsToTonic(from.chord, from.numeral, from.key);

/** Whether phrases end before the end. */
const hasPhrases = (chords: readonly ChordIn[], { phraseEnds = [] }: ContextOptions) =>
  phraseEnds.some((at) => at < chords.length - 1);

/** A loop is read in one key, and what its chords are in others stands beside it. */
function readLoop(
  all: readonly (readonly State[])[],
  chords: readonly ChordIn[],
  options: ContextOptions,
): ContextReading[][] {
  const free = readColumns(all, options, NO_GEARS);
  const inKey = (keyAt: number) => all.map((states) => states.filter((state) => state.keyAt === keyAt));
  const keys = [...new Set(all.flat().map(({ keyAt }) => keyAt))].map(inKey);
  const whole = keys
    .filter((columns) => columns.every((states) => states.length > 0))
    .map((columns) => ({ columns, cost: leastCost(columns, options) }))
    .sort((a, b) => a.cost - b.cost);
  const found = whole[0]?.columns[0]![0]!.key;
  if (!found) return free;
  const key = loopKey(
    found,
    chords.map((chord) => candidatesOf(chord)[0]!.chord),
  );
  const columns = sameKey(key, found) ? whole[0]!.columns : statesOf(chords, { ...options, key });
  return readColumns(columns, options, NO_GEARS).map((readings, at) => [
    ...readings,
    ...free[at]!.filter((one) => !sameKey(one.key, key)).slice(0, MOST_SHOWN - readings.length),
  ]);
}

function leastCost(columns: readonly (readonly State[])[], options: ContextOptions): number {
  const ends = new Set(options.phraseEnds ?? []);
  const forward = sweep(columns, allSteps(columns, ends, NO_GEARS), ends);
  return Math.min(...forward[forward.length - 1]!);
}

const NO_GEARS: ReadonlyMap<number, number> = new Map();

const allSteps = (
  columns: readonly (readonly State[])[],
  ends: ReadonlySet<number>,
  gears: ReadonlyMap<number, number>,
) =>
  columns.map((states, at) =>
    at === 0
      ? []
      : stepsInto(columns[at - 1]!, states, at, ends, at === columns.length - 1, gears.get(at) ?? null),
  );

function readColumns(
  columns: readonly (readonly State[])[],
  options: ContextOptions,
  gears: ReadonlyMap<number, number>,
): ContextReading[][] {
  const ends = new Set(options.phraseEnds ?? []);
  const steps = allSteps(columns, ends, gears);
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
  gear: number | null,
): Float64Array[] {
  const [afterPhrase, isEnd] = [ends.has(at - 1), ends.has(at)];
  // States are kept from line to line (statesOf), and so are the steps between them.
  const known = isLast || gear !== null ? null : stepsKnown(before);
  const flags = (afterPhrase ? 1 : 0) + (isEnd ? 2 : 0);
  const found = known?.get(states)?.[flags];
  if (found) return found;
  const rows: Float64Array[] = [];
  for (let i = 0; i < before.length; i++) {
    const row = new Float64Array(states.length);
    const from = before[i]!;
    for (let j = 0; j < row.length; j++) row[j] = between(from, states[j]!, afterPhrase, isEnd, isLast, gear);
    rows.push(row);
  }
  if (known) {
    const all = known.get(states) ?? [];
    all[flags] = rows;
    known.set(states, all);
    stepsCount++;
  }
  return rows;
}

type States = readonly State[];

/** Steps from states to states, by whether a phrase ends before them or with them. */
let knownSteps = new WeakMap<States, WeakMap<States, Float64Array[][]>>();
let stepsCount = 0;
const MOST_STEPS = 4000;

function stepsKnown(before: States): WeakMap<States, Float64Array[][]> {
  if (stepsCount > MOST_STEPS) [knownSteps, stepsCount] = [new WeakMap(), 0];
  let known = knownSteps.get(before);
  if (!known) knownSteps.set(before, (known = new WeakMap()));
  return known;
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
