import { makeChord, memberNote, type Chord } from '../chord/chord';
import { TheoryError } from '../errors';
import { chordOfNumeral, localKey, type Numeral } from '../label/numeral';
import type { Key } from '../key/key';
import { sameName, sameNote, type Note, type NoteName } from '../pitch';
import { fourPartSettings, type FourNotes } from './fourPart';
import { reduceTo } from './omissions';
import { placed, senseOf, visitChord, visitStep, type ChordSense, type Placed, type Rule } from './rules';

/** What a fault against each rule costs; Infinity forbids it, 0 switches the rule off. */
export type RuleWeights = Readonly<Partial<Record<Rule, number>>>;

/** A note that is fixed: with its octave, or only its name. */
export type Lock = Note | NoteName | null;

/** A progression to be set for four voices. */
export interface SettingProblem {
  readonly key: Key;
  readonly numerals: readonly Numeral[];
  /** The key that each numeral is counted in, where it is another. */
  readonly keys?: readonly Key[];
  /** For each chord the four voices that are fixed, from the soprano; null leaves a voice free. */
  readonly locks?: readonly (readonly [Lock, Lock, Lock, Lock])[];
  /** Every rule forbids unless it is given a weight here. */
  readonly weights?: RuleWeights;
}

export interface SettingFound {
  readonly voices: readonly FourNotes[];
  readonly cost: number;
}

/** Where no legal setting goes on, and the rule that blocks it: one that, lifted there, would let it. */
export interface Blocked {
  readonly at: number;
  readonly rule: Rule | 'not-in-chord' | 'several-rules';
}

/**
 * What moving costs, by voice and half step; leaps beyond a fourth cost more, and so do voices that all go
 * the same way.
 */
const MOTION = { perHalfStep: [0.12, 0.1, 0.1, 0.05], leap: 0.25, leapFrom: 5, allSameWay: 0.6 };

interface Candidate extends Placed {
  readonly cost: number;
}

interface Column {
  readonly sense: ChordSense;
  readonly candidates: readonly Candidate[];
}

/** Forward costs by column and candidate. */
interface Table {
  readonly columns: readonly Column[];
  readonly forward: readonly Float64Array[];
  readonly weights: RuleWeights;
}

/**
 * The legal settings of a progression in order of cost, best first: every
 * setting of every chord is weighed by dynamic programming, exactly. Cost is
 * the sum of doubling and layout (fourPart) and of motion between chords.
 * Costs chords × candidates² at worst, but bounds cut nearly all pairs. Throws
 * TheoryError where there is none, `blockedBy` says where and why.
 */
export function* settingsInOrder(problem: SettingProblem): Generator<SettingFound> {
  const table = search(problem);
  if (!table) throw blockedError(blockedBy(problem)!);
  yield* backwards(table);
}

/** The best setting, or where it is blocked. */
export function bestSetting(problem: SettingProblem): SettingFound | Blocked {
  if (problem.numerals.length === 0) return { voices: [], cost: 0 };
  const table = search(problem);
  if (!table) return blockedBy(problem)!;
  const first = backwards(table).next();
  return first.value as SettingFound;
}

function blockedError({ at, rule }: Blocked): TheoryError {
  return new TheoryError(
    'chord',
    `chord ${at + 1}`,
    `no legal setting goes on here: ${rule} stands in the way.`,
    'Free a locked note, or lift that rule.',
  );
}

function weightOf(weights: RuleWeights, rule: Rule): number {
  return weights[rule] ?? Infinity;
}

function keyAt({ key, keys }: SettingProblem, at: number): Key {
  return keys?.[at] ?? key;
}

function chordAt(problem: SettingProblem, at: number): Chord {
  return chordOfNumeral(problem.numerals[at]!, keyAt(problem, at));
}

/** Settings of one chord that its locks and the rules within a chord allow. */
function columnOf(problem: SettingProblem, at: number, weights: RuleWeights): Column {
  const numeral = problem.numerals[at]!;
  const chord = fourNoteChord(chordAt(problem, at));
  const sense = senseOf(chord, keyAt(problem, at), localKey(numeral, keyAt(problem, at)));
  const locks = problem.locks?.[at];
  const candidates: Candidate[] = [];
  for (const { notes, cost } of fourPartSettings(chord)) {
    if (locks && !locks.every((lock, voice) => lock === null || isLocked(notes[voice]!, lock))) continue;
    const setting = placed(notes);
    let own = cost;
    visitChord(setting, sense, (rule) => (own += weightOf(weights, rule)));
    if (own < Infinity) candidates.push({ ...setting, cost: own });
  }
  candidates.sort((a, b) => a.cost - b.cost);
  return { sense, candidates };
}

