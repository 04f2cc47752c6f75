import { attempt, TheoryError } from '../errors';
import { deviationUp } from '../interval/interval';
import { lineOfFifths, pitchClass, sameName, type NoteName } from '../pitch/note';
import { signatureFifths, type Key } from '../key/key';
import { bassMember, makeChord, memberNote, type Chord, type Member } from './chord';
import { describeAnew, type Description } from './describe';

/** Why a reading stands where it does; made into words at the edge. */
export type ReadingReason =
  | { readonly kind: 'stack' }
  | { readonly kind: 'root-lowest' }
  | { readonly kind: 'missing'; readonly degrees: readonly number[] }
  | { readonly kind: 'added'; readonly members: readonly Member[] }
  | { readonly kind: 'altered'; readonly members: readonly Member[] }
  | { readonly kind: 'suspended' }
  | { readonly kind: 'in-key'; readonly foreign: number }
  | { readonly kind: 'respelled' };

/** One way of naming a set of notes. Lower `cost` is the better reading. */
export interface ChordReading {
  /** What sounds. */
  readonly chord: Chord;
  /** What it is named as: the same, or with the third or fifth that the key has and the notes lack. */
  readonly named: Chord;
  readonly description: Description;
  readonly cost: number;
  readonly reasons: readonly ReadingReason[];
}

export interface IdentifyOptions {
  /** Prefers roots and spellings of this key, and stacks of thirds over sixth chords. */
  readonly key?: Key;
  /** The chord as it is understood in that key: with the third or fifth that the notes lack. */
  readonly understood?: (chord: Chord) => Chord;
}

/**
 * Names a chord from its notes, lowest first. Doublings are dropped, every
 * note is tried as root, the rest restacked in thirds; readings are ranked by
 * missing and foreign members, by root = bass, and by the key (common
 * practice). Symmetrical chords get their respelled readings last. Throws
 * TheoryError `chord` for fewer than two different notes or more than eight.
 */
export function identify(notes: readonly NoteName[], options: IdentifyOptions = {}): ChordReading[] {
  const distinct = dropDoublings(notes);
  if (distinct.length < 2 || distinct.length > 8) {
    throw new TheoryError(
      'chord',
      `${distinct.length} different notes`,
      'a chord is named from two to eight different notes.',
      'Give the notes from the lowest up, for example F3 A3 D4.',
    );
  }
  const bass = distinct[0]!;
  const readings: ChordReading[] = [];
  for (const root of distinct) {
    const reading = readOnRoot(root, distinct, bass, options);
    if (reading) readings.push(reading);
  }
  addRespelled(readings, distinct, bass, options);
  readings.sort((a, b) => a.cost - b.cost);
  const limit = readings[0]!.cost + FAR_FETCHED;
  return readings.filter(({ cost }) => cost <= limit);
}

/** Readings that cost so much more than the best are not worth a teacher's time. */
const FAR_FETCHED = 4.5;

/** Distinct note names in their order. */
export function dropDoublings(notes: readonly NoteName[]): NoteName[] {
  const distinct: NoteName[] = [];
  for (const note of notes) {
    let seen = false;
    for (const other of distinct) if (sameName(other, note)) seen = true;
    if (!seen) distinct.push(note);
  }
  return distinct;
}

function readOnRoot(
  root: NoteName,
  notes: readonly NoteName[],
  bass: NoteName,
  options: IdentifyOptions,
  respelled = false,
): ChordReading | null {
  const near: Member[] = [];
  let hasThird = false;
  let hasSeventh = false;
  for (const note of notes) {
    const letters = note.step - root.step;
    const degree = (letters < 0 ? letters + 7 : letters) + 1;
    const alteration = deviationUp(root, note);
    if (degree === 3 && (alteration === 0 || alteration === -1)) hasThird = true;
    if (degree === 7 && (alteration === 0 || alteration === -1 || alteration === -2)) hasSeventh = true;
    near.push({ degree, alteration });
  }
  const ninth = sharpNinth(near);
  const members = near.map((m) => (m === ninth ? SHARP_NINTH : placeMember(m, hasThird, hasSeventh)));
  const lowest = ninth && near.indexOf(ninth) === 0 ? memberNote(root, SHARP_NINTH) : bass;
  const chord = makeChord(root, members, lowest);
  const named = withDiminishedThird(options.understood?.(chord) ?? chord);
  return rate(chord, named, notes, options.key, respelled || ninth !== undefined, respelled);
}

