import { type Chord, memberNote } from '../chord/chord';
import { dropDoublings, identify } from '../chord/identify';
import { attempt } from '../errors';
import { degreeNote, scaleOf } from '../key/scale';
import { isMinorLike, type Key } from '../key/key';
import { midiNumber, sameName, staffPosition, type Note, type NoteName } from '../pitch/note';
import type { FourNotes } from './fourPart';
import { RANGES, VOICES, type VoiceName } from './register';

/** The rules of four-part writing (docs/conventions.md; common practice). */
export const RULES = [
  'range', 'crossing', 'overlap', 'spacing', 'parallel-fifths', 'parallel-octaves', 'direct-fifths', 'direct-octaves',
  'leading-note', 'seventh', 'augmented-second', 'doubled-leading-note', 'contrary-fifths',
  'contrary-octaves', 'melodic-leap',
] as const; // prettier-ignore
export type Rule = (typeof RULES)[number];

/**
 * What a fault costs where nothing else is said, for rules that do not forbid: better avoided, but not at any
 * price.
 */
export const USUAL_WEIGHTS: Partial<Record<Rule, number>> = {
  'contrary-fifths': 6,
  'contrary-octaves': 6,
  'melodic-leap': 4,
};

/** A fault: the chord in which it is complete, the rule, and the voices from the top. */
export interface Fault {
  readonly at: number;
  readonly rule: Rule;
  readonly voices: readonly VoiceName[];
}

/** What the rules have to know of a chord in its key. */
export interface ChordSense {
  /** The leading note that must go up, where the chord is a dominant and has it. */
  readonly leading: NoteName | null;
  /** The note that the leading note goes to. */
  readonly tonic: NoteName;
  /** The seventh of the chord, which must go down. */
  readonly seventh: NoteName | null;
  readonly chord: Chord | null;
}

/**
 * A setting in numbers, voices from the top: keys of the keyboard, places on the staff, and the notes
 * themselves.
 */
export interface Placed {
  readonly notes: FourNotes;
  readonly midi: readonly number[];
  readonly staff: readonly number[];
}

export function placed(notes: FourNotes): Placed {
  return { notes, midi: notes.map(midiNumber), staff: notes.map(staffPosition) };
}

/** Called for each fault with the two voices concerned, or one and −1; voices count from the top. */
export type Visit = (rule: Rule, voice: number, other: number) => void;

const OCTAVE = 12;
const SOPRANO = 0;
const BASS = 3;

/**
 * What the rules have to know of a chord: its leading note, where it is a dominant of the key (or of its
 * target), and its seventh.
 */
export function senseOf(chord: Chord | null, key: Key, local: Key = key): ChordSense {
  const leadingOfKey = scaleOf(local, isMinorLike(local.mode) ? 'harmonic' : 'natural')[6]!;
  const tonic = degreeNote(local, 1);
  if (!chord) return { leading: null, tonic, seventh: null, chord: null };
  const notes = chord.members.map((m) => memberNote(chord.root, m));
  const dominant = sameName(chord.root, degreeNote(local, 5)) || sameName(chord.root, leadingOfKey);
  const seventh = chord.members.find((m) => m.degree === 7);
  return {
    leading: dominant && notes.some((note) => sameName(note, leadingOfKey)) ? leadingOfKey : null,
    tonic,
    seventh: seventh ? memberNote(chord.root, seventh) : null,
    chord,
  };
}

/** The chord that four notes are in a key, or null where they are none. */
export function chordOfNotes(notes: FourNotes, key: Key): Chord | null {
  const fromBass = [...notes].reverse();
  if (dropDoublings(fromBass).length < 2) return null;
  const read = attempt(() => identify(fromBass, { key })[0]!.chord);
  return read.ok ? read.value : null;
}

/** Faults within one chord: range, crossing, spacing, and a leading note twice. */
export function visitChord({ midi, notes }: Placed, { leading }: ChordSense, visit: Visit): void {
  for (let voice = 0; voice < 4; voice++) {
    const [low, high] = RANGES[VOICES[voice]!];
    if (midi[voice]! < low || midi[voice]! > high) visit('range', voice, -1);
  }
  for (let voice = 0; voice < 3; voice++) {
    const gap = midi[voice]! - midi[voice + 1]!;
    if (gap < 0) visit('crossing', voice, voice + 1);
    if (voice < 2 && gap > OCTAVE) visit('spacing', voice, voice + 1);
  }
  if (!leading) return;
  for (let voice = 0; voice < 3; voice++) {
    if (!sameName(notes[voice]!, leading)) continue;
    for (let other = voice + 1; other < 4; other++)
      if (sameName(notes[other]!, leading)) visit('doubled-leading-note', voice, other);
  }
}