/** Four voices cannot hold more than four notes: the chord without what may be left out. */
function fourNoteChord(chord: Chord): Chord {
  if (chord.members.length <= 4) return chord;
  return makeChord(chord.root, reduceTo(chord, 4).kept, chord.bass);
}

function isLocked(note: Note, lock: Note | NoteName): boolean {
  return 'octave' in lock ? sameNote(note, lock) : sameName(note, lock);
}

function search(problem: SettingProblem): Table | null {
  const weights = problem.weights ?? {};
  const columns = problem.numerals.map((_, at) => columnOf(problem, at, weights));
  const forward: Float64Array[] = [];
  for (let at = 0; at < columns.length; at++) {
    const costs =
      at === 0
        ? Float64Array.from(columns[0]!.candidates, ({ cost }) => cost)
        : advance(columns[at - 1]!, columns[at]!, forward[at - 1]!, weights);
    if (!costs.some((cost) => cost < Infinity)) return null;
    forward.push(costs);
  }
  return { columns, forward, weights };
}

/**
 * Best cost of reaching every candidate of a column. Predecessors come cheapest first, and are left as soon
 * as they can no longer win.
 */
function advance(before: Column, column: Column, known: Float64Array, weights: RuleWeights): Float64Array {
  const order = [...known.keys()].filter((j) => known[j]! < Infinity).sort((a, b) => known[a]! - known[b]!);
  return Float64Array.from(column.candidates, (candidate) => {
    let least = Infinity;
    for (const j of order) {
      if (known[j]! >= least) break;
      const cost =
        known[j]! +
        stepCost(before.candidates[j]!, candidate, before.sense, column.sense, weights, least - known[j]!);
      if (cost < least) least = cost;
    }
    return least + candidate.cost;
  });
}

/**
 * What going from one setting to the next costs: motion, and the rules it offends. Infinity once it reaches
 * `limit`.
 */
function stepCost(
  from: Placed,
  to: Placed,
  before: ChordSense,
  after: ChordSense,
  weights: RuleWeights,
  limit = Infinity,
): number {
  let cost = motionCost(from.midi, to.midi);
  if (cost >= limit) return Infinity;
  visitStep(from, to, before, after, (rule) => (cost += weightOf(weights, rule)));
  return cost;
}

function motionCost(from: readonly number[], to: readonly number[]): number {
  let cost = 0;
  let ups = 0;
  let downs = 0;
  for (let voice = 0; voice < 4; voice++) {
    const move = to[voice]! - from[voice]!;
    const size = Math.abs(move);
    cost += MOTION.perHalfStep[voice]! * size;
    if (voice < 3 && size > MOTION.leapFrom) cost += MOTION.leap * (size - MOTION.leapFrom);
    if (move > 0) ups++;
    else if (move < 0) downs++;
  }
  return cost + (ups === 4 || downs === 4 ? MOTION.allSameWay : 0);
}

interface Tail {
  readonly at: number;
  readonly index: number;
  /** Cost of everything after this chord. */
  readonly after: number;
  readonly total: number;
  readonly rest: Tail | null;
}

/**
 * Whole settings in order of cost, found from the last chord back; the forward costs say exactly what is
 * still to come.
 */
function* backwards({ columns, forward, weights }: Table): Generator<SettingFound> {
  const last = columns.length - 1;
  const heap = new Heap();
  forward[last]!.forEach(
    (total, index) => total < Infinity && heap.push({ at: last, index, after: 0, total, rest: null }),
  );
  for (let one = heap.pop(); one; one = heap.pop()) {
    if (one.at === 0) {
      yield { voices: pathOf(one, columns), cost: one.total };
      continue;
    }
    const [before, column] = [columns[one.at - 1]!, columns[one.at]!];
    const own = column.candidates[one.index]!;
    for (let j = 0; j < before.candidates.length; j++) {
      const known = forward[one.at - 1]![j]!;
      if (known === Infinity) continue;
      const after =
        one.after + own.cost + stepCost(before.candidates[j]!, own, before.sense, column.sense, weights);
      if (after < Infinity) heap.push({ at: one.at - 1, index: j, after, total: known + after, rest: one });
    }
  }
}

