import { closing, opening } from '../context/steps';
import { COSTS } from '../context/costs';
import { TheoryError } from '../errors';
import { printKey, sameKey, type Key } from '../key/key';
import { chordStatesFor, type ChordStates } from './chordStates';
import { Edges } from './edges';
import { Frontier } from './frontier';
import { StepsBack } from './stepsBack';
import { MOST_SLICES, type Spans } from './spans';
import { StepsOnward } from './stepsOnward';
import type { Alternative, Segment } from './segment';
import type { SearchRulings } from './rulings';
import type { ReadingWeights } from './weights';

export interface SearchResult {
  readonly segments: readonly Segment[];
  readonly alternatives: readonly Alternative[];
}

export interface SearchIn {
  readonly spans: Spans;
  readonly slices: number;
  /** Slices before which a phrase begins, sorted; the last is the number of slices. */
  readonly walls: readonly number[];
  readonly keys: readonly Key[];
  readonly home: number;
  readonly weights: ReadingWeights;
  readonly rulings: SearchRulings;
}

/** States of one span that are followed up. */
const SPAN_STATES = 14;
const SPAN_FAR = 4;
/** Readings so much dearer than the best are not shown. */
const SHOWN = 3.8;

/**
 * Finds chords, their limits, keys and numerals together: a semi-Markov dynamic programme over the boundaries
 * between slices, whose states are numerals in keys. Costs slices × the longest span × the states of a span,
 * and for each boundary its states squared by key. Throws TheoryError `key` where no key holds all of it.
 */
export function searchScore(input: SearchIn): SearchResult {
  const { slices, spans } = input;
  const chords = chordStatesFor(input);
  const { rulings } = input;
  const longest = MOST_SLICES + rulings.joins.size;
  const frontier = new Frontier(chords, longest);
  const steps = new StepsOnward(input.weights, chords);
  const span = new SpanStates(input, chords);
  const edges = new Edges();
  let wall = 0;
  const tryStates = (from: number, to: number, end: number) => {
    const isLast = to === slices;
    const count = span.fill(from, isLast);
    for (let n = 0; n < count; n++) {
      const [state, own] = [span.states[n]!, span.costs[n]!];
      let forward = own;
      let before = -1;
      if (from > 0) {
        forward += steps.into(state, to === end, isLast);
        before = steps.before;
      } else forward += opening(chords.states[state]!);
      frontier.offer(to, state, forward, from, before);
      edges.add(from, to, state, own, forward);
    }
  };
  for (let from = 0; from < slices; from++) {
    if (from > 0 && frontier.close(from) === 0) continue;
    while (input.walls[wall]! <= from) wall++;
    const end = input.walls[wall]!;
    if (from > 0) steps.begin(frontier.at(from), input.walls[wall - 1] === from);
    const only = rulings.keyAt(from);
    spans.begin(from, (template, root, lowest) => chords.canBe(template, root, lowest, only));
    const settled = rulings.numerals.get(from);
    const reach = Math.min(end, from + longest);
    for (let to = from + 1; to <= reach; to++) {
      const fits = spans.extend(to);
      const isJoined = rulings.joins.has(to);
      // A hopeless span is the beginning of none, but where its slices are joined.
      if (!fits && to > from + 1 && !isJoined && !rulings.joins.has(to - 1)) break;
      if (!isJoined && (!settled || settled.to === to)) tryStates(from, to, end);
      if (rulings.cuts.has(to)) break;
    }
  }
  if (frontier.close(slices) === 0) throw noKeyHolds(input.keys);
  const segments = frontier.best(slices);
  return { segments, alternatives: alternativesOf(input, chords, frontier, edges) };
}

function noKeyHolds(keys: readonly Key[]): TheoryError {
  const [read, keysSought] =
    keys.length === 1
      ? [printKey(keys[0]!), 'this key']
      : [`${printKey(keys[0]!)} to ${printKey(keys[keys.length - 1]!)}`, 'the keys round the signature'];
  return new TheoryError(
    'key',
    read,
    `some chords of the score cannot be written in ${keysSought}.`,
    'Give a key nearer to the notes, or respell them.',
  );
}

/** Every span that lies on a way not much dearer than the best, with what the best way through it costs more. */
function alternativesOf(
  { slices, walls, weights }: SearchIn,
  chords: ChordStates,
  frontier: Frontier,
  edges: Edges,
): Alternative[] {
  const found: Alternative[] = [];
  const onward: (Float64Array | undefined)[] = [];
  const isWall = new Set(walls);
  const back = new StepsBack(weights, chords);
  const least = frontier.at(slices).costs[0]!;
  let edge = edges.count - 1;
  for (let from = slices - 1; from >= 0; from--) {
    back.begin(isWall.has(from) && from > 0);
    for (; edge >= 0 && edges.from[edge] === from; edge--) {
      const [to, state] = [edges.to[edge]!, edges.state[edge]!];
      const place = to === slices ? 0 : frontier.at(to).states.indexOf(state);
      const rest = to === slices ? 0 : place < 0 ? Infinity : onward[to]![place]!;
      if (rest === Infinity) continue;
      back.add(state, edges.own[edge]! + rest, isWall.has(to), to === slices);
      const excess = edges.forward[edge]! + rest - least;
      if (excess <= SHOWN)
        found.push({ from, to, state: chords.states[state]!, excess: Math.max(0, excess) });
    }
    if (from > 0) onward[from] = back.costs(frontier.at(from));
  }
  return found;
}

/** The likeliest states of a span with what they cost by themselves, in arrays that are used again. */
class SpanStates {
  readonly states = new Int32Array(4096);
  readonly costs = new Float64Array(4096);

  constructor(
    private readonly input: SearchIn,
    private readonly chords: ChordStates,
  ) {}

  fill(from: number, isLast: boolean): number {
    const { spans, home, weights, rulings } = this.input;
    const settled = rulings.numerals.get(from);
    if (settled) {
      this.states[0] = this.chords.settled(settled.numeral, settled.chord, settled.key);
      this.costs[0] = 0;
      return 1;
    }
    const only = rulings.keyAt(from);
    let count = 0;
    let least = Infinity;
    const plain = from > 0 && !isLast;
    for (let c = 0; c < spans.found; c++) {
      const list = this.chords.of(spans.template(c), spans.root(c), spans.lowest(c));
      const chordCost = spans.cost(c);
      for (let n = 0; n < list.length; n++) {
        const state = list[n]!;
        if (only !== null && !sameKey(this.chords.states[state]!.key, only)) continue;
        let cost = chordCost + this.chords.costs[state]!;
        if (!plain) {
          const one = this.chords.states[state]!;
          if (from === 0) cost += weights.context * COSTS.openingFifth * Math.abs(one.fifths - home);
          if (isLast) cost += weights.context * closing(one);
        }
        if (cost > least + SPAN_FAR) {
          if (plain) break;
          continue;
        }
        if (cost < least) least = cost;
        this.insert(count++, state, cost);
      }
    }
    while (count > 0 && (count > SPAN_STATES || this.costs[count - 1]! > least + SPAN_FAR)) count--;
    return count;
  }

  /** Keeps the arrays sorted by cost. */
  private insert(count: number, state: number, cost: number): void {
    let at = Math.min(count, SPAN_STATES);
    while (at > 0 && this.costs[at - 1]! > cost) {
      this.costs[at] = this.costs[at - 1]!;
      this.states[at] = this.states[at - 1]!;
      at--;
    }
    this.costs[at] = cost;
    this.states[at] = state;
  }
}
