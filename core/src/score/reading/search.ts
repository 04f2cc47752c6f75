import { opening } from '../../context/steps';
import { TheoryError } from '../../errors';
import { printKey, type Key } from '../../key/key';
import { chordStatesFor, type ChordStates } from './chordStates';
import { Agreement, type Crossing } from './crossing';
import { exact } from './exact';
import { Frontier, NO_ARRIVALS, type Arrivals } from './frontier';
import { unchangedIn, type Unchanged } from './searchChange';
import type { SearchIn } from './searchIn';
import type { Alternative, ScoreSegment } from './segment';
import { SPAN_STATES, SpanStates } from './spanStates';
import { MOST_SLICES, Spans } from './spans';
import { StepsBack } from './stepsBack';
import { StepsOnward } from './stepsOnward';
import { SpanTransitions } from './spanTransitions';

export interface SearchResult {
  readonly segments: readonly ScoreSegment[];
  /** By the slice where they begin. */
  readonly alternatives: readonly (readonly Alternative[])[];
  /** The longest span in slices that was tried. */
  readonly longest: number;
}

/** Readings so much dearer than the best are not shown. */
const SHOWN = 3.8;
const MOST_WAYS = MOST_SLICES * SPAN_STATES;

/**
 * Finds chords, their limits, keys and numerals together: a semi-Markov dynamic programme over the boundaries
 * between slices, whose states are numerals in keys. Costs slices × the longest span × the states of a span,
 * and for each boundary its states squared by key. The last search is remembered: of a score that was changed
 * somewhere only the slices round the change are searched again, and those after it until both agree.
 */
export class ChordSearch {
  private last: { readonly input: SearchIn; readonly chords: ChordStates } | null = null;
  private crossings: Crossing[] = [];
  private longest = MOST_SLICES;

  /** Throws TheoryError `key` where no key holds all of it. */
  run(input: SearchIn): SearchResult {
    const chords = chordStatesFor(input);
    const old = this.last?.chords === chords ? this.last.input : null;
    if (!old) this.forget();
    const unchanged = old ? unchangedIn(old, input) : { head: 0, tail: 0 };
    const slices = input.sounds.length;
    if (!old || unchanged.head < slices || old.sounds.length !== slices) this.again(input, chords, unchanged);
    this.last = { input, chords };
    const alternatives = this.crossings.map((one) => one.alternatives);
    return { segments: this.best(chords), alternatives, longest: this.longest };
  }

  private forget(): void {
    this.last = null;
    this.crossings = [];
    this.longest = MOST_SLICES;
  }

  private again(input: SearchIn, chords: ChordStates, { head, tail }: Unchanged): void {
    const slices = input.sounds.length;
    const old = this.crossings;
    let first = head;
    while (first > 0 && reachOf(input, first - 1) >= head) first--;
    const onward = new Onward(input, chords);
    const crossings = old.slice(0, first);
    // Where an error ends the search, the last one stays as it was.
    for (let from = Math.max(0, first - this.longest); from < first; from++)
      onward.offerAgain(from, crossings[from]!.ways, first);
    const shift = slices - (old.length - 1);
    const agreement = new Agreement();
    let met = slices;
    for (let from = first; from < slices; from++) {
      const arrivals = from === first && old[from] ? old[from]!.arrivals : onward.arriveAt(from);
      const known = from > first && from >= slices - tail ? old[from - shift] : undefined;
      if (known && sameStates(known.arrivals, arrivals)) {
        const { costs } = known.arrivals;
        if (agreement.holds(costs, arrivals.costs, input.walls.has(from), this.longest)) {
          met = from;
          crossings.push({ ...known, arrivals });
          break;
        }
      } else agreement.broken();
      const ways = onward.leave(from, arrivals);
      for (let n = 0; n < ways.count; n++) this.longest = Math.max(this.longest, ways.length(n));
      crossings.push({ arrivals, ways, rest: NOTHING, alternatives: [] });
    }
    if (met < slices) {
      crossings[met]!.ways.dearer(agreement.by);
      for (const crossing of old.slice(met - shift + 1)) {
        add(crossing.arrivals.costs, agreement.by);
        crossing.ways.dearer(agreement.by);
        crossings.push(crossing);
      }
    } else {
      const arrivals = onward.arriveAt(slices);
      if (arrivals.states.length === 0) throw noKeyHolds(input.keys);
      crossings.push({ arrivals, ways: NO_WAYS, rest: NOTHING, alternatives: [] });
    }
    this.crossings = crossings;
    this.goBack(input, chords, first, met);
  }