function pathOf(start: Tail, columns: readonly Column[]): FourNotes[] {
  const voices: FourNotes[] = [];
  for (let one: Tail | null = start; one; one = one.rest)
    voices.push(columns[one.at]!.candidates[one.index]!.notes);
  return voices;
}

/**
 * A binary heap, the cheapest first; of equal ones the one that is nearest the beginning, so that a best
 * setting is soon whole.
 */
class Heap {
  private readonly items: Tail[] = [];

  push(item: Tail): void {
    const { items } = this;
    let at = items.push(item) - 1;
    while (at > 0) {
      const parent = (at - 1) >> 1;
      if (!before(item, items[parent]!)) break;
      items[at] = items[parent]!;
      at = parent;
    }
    items[at] = item;
  }

  pop(): Tail | undefined {
    const { items } = this;
    const top = items[0];
    const item = items.pop();
    if (items.length === 0 || !item) return top;
    let at = 0;
    for (;;) {
      let child = 2 * at + 1;
      if (child >= items.length) break;
      if (child + 1 < items.length && before(items[child + 1]!, items[child]!)) child++;
      if (!before(items[child]!, item)) break;
      items[at] = items[child]!;
      at = child;
    }
    items[at] = item;
    return top;
  }
}

/** Sums of the same costs in another order differ in the last bits. */
const EQUAL = 1e-9;

function before(a: Tail, b: Tail): boolean {
  return Math.abs(a.total - b.total) > EQUAL ? a.total < b.total : a.at < b.at;
}

/** Where the search stops, and which rule alone would have to be lifted there; null where it goes through. */
export function blockedBy(problem: SettingProblem): Blocked | null {
  const at = firstBlocked(problem, problem.weights ?? {});
  if (at === null) return null;
  if (notInChord(problem, at)) return { at, rule: 'not-in-chord' };
  for (const rule of BLOCKING) {
    const lifted = firstBlocked(problem, { ...problem.weights, [rule]: 0 });
    if (lifted === null || lifted > at) return { at, rule };
  }
  if (columnOf(problem, at, problem.weights ?? {}).candidates.length === 0)
    return { at, rule: within(problem, at) };
  return { at, rule: 'several-rules' };
}

const BLOCKING: readonly Rule[] = [
  'parallel-fifths', 'parallel-octaves', 'direct-fifths', 'direct-octaves', 'leading-note', 'seventh', 'augmented-second', 'overlap', 'doubled-leading-note',
]; // prettier-ignore

/** The first chord that cannot be reached, or null. */
function firstBlocked(problem: SettingProblem, weights: RuleWeights): number | null {
  let before: Column | null = null;
  let known: Float64Array | null = null;
  for (let at = 0; at < problem.numerals.length; at++) {
    const column = columnOf(problem, at, weights);
    known =
      before && known
        ? advance(before, column, known, weights)
        : Float64Array.from(column.candidates, ({ cost }) => cost);
    if (!known.some((cost) => cost < Infinity)) return at;
    before = column;
  }
  return null;
}

function notInChord(problem: SettingProblem, at: number): boolean {
  const locks = problem.locks?.[at];
  const chord = chordAt(problem, at);
  const names = chord.members.map((m) => memberNote(chord.root, m));
  const wrongBass = locks?.[3] && !sameName(locks[3], chord.bass);
  return (
    Boolean(wrongBass) ||
    Boolean(
      locks?.some((lock) => lock !== null && ![...names, chord.bass].some((name) => sameName(name, lock))),
    )
  );
}

/**
 * What within the chord leaves no setting: a locked note outside its voice's range, or voices that cannot
 * come near enough.
 */
function within(problem: SettingProblem, at: number): Rule {
  const locks = problem.locks?.[at];
  const chord = fourNoteChord(chordAt(problem, at));
  const settings = fourPartSettings(chord);
  const alone = (voice: number) =>
    settings.some(({ notes }) => !locks?.[voice] || isLocked(notes[voice]!, locks[voice]));
  return [0, 1, 2, 3].every(alone) ? 'spacing' : 'range';
}
