import { membersId, MOST_PLACES } from './chordIn';
import { describe } from '../chord/describe';
import { inversionOf, notesFromBass, type Chord } from '../chord/chord';
import { attempt, TheoryError } from '../errors';
import { keyFromSignature, MODES, signatureFifths, type Key } from '../key/key';
import { augmentedSixth } from '../label/augmentedSixth';
import { numeralsForChord } from '../label/numeralsFor';
import { type NumeralReading, type NumeralReason } from '../label/numeralReading';
import { rootOf, type Numeral } from '../label/numeral';
import { lineOfFifths } from '../pitch/note';
import { COSTS } from './costs';
import { candidatesOf } from './candidates';
import { type ChordIn, type ContextOptions, idOf } from './chordIn';

/** A state of the search: one numeral in one key. */
export interface State {
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

/** For every chord its numerals in every key that is sought. */
export function statesOf(chords: readonly ChordIn[], options: ContextOptions): State[][] {
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