  /** From the last new boundary to the first, and on as long as what remains to be paid is other than before. */
  private goBack({ walls, weights }: SearchIn, chords: ChordStates, first: number, met: number): void {
    const { crossings } = this;
    const slices = crossings.length - 1;
    const least = crossings[slices]!.arrivals.costs[0]!;
    const back = new StepsBack(weights, chords);
    const agreement = new Agreement();
    for (let from = met - 1; from >= 0; from--) {
      const crossing = crossings[from]!;
      const { ways, arrivals } = crossing;
      back.begin(walls.has(from));
      const found: Alternative[] = [];
      for (let n = ways.count - 1; n >= 0; n--) {
        const length = ways.length(n);
        const state = ways.state(n);
        const to = from + length;
        const rest = to === slices ? 0 : restAt(crossings[to]!, state);
        if (rest === Infinity) continue;
        back.add(state, ways.own(n) + rest, walls.has(to), to === slices);
        const excess = ways.forward(n) + rest - least;
        if (excess <= SHOWN) found.push({ length, state: chords.states[state]!, excess });
      }
      crossing.alternatives = found;
      const rest = from > 0 ? back.costs(arrivals) : NOTHING;
      const agrees = from < first && agreement.holds(crossing.rest, rest, walls.has(from), this.longest);
      crossing.rest = rest;
      if (!agrees) continue;
      for (let before = 0; before < from; before++) add(crossings[before]!.rest, agreement.by);
      return;
    }
  }

  /** The cheapest way, from the beginning. */
  private best(chords: ChordStates): ScoreSegment[] {
    const segments: ScoreSegment[] = [];
    let place = 0;
    for (let to = this.crossings.length - 1; to > 0;) {
      const { states, lengths, before } = this.crossings[to]!.arrivals;
      const from = to - lengths[place]!;
      segments.push({ from, to, state: chords.states[states[place]!]! });
      place = before[place]!;
      to = from;
    }
    return segments.reverse();
  }
}

const NOTHING = new Float64Array(0);
const NO_WAYS = new SpanTransitions(0);

function add(costs: Float64Array, by: number): void {
  if (by !== 0) for (let n = 0; n < costs.length; n++) costs[n]! += by;
}

function restAt({ arrivals, rest }: Crossing, state: number): number {
  const place = arrivals.states.indexOf(state);
  return place < 0 ? Infinity : rest[place]!;
}

function sameStates({ states: a }: Arrivals, { states: b }: Arrivals): boolean {
  return a.length === b.length && a.every((state, at) => state === b[at]);
}

/** The last boundary that matters to the spans from a slice on, whatever phrases end before it. */
function reachOf({ rulings }: SearchIn, from: number): number {
  let to = from;
  for (let counted = 0; counted < MOST_SLICES; to++) if (!rulings.joins.has(to + 1)) counted++;
  return to;
}

/** The spans from one boundary after the other, with the best way to each. */
class Onward {
  private readonly frontier: Frontier;
  private readonly spans: Spans;
  private readonly steps: StepsOnward;
  private readonly states: SpanStates;
  private readonly scratch = new SpanTransitions(MOST_WAYS);

  constructor(
    private readonly input: SearchIn,
    private readonly chords: ChordStates,
  ) {
    this.frontier = new Frontier(chords);
    this.spans = new Spans(input.sounds, input.roots, input.weights);
    this.steps = new StepsOnward(input.weights, chords);
    this.states = new SpanStates(input, chords, this.spans);
  }

  arriveAt(boundary: number): Arrivals {
    return boundary === 0 ? NO_ARRIVALS : this.frontier.close(boundary);
  }

  /** Of the spans from a boundary on that were found before those that end after another. */
  offerAgain(from: number, ways: SpanTransitions, after: number): void {
    for (let n = 0; n < ways.count; n++) {
      const length = ways.length(n);
      if (from + length > after)
        this.frontier.offer(from + length, ways.state(n), ways.forward(n), length, ways.before(n));
    }
  }

  leave(from: number, arrivals: Arrivals): SpanTransitions {
    if (from > 0 && arrivals.states.length === 0) return NO_WAYS;
    const { input, chords, spans, scratch } = this;
    const { rulings, walls, sounds } = input;
    scratch.count = 0;
    if (from > 0) this.steps.begin(arrivals, walls.has(from));
    const only = rulings.keyAt(from);
    spans.begin(from, (template, root, lowest) => chords.canBe(template, root, lowest, only));
    const settled = rulings.numerals.get(from);
    const reach = Math.min(sounds.length, reachOf(input, from));
    for (let to = from + 1; to <= reach; to++) {
      const fits = spans.extend(to);
      const isJoined = rulings.joins.has(to);
      // A hopeless span is the beginning of none, but where its slices are joined.
      if (!fits && to > from + 1 && !isJoined && !rulings.joins.has(to - 1)) break;
      if (!isJoined && (!settled || settled.to === to)) this.tryStates(from, to);
      if (rulings.cuts.has(to) || walls.has(to)) break;
    }
    return scratch.kept();
  }

  private tryStates(from: number, to: number): void {
    const { input, chords, states, steps, scratch } = this;
    const isLast = to === input.sounds.length;
    const isEnd = input.walls.has(to);
    const count = states.fill(from, isLast);
    for (let n = 0; n < count; n++) {
      const [state, own] = [states.states[n]!, states.costs[n]!];
      let forward = own;
      let before = -1;
      if (from > 0) {
        forward += steps.into(state, isEnd, isLast);
        before = steps.before;
      } else forward += exact(opening(chords.states[state]!));
      this.frontier.offer(to, state, forward, to - from, before);
      scratch.add(to - from, state, before, own, forward);
    }
  }
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