const SHARP_NINTH: Member = { degree: 9, alteration: 1 };

/**
 * The minor third that stands beside a major one over a minor seventh: it is heard and usually written as the
 * raised ninth (common practice).
 */
function sharpNinth(near: readonly Member[]): Member | undefined {
  const has = (degree: number, alteration: number) =>
    near.some((m) => m.degree === degree && m.alteration === alteration);
  if (!has(3, 0) || !has(7, -1)) return undefined;
  return near.find((m) => m.degree === 3 && m.alteration === -1);
}

/** A diminished fifth under a seventh that is not major asks for a minor third, whatever the key. */
function withDiminishedThird(chord: Chord): Chord {
  const has = (degree: number, ...alterations: readonly number[]) =>
    chord.members.some((m) => m.degree === degree && alterations.includes(m.alteration));
  const lacks = ![2, 3, 4].some((degree) => chord.members.some((m) => m.degree === degree));
  return lacks && has(1, 0) && has(5, -1) && has(7, -1, -2)
    ? makeChord(chord.root, [...chord.members, { degree: 3, alteration: -1 }], chord.bass)
    : chord;
}

/** Seconds, fourths and sixths become 9, 11, 13 where a stack below carries them. */
function placeMember(member: Member, hasThird: boolean, hasSeventh: boolean): Member {
  const { degree, alteration } = member;
  if (degree === 2 && (hasThird || hasSeventh || alteration !== 0)) return { degree: 9, alteration };
  if (degree === 4 && (hasThird || alteration !== 0)) return { degree: 11, alteration };
  if (degree === 6 && hasSeventh) return { degree: 13, alteration };
  return member;
}

const COMMON_ALTERATIONS: Record<number, readonly number[]> = { 5: [-1, 1], 9: [-1, 1], 11: [1], 13: [-1] };

/** What a reading costs for what is missing, by degree: the fifth goes first, the third hardly ever. */
const MISSING: Record<number, number> = { 1: 6, 3: 4, 5: 1.4, 9: 0.4, 11: 0.6 };

/** A fifth under a seventh is the first note that is left out (common practice). */
const MISSING_UNDER_SEVENTH = 0.9;

/** A third that the key supplies. */
const UNDERSTOOD_THIRD = 1.6;

const SUSPENDED: Record<string, number> = { sus2: 2, sus4: 1.6, sus24: 3 };

const ADDED: Record<string, number> = { '9:0': 1.3, '11:1': 2.2 };

function rate(
  chord: Chord,
  named: Chord,
  notes: readonly NoteName[],
  key: Key | undefined,
  isRespelled: boolean,
  even: boolean,
): ChordReading {
  const reasons: ReadingReason[] = [];
  let cost = 0;
  const description = describeAnew(named.members);
  const { triad, seventh, sixth, altered, added } = description;
  const omitted = [...description.omitted, ...lackingOf(chord, named)].sort((a, b) => a - b);
  if (omitted.length > 0) {
    for (const degree of omitted)
      if (degree === 3 && named !== chord) cost += UNDERSTOOD_THIRD;
      else if (degree === 5 && seventh !== null) cost += MISSING_UNDER_SEVENTH;
      else cost += MISSING[degree] ?? 0.6;
    reasons.push({ kind: 'missing', degrees: omitted });
  }
  if (triad === 'power') cost += 1;
  if (triad.startsWith('sus')) {
    cost += SUSPENDED[triad]!;
    reasons.push({ kind: 'suspended' });
  }
  if (triad === 'flat-five') cost += 2.5;
  if (triad === 'augmented') cost += 0.4;
  if (seventh === 'major' && triad === 'diminished') cost += 1.5;
  if (altered.length > 0) {
    for (const m of altered) cost += COMMON_ALTERATIONS[m.degree]?.includes(m.alteration) ? 1.3 : 4;
    reasons.push({ kind: 'altered', members: altered });
  }
  if (sixth) cost += key ? 1.6 : 0.8;
  if (added.length > 0) {
    for (const m of added)
      cost +=
        ADDED[`${m.degree}:${m.alteration}`] ?? (m.alteration === 0 ? 2.6 : 2 + 2 * Math.abs(m.alteration));
    // A stack that both lacks members and carries strangers explains little.
    if (omitted.length > 0) cost += 1;
    reasons.push({ kind: 'added', members: added });
  }
  if (description.top > 7) cost += 0.3 * ((description.top - 7) / 2);
  if (reasons.length === 0 && !sixth) reasons.push({ kind: 'stack' });
  if (sameName(chord.root, chord.bass)) reasons.push({ kind: 'root-lowest' });
  else cost += bassCost(chord, description.top);
  if (key) {
    const foreign = foreignNotes(key, notes);
    cost += keyCost(key, chord.root);
    reasons.push({ kind: 'in-key', foreign });
  }
  if (isRespelled) {
    if (even) cost += 3;
    reasons.push({ kind: 'respelled' });
  }
  return { chord, named, description: { ...description, omitted }, cost, reasons };
}