/** Faults in going from one chord to the next. */
export function visitStep(
  from: Placed,
  to: Placed,
  before: ChordSense,
  after: ChordSense,
  visit: Visit,
): void {
  for (let voice = 0; voice < 3; voice++) {
    // A voice that moves past where its neighbour just was.
    if (to.midi[voice]! < from.midi[voice + 1]!) visit('overlap', voice, voice + 1);
    if (to.midi[voice + 1]! > from.midi[voice]!) visit('overlap', voice, voice + 1);
  }
  for (let upper = 0; upper < 3; upper++) {
    const up = to.midi[upper]! - from.midi[upper]!;
    if (up === 0) continue;
    for (let lower = upper + 1; lower < 4; lower++) {
      const low = to.midi[lower]! - from.midi[lower]!;
      if (low === 0) continue;
      const now = perfect(to, upper, lower);
      if (now === 0) continue;
      const was = perfect(from, upper, lower);
      if (up > 0 !== low > 0) {
        if (was === now) visit(now === 5 ? 'contrary-fifths' : 'contrary-octaves', upper, lower);
      } else if (was === now) visit(now === 5 ? 'parallel-fifths' : 'parallel-octaves', upper, lower);
      else if (upper === SOPRANO && lower === BASS && Math.abs(to.staff[SOPRANO]! - from.staff[SOPRANO]!) > 1)
        visit(now === 5 ? 'direct-fifths' : 'direct-octaves', upper, lower);
    }
  }
  for (let voice = 0; voice < 4; voice++) {
    const steps = to.staff[voice]! - from.staff[voice]!;
    if (isAwkwardLeap(steps, to.midi[voice]! - from.midi[voice]!)) visit('melodic-leap', voice, -1);
    if ((steps === 1 || steps === -1) && Math.abs(to.midi[voice]! - from.midi[voice]!) === 3)
      visit('augmented-second', voice, -1);
    if (
      before.leading &&
      sameName(from.notes[voice]!, before.leading) &&
      !leadsOn(from, to, voice, before, after)
    )
      visit('leading-note', voice, -1);
    if (
      before.seventh &&
      sameName(from.notes[voice]!, before.seventh) &&
      !resolvesDown(from, to, voice, before, after)
    )
      visit('seventh', voice, -1);
  }
}

/** A seventh, more than an octave, or an augmented leap: hard to sing (common practice). */
function isAwkwardLeap(steps: number, halfSteps: number): boolean {
  const [letters, size] = [Math.abs(steps), Math.abs(halfSteps)];
  return (
    letters === 6 || letters > 7 || size > 12 || (letters === 3 && size > 5) || (letters === 4 && size > 7)
  );
}

/** 5 for a perfect fifth or its compound, 8 for an octave, unison or compound, 0 for anything else. */
function perfect({ midi, staff }: Placed, upper: number, lower: number): 0 | 5 | 8 {
  const half = midi[upper]! - midi[lower]!;
  const steps = staff[upper]! - staff[lower]!;
  if (half % 12 === 7 && steps % 7 === 4) return 5;
  return half % 12 === 0 && steps % 7 === 0 ? 8 : 0;
}

function contains(to: Placed, name: NoteName): boolean {
  return to.notes.some((note) => sameName(note, name));
}

/**
 * Whether a leading note goes where it must: up to the tonic, when the next
 * chord has it. Inside, it may fall a third to the fifth of the tonic chord
 * (common practice). While the dominant lasts it is free, and it may sink
 * chromatically into the next dominant.
 */
function leadsOn(from: Placed, to: Placed, voice: number, before: ChordSense, after: ChordSense): boolean {
  const next = to.notes[voice]!;
  if (!contains(to, before.tonic) || (after.leading && sameName(after.leading, before.leading!))) return true;
  const steps = to.staff[voice]! - from.staff[voice]!;
  if (steps === 1 && sameName(next, before.tonic)) return true;
  // Lowered on its own letter it becomes the seventh of the next dominant.
  if (steps === 0 && to.midi[voice]! - from.midi[voice]! === -1) return true;
  return (voice === 1 || voice === 2) && steps === -2;
}

/**
 * Whether a seventh goes where it must: down a step. It may stay while the note
 * is still in the chord, pass to another voice while the chord lasts, and rise
 * in parallel tenths over a passing 4/3 (common practice).
 */
function resolvesDown(
  from: Placed,
  to: Placed,
  voice: number,
  before: ChordSense,
  after: ChordSense,
): boolean {
  const steps = to.staff[voice]! - from.staff[voice]!;
  if (steps === -1 || steps === 0) return true;
  const lasts = after.chord && before.chord && sameName(after.chord.root, before.chord.root);
  if (lasts && contains(to, before.seventh!)) return true;
  const fifth = before.chord?.members.find((m) => m.degree === 5);
  const overFifth =
    fifth && before.chord && sameName(from.notes[BASS]!, memberNote(before.chord.root, fifth));
  return steps === 1 && overFifth === true && to.staff[BASS]! - from.staff[BASS]! === 1;
}

/** The notes of a voice that are named in a fault. */
export function voicesOf(voice: number, other: number): VoiceName[] {
  return other < 0 ? [VOICES[voice]!] : [VOICES[voice]!, VOICES[other]!];
}

/**
 * Checks four-part writing, chord by chord (soprano, alto, tenor, bass). Chords
 * are read from the notes in the key unless they are given with the key that
 * each is counted in. Faults come in the order of the chords.
 */
export function checkSetting(
  voices: readonly FourNotes[],
  key: Key,
  senses: readonly ChordSense[] = voices.map((notes) => senseOf(chordOfNotes(notes, key), key)),
): Fault[] {
  const faults: Fault[] = [];
  const settings = voices.map(placed);
  settings.forEach((setting, at) => {
    const visit: Visit = (rule, voice, other) => faults.push({ at, rule, voices: voicesOf(voice, other) });
    visitChord(setting, senses[at]!, visit);
    if (at > 0) visitStep(settings[at - 1]!, setting, senses[at - 1]!, senses[at]!, visit);
  });
  return faults;
}

/** The notes of one voice, from the top: 0 soprano … 3 bass. */
export function voiceLine(voices: readonly FourNotes[], voice: number): Note[] {
  return voices.map((notes) => notes[voice]!);
}
