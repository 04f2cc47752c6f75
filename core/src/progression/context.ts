import { dropDoublings, identify } from '../chord/identify';
import { describe } from '../chord/describe';
import { inversionOf, notesFromBass, type Chord } from '../chord/chord';
import { attempt, TheoryError } from '../errors';
import { keyFromSignature, MODES, signatureFifths, type Key } from '../key/key';
import {
  augmentedSixth,
  numeralsForChord,
  type NumeralReading,
  type NumeralReason,
} from '../label/numeralsFor';
import { rootOf, type Numeral } from '../label/numeral';
import { perObject } from '../memo';
import { lineOfFifths, sameName, type NoteName } from '../pitch';
import { COSTS, stepCost } from './contextCosts';

/**
 * One chord as it comes: its notes, lowest first, the chord that a symbol names, or a chord with its numeral.
 */
export type ChordIn =
  | { readonly notes: readonly NoteName[] }
  | { readonly chord: Chord }
  /** A chord whose numeral and key are settled: typed as a numeral, or ruled. */
  | { readonly chord: Chord; readonly numeral: Numeral; readonly key: Key };

export interface ContextOptions {
  /** Sharps (positive) or flats of the printed signature. */
  readonly signature?: number;
  /** Indices of the chords with which phrases end. */
  readonly phraseEnds?: readonly number[];
  /** The key of each chord, where it is given; a single key may hold for all. */
  readonly key?: Key;
  readonly keys?: readonly (Key | null)[];
}

/**
 * One reading of a chord: the key it is counted in, its numeral there, and what the best whole reading with
 * it costs more than the best of all.
 */
export interface ContextReading {
  readonly key: Key;
  readonly numeral: Numeral;
  readonly chord: Chord;
  readonly reason: NumeralReason | 'cadential-six-four' | 'given';
  readonly excess: number;
}

/** A state of the search: one numeral in one key. */
interface State {
  readonly key: Key;
  readonly keyAt: number;
  readonly fifths: number;
  readonly numeral: Numeral;
  readonly chord: Chord;
  readonly reason: NumeralReason | 'given';
  readonly cost: number;
  /** Degree counted in, for steps: of an applied chord none. */
  readonly degree: number;
  /** Degree of the target of an applied chord, 0 for none; and its root as a place on the line of fifths. */
  readonly target: number;
  readonly targetRoot: number;
  readonly root: number;
  readonly inversion: number;
  readonly minor: boolean;
}

/** Readings of one chord that cost so much more than its best are not followed up, nor more than so many. */
const FAR_FETCHED = 4;
const MOST_STATES = 14;
/** Keys so many fifths from the signature are sought. */
const KEY_REACH = 3;
const READINGS_PER_KEY = 3;
/** Readings so much dearer than the best are not worth showing. */
const SHOWN_EXCESS = 6;
const MOST_SHOWN = 8;

/**
 * Reads a progression as a whole: the key of every chord and its numeral
 * there, by dynamic programming over keys and numerals. Evidence is how well
 * chords fit a key, where applied chords go, usual steps, and above all the
 * cadences at phrase ends (house theory, sections 7 and 10; costs in
 * contextCosts). Returns for every chord its readings, the best first. Costs
 * chords × (keys × 3)²; a line of 200 chords takes a few milliseconds. Throws
 * TheoryError for a chord that cannot be named.
 */
