import { identify, type ChordReading } from '../chord/identify';
import { describe } from '../chord/describe';
import { bassMember, memberFrom, stackedNotes, type Chord, type Member } from '../chord/chord';
import { isMinorLike, keyOf, parallelKey, type Key } from '../key/key';
import { degreeOf, scaleOf, type ScaleForm } from '../key/scale';
import { nameAbove } from '../interval/interval';
import { sameName, type NoteName } from '../pitch/note';
import { diatonicNumeral } from './diatonic';
import { understoodIn } from './understood';
import { isSubstituteStack, SUBSTITUTE_COST } from './substitutes';
import { overBass } from './overBass';
import { targetsOf } from './targets';
import { ROOT, rootOf, type Numeral, type SpecialNumeral } from './numeral';
import { augmentedSixth } from './augmentedSixth';
import type { NumeralReason, NumeralReading } from './numeralReading';

/**
 * Numerals for a chord in a key, best first: diatonic forms, mixture, applied
 * chords, Neapolitan, substitutes and common-tone chords, and the plain
 * chromatic numeral last (docs/conventions.md).
 */
export function numeralsForChord(given: Chord, key: Key): NumeralReading[] {
  const chord = overBass(given, key);
  const lowest = lowestOf(chord);
  const readings: NumeralReading[] = [];
  const add = (numeral: Omit<Numeral, 'members' | 'lowest'>, reason: NumeralReason, cost: number) => {
    const { degree, alteration, special, target } = numeral;
    readings.push({
      numeral: { degree, alteration, members: chord.members, lowest, special, target },
      reason,
      cost,
      chord: given,
    });
  };
  direct(chord, key, add);
  applied(chord, key, add);
  chromaticSpecials(chord, key, lowest, add);
  return readings.sort((a, b) => a.cost - b.cost);
}

function lowestOf(chord: Chord): Member {
  return bassMember(chord) ?? memberFrom(chord.root, chord.bass);
}

type Add = (numeral: Omit<Numeral, 'members' | 'lowest'>, reason: NumeralReason, cost: number) => void;

const plain = (
  degree: number,
  alteration: number,
  special: SpecialNumeral | null = null,
  target: Numeral | null = null,
) => ({
  degree,
  alteration,
  special,
  target,
});

/** The chord as a numeral of the key itself, diatonic, mixed or chromatic. */
function direct(chord: Chord, key: Key, add: Add): void {
  const { degree, alteration } = degreeOf(key, chord.root);
  if (Math.abs(alteration) > 2) return;
  const place = plain(degree, alteration);
  const { triad, seventh } = describe(chord.members);
  if (degree === 5 && alteration === 0 && isAlteredDominant(chord)) return add(place, 'chromatic', 0.4);
  if (fitsScale(chord, key, 'natural')) {
    const weakDominant = key.mode === 'minor' && (degree === 5 || degree === 7);
    return add(place, 'diatonic', weakDominant ? 0.2 : 0);
  }
  if (key.mode === 'minor' && fitsScale(chord, key, 'harmonic'))
    return add(place, 'harmonic', degree === 5 || degree === 7 ? 0 : 0.6);
  if (key.mode === 'minor' && fitsScale(chord, key, 'melodic')) return add(place, 'melodic', 1);
  if (seventh === 'diminished' && degree === 7 && leadsTo(chord.root, key.tonic))
    return add(place, 'mixture', 0.5);
  const parallel = parallelKey(key);
  const mixed =
    fitsScale(chord, parallel, 'natural') ||
    (!isMinorLike(key.mode) && fitsScale(chord, parallel, 'harmonic'));
  if (mixed)
    return add(
      place,
      triad === 'major' && degree === 2 ? 'chromatic' : 'mixture',
      degree === 2 && alteration !== 0 ? 2 : 1.4,
    );
  const backdoor =
    degree === 7 && seventh === 'minor' && triad === 'major' && !leadsTo(chord.root, key.tonic);
  if (backdoor) return add(place, 'backdoor', 1.3);
  add(place, 'chromatic', 3.5 + Math.abs(alteration));
}

/**
 * A dominant seventh whose fifth or extensions are altered: it keeps its third and seventh, and with them its
 * numeral.
 */
function isAlteredDominant({ members }: Chord): boolean {
  let third = false;
  let seventh = false;
  let altered = false;
  for (const { degree, alteration } of members) {
    if (degree === 3 && alteration === 0) third = true;
    else if (degree === 7 && alteration === -1) seventh = true;
    else if (degree >= 5 && alteration !== 0) altered = true;
    else if (degree === 3) return false;
  }
  return third && seventh && altered;
}

function fitsScale(chord: Chord, key: Key, form: ScaleForm): boolean {
  const scale = scaleOf(key, form);
  for (const note of stackedNotes(chord)) {
    if (scale[(note.step - key.tonic.step + 7) % 7]!.alteration !== note.alteration) return false;
  }
  return true;
}

/** Whether `note` is the leading note a half step under `tonic`. */
function leadsTo(note: NoteName, tonic: NoteName): boolean {
  return sameName(nameAbove(note, { number: 2, deviation: -1 }), tonic);
}

/** The ii of a target, by its mode: that of a minor one is half-diminished and hardly anything else. */
const SECOND_COST = { major: 2.6, minor: 2.1 };

const TARGET_COST: Record<number, number> = { 5: 0, 2: 0.05, 4: 0.05, 6: 0.05, 3: 0.15, 7: 0.15 };

const BORROWED_COST = 0.3;

/** The dominant of a minor key is major, also as a target. */
const MINOR_DOMINANT_COST = 0.3;

