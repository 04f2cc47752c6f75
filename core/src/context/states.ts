import { describe } from '../chord/describe';
import { inversionOf, notesFromBass, type Chord } from '../chord/chord';
import { TheoryError } from '../errors';
import { MODES, signatureFifths, type Key } from '../key/key';
import { augmentedSixth } from '../label/augmentedSixth';
import { numeralsForChord } from '../label/numeralsFor';
import { type NumeralReading, type NumeralReason } from '../label/numeralReading';
import { respelledReadings } from '../label/respelledReadings';
import { understoodIn } from '../label/understood';
import { rootOf, type Numeral } from '../label/numeral';
import { perObject } from '../memo';
import { lineOfFifths } from '../pitch/note';
import { COSTS } from './costs';
import { leadsToTonic } from './leading';
import { isDominantSeventh, isMinorThird, wholeOf, type Whole } from './whole';
import { candidatesOf } from './candidates';
import { membersId, MOST_PLACES, type ChordIn, type ContextOptions, idOf } from './chordIn';

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
  /** Whether the target has a minor third. */
  readonly targetMinor: boolean;
  /** Whether it is the ii of its target, which wants the dominant of the same one. */
  readonly second: boolean;
  readonly root: number;
  readonly inversion: number;
  readonly minor: boolean;
  /** Whether it has a seventh, or more, without being a dominant seventh. */
  readonly softSeventh: boolean;
  /** Whether it leads to the tonic of the key. */
  readonly leading: boolean;
}

/** Readings of one chord that cost so much more than its best are not followed up, nor more than so many. */
const FAR_FETCHED = 4;

const MOST_STATES = 14;

const READINGS_PER_KEY = 3;
/** A diminished seventh may go to many places. */
const DIMINISHED_PER_KEY = 6;

const ANCHORED_PER_KEY = 2;

/** For every chord its numerals in every key that is sought. */
export function statesOf(
  chords: readonly ChordIn[],
  options: ContextOptions,
  whole: Whole = wholeOf(chords, options),
): State[][] {
  const { home, weight, framing, tonics } = whole;
  const last = chords.length - 1;
  return chords.map((chord, index) => {
    if ('numeral' in chord) return [settledState(chord.numeral, chord.chord, chord.key)];
    const states = builtOnce(chord, options.keys?.[index] ?? options.key ?? null, whole);
    // The first chord belongs to one of the printed signature's own keys, if it can.
    const opening = weight < 1 ? COSTS.openingGuessed : COSTS.openingFifth;
    if (index === 0)
      return states.map((state) => dearer(state, opening * Math.abs(signatureFifths(state.key) - home)));
    if (index < last || !framing) return states;
    const frames = ({ degree, root, key }: State) =>
      degree === 1 && root === framing.root && (key.mode === 'minor') === framing.minor;
    const comes = (key: Key) => tonics.has(lineOfFifths(key.tonic));
    return states.map((state) =>
      !comes(state.key)
        ? dearer(state, COSTS.framedWithoutTonic)
        : frames(state)
          ? dearer(state, framing.rests ? COSTS.framedAtRest : COSTS.framed)
          : state,
    );
  });
}

function dearer(state: State, cost: number): State {
  return { ...state, cost: state.cost + cost };
}

/**
 * As build, remembered: a line keeps most of its chords from one edit to the next.
 */
function builtOnce(chord: ChordIn, given: Key | null, whole: Whole): State[] {
  const { keys, home, blues, weight, anchors } = whole;
  const among = given ? `${given.tonic.step}${given.tonic.alteration}${given.mode}` : keysId(keys);
  const id = `${blues ? 'b' : ''}${weight} ${anchors.join('+')} ${home} ${among} ${idOf(chord)}`;
  let states = BUILT.get(id);
  if (!states) {
    if (BUILT.size > MOST_PLACES) BUILT.clear();
    BUILT.set(id, (states = build(chord, given ? [given] : keys, whole)));
  }
  return states;
}

const BUILT = new Map<string, State[]>();

const keysId = perObject((keys: readonly Key[]) =>
  keys.map(({ tonic, mode }) => `${tonic.step}${tonic.alteration}${mode[1]}`).join(),
);