export function readInContext(chords: readonly ChordIn[], options: ContextOptions = {}): ContextReading[][] {
  if (chords.length === 0) return [];
  const columns = statesOf(chords, options);
  const ends = new Set(options.phraseEnds ?? []);
  const steps = columns.map((states, at) => (at === 0 ? [] : stepsInto(columns[at - 1]!, states, at, ends)));
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
): Float64Array[] {
  const [afterPhrase, isEnd] = [ends.has(at - 1), ends.has(at)];
  const rows: Float64Array[] = [];
  for (let i = 0; i < before.length; i++) {
    const row = new Float64Array(states.length);
    const from = before[i]!;
    for (let j = 0; j < row.length; j++) row[j] = between(from, states[j]!, afterPhrase, isEnd);
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
function between(from: State, to: State, afterPhrase: boolean, isEnd: boolean): number {
  let cost = 0;
  if (from.keyAt !== to.keyAt) {
    cost +=
      (afterPhrase ? COSTS.changeAfterPhrase : COSTS.change) +
      COSTS.changeFifth * Math.abs(from.fifths - to.fifths);
    if (from.target > 0) cost += to.root === from.targetRoot ? COSTS.resolves : COSTS.astray;
  } else if (from.target > 0) {
    cost +=
      to.root === from.targetRoot
        ? COSTS.resolves
        : to.target === from.target
          ? COSTS.sameTarget
          : COSTS.astray;
  } else if (to.degree > 0 && !afterPhrase) {
    cost += stepCost(from.degree, to.degree);
    if (from.degree === 1 && from.inversion === 2)
      cost +=
        to.degree === 5 && to.inversion === 0 ? COSTS.cadentialSixFour - stepCost(1, 5) : COSTS.looseSixFour;
  }
  if (isEnd) cost += cadence(from, to);
  return cost;
}

/** What a phrase ends with: the pair of its last chords. */
function cadence(from: State | null, to: State): number {
  const same = from !== null && from.keyAt === to.keyAt;
  if (to.degree === 1 && to.inversion === 0) {
    if (same && from.degree === 5) return from.inversion === 0 ? COSTS.authentic : COSTS.authenticImperfect;
    if (same && from.degree === 7) return COSTS.authenticImperfect;
    if (same && (from.degree === 4 || from.degree === 2)) return COSTS.plagal;
    return COSTS.tonicAlone;
  }
  if (to.degree === 5 && to.inversion === 0 && !to.minor) {
    if (same && from.degree === 4 && from.inversion === 1 && to.key.mode === 'minor') return COSTS.phrygian;
    return same && from.target === 5 ? COSTS.halfApplied : COSTS.half;
  }
  if (to.degree === 6 && same && from.degree === 5) return COSTS.deceptive;
  return COSTS.phraseElse;
}

function opening(state: State): number {
  if (state.degree === 1) return COSTS.openingTonic;
  return state.degree === 5 ? COSTS.openingDominant : 0;
}

function closing(state: State): number {
  if (state.degree === 1) return COSTS.closingTonic;
  return state.degree === 5 ? COSTS.closingDominant : COSTS.closingElse;
}

/** For every chord its numerals in every key that is sought. */
function statesOf(chords: readonly ChordIn[], options: ContextOptions): State[][] {
  const sought = options.key ? [options.key] : keysSought(options.signature ?? guessSignature(chords));
  const home = options.signature ?? (options.key ? signatureFifths(options.key) : guessSignature(chords));
  return chords.map((chord, index) => {
    if ('numeral' in chord) return [stateOf(chord.numeral, chord.chord, chord.key, 'given', 0)];
    const given = options.keys?.[index] ?? null;
    const keys = given ? [given] : sought;
    const states = builtOnce(chord, keys, home, given ?? options.key ?? null);
    if (index > 0) return states;
    // The first chord belongs to one of the signature's own keys, if it can.
    return states.map((state) => ({
      ...state,
      cost: state.cost + COSTS.openingFifth * Math.abs(signatureFifths(state.key) - home),
    }));
  });
}

/**
 * As build, remembered: a line keeps most of its chords from one edit to the next. Sought keys follow from
 * the signature.
 */
function builtOnce(chord: ChordIn, keys: readonly Key[], home: number, given: Key | null): State[] {
  const id = `${home} ${given ? `${given.tonic.step}${given.tonic.alteration}${given.mode}` : keys.length} ${idOf(chord)}`;
  let states = BUILT.get(id);
  if (!states) {
    if (BUILT.size > MOST_PLACES) BUILT.clear();
    BUILT.set(id, (states = build(chord, keys, home)));
  }
  return states;
}

const BUILT = new Map<string, State[]>();

function idOf(chord: ChordIn): string {
  // Members tell apart chords of the same notes, such as a sixth and a thirteenth.
  const notes = 'notes' in chord ? chord.notes : [chord.chord.root, ...notesFromBass(chord.chord)];
  return `${'notes' in chord ? 'n' : membersId(chord.chord.members)} ${notes.map(({ step, alteration }) => `${step}.${alteration}`).join(' ')}`;
}

/** Major and minor keys round the signature. */
function keysSought(signature: number): Key[] {
  const keys: Key[] = [];
  for (let fifths = signature - KEY_REACH; fifths <= signature + KEY_REACH; fifths++) {
    for (const mode of ['major', 'minor'] as const) {
      const key = attempt(() => keyFromSignature(fifths, mode));
      if (key.ok && Math.abs(fifths) <= 10) keys.push(key.value);
    }
  }
  return keys;
}

/** Without a signature: the one that leaves the fewest notes outside. */
function guessSignature(chords: readonly ChordIn[]): number {
  const places = chords.flatMap((chord) =>
    ('notes' in chord ? chord.notes : notesFromBass(chord.chord)).map(lineOfFifths),
  );
  let best = 0;
  let least = Infinity;
  for (let fifths = -7; fifths <= 7; fifths++) {
    const outside =
      places.filter((place) => place < fifths - 1 || place > fifths + 5).length + Math.abs(fifths) / 100;
    if (outside < least) [best, least] = [fifths, outside];
  }
  return best;
}

function stateOf(numeral: Numeral, chord: Chord, key: Key, reason: State['reason'], cost: number): State {
  const { target } = numeral;
  return {
    key,
    keyAt: (signatureFifths(key) * 7 + MODES.indexOf(key.mode)) | 0,
    fifths: signatureFifths(key),
    numeral,
    chord,
    reason,
    cost,
    degree: target
      ? 0
      : numeral.special === 'N'
        ? 2
        : numeral.special === 'CT' || numeral.special === 'Cad'
          ? 1
          : numeral.degree,
    target: target ? target.degree : 0,
    targetRoot: target ? lineOfFifths(rootOf(target, key)) : NaN,
    root: lineOfFifths(chord.root),
    inversion: inversionOf(chord) ?? 0,
    minor: isMinorThird(chord),
  };
}

function build(chord: ChordIn, keys: readonly Key[], home: number): State[] {
  const candidates = candidatesOf(chord);
  const states: State[] = [];
  for (const key of keys) {
    const own: State[] = [];
    const add = (numeral: Numeral, one: Chord, reason: NumeralReason, cost: number) =>
      own.push(
        stateOf(
          numeral,
          one,
          key,
          reason,
          cost * COSTS.numeral +
            weakness(numeral, key, reason) +
            COSTS.farFromSignature * Math.abs(signatureFifths(key) - home),
        ),
      );
    if ('notes' in chord) {
      const sixth = augmentedSixth(chord.notes, key);
      if (sixth) add(sixth.numeral, sixth.chord, sixth.reason, sixth.cost);
    }
    for (const { chord: one, cost } of candidates) {
      for (const reading of numeralsIn(one, key))
        add(reading.numeral, one, reading.reason, reading.cost + cost);
    }
    own.sort((a, b) => a.cost - b.cost);
    states.push(...own.slice(0, READINGS_PER_KEY));
  }
  if (states.length === 0)
    throw new TheoryError(
      'numeral',
      idOf(chord),
      'this chord lies too far from every key round the signature.',
      'Respell the chord, or give its key.',
    );
  states.sort((a, b) => a.cost - b.cost);
  const limit = states[0]!.cost + FAR_FETCHED;
  return states.filter(({ cost }, index) => index < MOST_STATES && cost <= limit);
}

/**
 * The numerals of a chord in a key. They depend only on the chord's place in
 * it, so that they are found once for all keys of a mode.
 */
function numeralsIn(chord: Chord, key: Key): readonly NumeralReading[] {
  const bass = lineOfFifths(chord.bass) - lineOfFifths(chord.root);
  const place = lineOfFifths(chord.root) - lineOfFifths(key.tonic);
  // Far from the middle of the line some targets cannot be spelled: there every key is asked by itself.
  if (Math.abs(lineOfFifths(key.tonic)) > 8 || Math.abs(place) > 10) return numeralsForChord(chord, key);
  const id = `${key.mode} ${place} ${bass} ${membersId(chord.members)}`;
  let known = PLACES.get(id);
  if (!known) {
    if (PLACES.size > MOST_PLACES) PLACES.clear();
    PLACES.set(id, (known = numeralsForChord(chord, key).slice(0, READINGS_PER_KEY)));
  }
  return known;
}

const PLACES = new Map<string, readonly NumeralReading[]>();
const MOST_PLACES = 20_000;
const membersId = perObject((members: Chord['members']) =>
  members.map(({ degree, alteration }) => `${degree}.${alteration}`).join(),
);

/**
 * What speaks against a minor key though the chord is in it: the chords that belong to the relative major
 * first.
 */
function weakness(numeral: Numeral, key: Key, reason: NumeralReason): number {
  if (key.mode !== 'minor' || reason !== 'diatonic' || numeral.target) return 0;
  return (COSTS.naturalMinor as Record<number, number>)[numeral.degree] ?? 0;
}

function isMinorThird({ members }: Chord): boolean {
  const { triad } = describe(members);
  return triad === 'minor' || triad === 'diminished';
}

/** As chordsOf, remembered: the same chords come with every edit of a line. */
function candidatesOf(chord: ChordIn): ReturnType<typeof chordsOf> {
  const id = idOf(chord);
  let known = CANDIDATES.get(id);
  if (!known) {
    if (CANDIDATES.size > MOST_PLACES) CANDIDATES.clear();
    CANDIDATES.set(id, (known = chordsOf(chord)));
  }
  return known;
}

const CANDIDATES = new Map<string, ReturnType<typeof chordsOf>>();

/** The chords that the notes may be, with what each costs beside the best. */
function chordsOf(chord: ChordIn): { readonly chord: Chord; readonly cost: number }[] {
  const notes = 'notes' in chord ? chord.notes : notesFromBass(chord.chord);
  const own = 'notes' in chord ? [] : [{ chord: chord.chord, cost: 0 }];
  const sixth = 'chord' in chord && describe(chord.chord.members).sixth;
  if (own.length > 0 && !sixth) return own;
  if (dropDoublings(notes).length < 2) return lone(notes[0]!);
  const readings = identify(notes);
  const least = readings[0]!.cost;
  return readings.slice(0, 3).map(({ chord: one, cost, description }) => {
    // An inversion says nothing against a whole chord: its figures name it.
    const inverted = sameName(one.root, one.bass) || description.omitted.length > 0 ? 0 : 1;
    return {
      chord: one,
      cost: Math.max(0, cost - inverted - least) + (description.sixth ? COSTS.addedSixth : 0),
    };
  });
}

/** One note alone stands for the triad on it. */
function lone(note: NoteName): { readonly chord: Chord; readonly cost: number }[] {
  return [{ chord: { root: note, members: [{ degree: 1, alteration: 0 }], bass: note }, cost: 0 }];
}