/** Dominants, leading-tone chords and the ii of a target. */
function applied(chord: Chord, key: Key, add: Add): void {
  const { triad, seventh, sixth } = describe(chord.members);
  // A triad with a sixth is at rest: it leads nowhere.
  const resting = seventh === null && sixth;
  const dominant =
    (triad === 'major' && (seventh === 'minor' || seventh === null) && !resting) || isAlteredDominant(chord);
  const leading = triad === 'diminished';
  const second = (triad === 'minor' || seventh === 'minor') && !dominant;
  if (!dominant && !leading && !second && triad !== 'augmented') return;
  for (const target of targetsOf(key)) {
    const tonic = rootOf(target, key);
    const minor = describe(target.members).triad === 'minor';
    const minorDominant = key.mode === 'minor' && target.degree === 5 && minor;
    const near =
      TARGET_COST[target.degree]! +
      (target.alteration === 0 ? 0 : BORROWED_COST) +
      (minorDominant ? MINOR_DOMINANT_COST : 0);
    const { degree, alteration } = degreeOf(keyOf(tonic, minor ? 'minor' : 'major'), chord.root);
    const raised = minor ? 1 : 0;
    if (degree === 5 && alteration === 0 && (dominant || (triad === 'augmented' && seventh !== 'major'))) {
      add(plain(5, 0, null, target), 'applied', (seventh === null ? 1.6 : 1.2) + near);
    } else if (
      degree === 7 &&
      alteration === raised &&
      leading &&
      !(minor && seventh === 'minor') &&
      seventh !== 'major'
    ) {
      add(
        plain(7, raised, null, target),
        'applied',
        (seventh === null ? 1.7 : 1.3) + near + (seventh === 'diminished' && !minor ? 0.2 : 0),
      );
    } else if (
      degree === 2 &&
      alteration === 0 &&
      second &&
      (minor ? triad === 'diminished' : triad === 'minor')
    ) {
      add(
        plain(2, 0, null, target),
        'applied',
        (minor ? SECOND_COST.minor : SECOND_COST.major) +
          near +
          (target.alteration === 0 ? 0 : BORROWED_COST),
      );
    } else if (degree === 2 && alteration === (minor ? 0 : 0) && dominant && seventh === 'minor') {
      chainedDominant(target, add, near);
    }
  }
}

/** V7 of the V of a target: a dominant two fifths away. */
function chainedDominant(target: Numeral, add: Add, near: number): void {
  const fifth: Numeral = {
    degree: 5,
    alteration: 0,
    members: [ROOT, { degree: 3, alteration: 0 }, { degree: 5, alteration: 0 }],
    lowest: ROOT,
    special: null,
    target,
  };
  add(plain(5, 0, null, fifth), 'applied', 2.6 + near);
}

function chromaticSpecials(chord: Chord, key: Key, lowest: Member, add: Add): void {
  const { triad, seventh, altered, added } = describe(chord.members);
  const simple = altered.length === 0 && added.length === 0;
  const isFlatSecond = sameName(nameAbove(key.tonic, { number: 2, deviation: -1 }), chord.root);
  const third = chord.members[1];
  if (isFlatSecond && triad === 'major' && seventh === null && simple && chord.members.length === 3) {
    add(plain(2, 0, 'N'), 'neapolitan', lowest.degree === third?.degree ? 0.7 : 1.1);
  }
  // A substitute has any extension, and its fifth may be altered (common practice).
  if (isSubstituteStack(chord)) {
    if (isFlatSecond) add(plain(2, -1, 'sub'), 'substitute', SUBSTITUTE_COST);
    for (const target of targetsOf(key)) {
      const root = nameAbove(rootOf(target, key), { number: 2, deviation: -1 });
      if (sameName(root, chord.root) && target.alteration === 0)
        add(plain(2, -1, 'sub', target), 'substitute', SUBSTITUTE_COST + 1.1 + TARGET_COST[target.degree]!);
    }
  }
  if (triad === 'diminished' && seventh === 'diminished' && simple && chord.members.length === 4) {
    if (sameName(nameAbove(key.tonic, { number: 2, deviation: 1 }), chord.root))
      add(plain(2, 0, 'CT'), 'common-tone', 1.6);
    const dominant = diatonicNumeral(key, 5);
    if (sameName(nameAbove(rootOf(dominant, key), { number: 2, deviation: 1 }), chord.root))
      add(plain(2, 0, 'CT', dominant), 'common-tone', 1.8);
  }
}

/**
 * Numerals for notes (lowest first) in a key, over all readings of the notes,
 * best first. Augmented sixths are known by their spelling. Throws TheoryError
 * `chord` where the notes cannot be a chord.
 */
export function numeralsForNotes(notes: readonly NoteName[], key: Key): NumeralReading[] {
  const readings: NumeralReading[] = [];
  const sixth = augmentedSixth(notes, key);
  if (sixth) readings.push(sixth);
  for (const reading of identify(notes, { key, understood: (chord) => understoodIn(chord, key) })) {
    const { chord, named } = reading;
    for (const numeral of numeralsForChord(named, key))
      readings.push({ ...numeral, chord, named, cost: numeral.cost + readingCost(reading) });
  }
  return readings.sort((a, b) => a.cost - b.cost);
}

/** An inversion of a whole, plain stack costs a numeral nothing: figures say it. */
function readingCost(reading: ChordReading): number {
  const { triad, altered, added, omitted } = reading.description;
  const plainStack =
    altered.length === 0 && added.length === 0 && omitted.length === 0 && !triad.startsWith('sus');
  return sameName(reading.chord.bass, reading.chord.root) || !plainStack ? reading.cost : reading.cost - 1;
}