/** Degrees that the name has and the notes lack. */
function lackingOf(chord: Chord, named: Chord): number[] {
  if (named === chord) return [];
  return named.members.filter((m) => !chord.members.includes(m)).map(({ degree }) => degree);
}

/**
 * What another note than the root in the bass costs: more the taller the stack, since a thirteenth chord may
 * be begun on any of its notes, and more where the bass is none of its thirds.
 */
function bassCost(chord: Chord, top: number): number {
  const member = bassMember(chord);
  const tall = top > 7 ? 0.35 * (top - 7) : 0;
  return 1 + tall + (member && [3, 5, 7].includes(member.degree) ? 0 : 1.2);
}

/** Notes outside the key's signature, the raised 6 and 7 of minor allowed. */
function foreignNotes(key: Key, notes: readonly NoteName[]): number {
  let foreign = 0;
  for (const note of notes) if (!inKey(key, note)) foreign++;
  return foreign;
}

function inKey(key: Key, note: NoteName): boolean {
  const place = lineOfFifths(note) - signatureFifths(key);
  if (place >= -1 && place <= 5) return true;
  return key.mode === 'minor' && (place === 8 || place === 6);
}

function keyCost(key: Key, root: NoteName): number {
  return inKey(key, root) ? 0 : 0.5;
}

/**
 * Diminished sevenths and augmented triads divide the octave evenly, so each
 * member can be the root of a chord that sounds the same but is spelled anew.
 */
function addRespelled(
  readings: ChordReading[],
  notes: readonly NoteName[],
  bass: NoteName,
  options: IdentifyOptions,
): void {
  const model = readings.find(
    ({ description: d }) =>
      isWhole(d) &&
      ((d.triad === 'diminished' && d.seventh === 'diminished') ||
        (d.triad === 'augmented' && d.seventh === null)),
  );
  if (!model || model.chord.members.length !== notes.length) return;
  for (const root of notes) {
    if (sameName(root, model.chord.root)) continue;
    const spelled = respellOn(root, model.chord.members, notes);
    const newBass = spelled?.find((note) => pitchClass(note) === pitchClass(bass));
    if (!spelled || !newBass) continue;
    const reading = readOnRoot(root, spelled, newBass, options, true);
    if (reading) readings.push(reading);
  }
}

function isWhole({ altered, added, omitted, sixth }: Description): boolean {
  return altered.length === 0 && added.length === 0 && omitted.length === 0 && !sixth;
}

function respellOn(
  root: NoteName,
  members: readonly Member[],
  notes: readonly NoteName[],
): NoteName[] | null {
  const spelled: NoteName[] = [];
  for (const { degree, alteration } of members) {
    const note = attempt(() => memberNote(root, { degree, alteration }));
    if (!note.ok) return null;
    if (!notes.some((other) => pitchClass(other) === pitchClass(note.value))) return null;
    spelled.push(note.value);
  }
  return spelled;
}