/** A dominant seventh on the first or fourth degree of a major key. */
function isBluesSeventh({ numeral, chord }: NumeralReading, key: Key): boolean {
  return (
    key.mode === 'major' &&
    numeral.target === null &&
    numeral.special === null &&
    numeral.alteration === 0 &&
    (numeral.degree === 1 || numeral.degree === 4) &&
    isDominantSeventh(chord)
  );
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
    targetMinor: target !== null && describe(target.members).triad === 'minor',
    second: target !== null && numeral.degree === 2 && numeral.special === null,
    root: lineOfFifths(chord.root),
    // Without a third it is no six-four.
    inversion: chord.members.some(({ degree }) => degree === 3) ? (inversionOf(chord) ?? 0) : 0,
    minor: isMinorThird(chord),
    softSeventh: chord.members.length > 3 && !isDominantSeventh(chord),
    leading: leadsToTonic(chord, numeral, key),
  };
}

function build(chord: ChordIn, keys: readonly Key[], { home, blues, weight, anchors }: Whole): State[] {
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
            weight * COSTS.farFromSignature * Math.abs(signatureFifths(key) - home),
        ),
      );
    if ('notes' in chord) {
      const sixth = augmentedSixth(chord.notes, key);
      if (sixth) add(sixth.numeral, sixth.chord, sixth.reason, sixth.cost);
    }
    for (const { chord: one, cost } of candidates) {
      for (const reading of numeralsIn('notes' in chord ? understoodIn(one, key) : one, key))
        if (blues && isBluesSeventh(reading, key)) add(reading.numeral, one, 'blues', COSTS.blues + cost);
        else add(reading.numeral, one, reading.reason, reading.cost + cost);
      if ('chord' in chord)
        for (const reading of respelledReadings(one, key))
          add(reading.numeral, one, reading.reason, reading.cost + cost);
    }
    own.sort((a, b) => a.cost - b.cost);
    const isDiminished = own.some(({ chord: one }) => describe(one.members).seventh === 'diminished');
    states.push(...own.slice(0, isDiminished ? DIMINISHED_PER_KEY : READINGS_PER_KEY));
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
  // The likeliest in a key on the root of the first or the last chord are followed up, however many are likelier
  // elsewhere.
  const anchored = ({ key, keyAt }: State, index: number) =>
    anchors.includes(lineOfFifths(key.tonic)) &&
    states.slice(0, index).filter((one) => one.keyAt === keyAt).length < ANCHORED_PER_KEY;
  return states.filter(
    (state, index) => state.cost <= limit && (index < MOST_STATES || anchored(state, index)),
  );
}

/** The state of a chord whose numeral and key are settled. */
export function settledState(numeral: Numeral, chord: Chord, key: Key): State {
  return stateOf(numeral, chord, key, 'given', 0);
}

/** The likeliest numerals of a chord in a key, as states; what its signature weighs is not counted. */
export function statesInKey(chord: Chord, key: Key): State[] {
  const sixth = augmentedSixth(notesFromBass(chord), key);
  const readings = sixth ? [sixth] : numeralsIn(chord, key);
  return readings
    .map(({ numeral, reason, cost }) =>
      stateOf(numeral, chord, key, reason, cost * COSTS.numeral + weakness(numeral, key, reason)),
    )
    .sort((a, b) => a.cost - b.cost)
    .slice(0, READINGS_PER_KEY);
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
    PLACES.set(id, (known = numeralsForChord(chord, key).slice(0, 2 * READINGS_PER_KEY)));
  }
  return known;
}

const PLACES = new Map<string, readonly NumeralReading[]>();

/**
 * What speaks against a minor key though the chord is in it: the chords that belong to the relative major
 * first.
 */
function weakness(numeral: Numeral, key: Key, reason: NumeralReason): number {
  if (key.mode !== 'minor' || numeral.target) return 0;
  // The ii of the melodic form is that of the parallel major.
  if (reason === 'melodic' && numeral.degree === 2) return COSTS.melodicSecond;
  if (reason === 'mixture' && numeral.degree === 1 && numeral.members.length > 3) return COSTS.tonicSeventh;
  if (reason !== 'diatonic') return 0;
  return (COSTS.naturalMinor as Record<number, number>)[numeral.degree] ?? 0;
}
