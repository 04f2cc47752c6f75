import { memberNote } from '../chord/chord';
import { midiNumber, sameName, staffPosition, type NoteName } from '../pitch/note';
import type { FourNotes } from './fourPart';
import type { VoiceLeadingDuties } from './voiceLeadingDuties';
import { RANGES, VOICES, type VoiceName } from './register';
import type { Rule } from './ruleNames';

export * from './ruleNames';

/**
 * A setting in numbers, voices from the top: keys of the keyboard, places on the staff, and the notes
 * themselves.
 */
export interface Placed {
  readonly notes: FourNotes;
  readonly midi: readonly number[];
  readonly staff: readonly number[];
}

export function placedFault(notes: FourNotes): Placed {
  return { notes, midi: notes.map(midiNumber), staff: notes.map(staffPosition) };
}

/** Called for each fault with the two voices concerned, or one and −1; voices count from the top. */
export type Visit = (rule: Rule, voice: number, other: number) => void;

const OCTAVE = 12;
const SOPRANO = 0;
const BASS = 3;

/** Faults within one chord: range, crossing, spacing, and notes that should not stand twice. */
export function visitChord(setting: Placed, sense: VoiceLeadingDuties, visit: Visit): void {
  const { midi, notes } = setting;
  for (let voice = 0; voice < 4; voice++) {
    const [low, high] = RANGES[VOICES[voice]!];
    if (midi[voice]! < low || midi[voice]! > high) visit('range', voice, -1);
  }
  for (let voice = 0; voice < 3; voice++) {
    const gap = midi[voice]! - midi[voice + 1]!;
    if (gap < 0) visit('crossing', voice, voice + 1);
    if (voice < 2 && gap > OCTAVE) visit('spacing', voice, voice + 1);
  }
  if (sense.leading) visitTwice(notes, sense.leading, 'doubled-leading-note', visit);
  for (const note of sense.single) visitTwice(notes, note, 'doubling', visit);
  if (sense.doubled && sense.falling.length > 0 && countOf(notes, sense.doubled) < 2) {
    const twice = notes.findIndex((note, at) => notes.some((other, i) => i > at && sameName(note, other)));
    if (twice >= 0) visit('doubling', twice, BASS);
  }
}

function visitTwice(notes: FourNotes, name: NoteName, rule: Rule, visit: Visit): void {
  for (let voice = 0; voice < 3; voice++) {
    if (!sameName(notes[voice]!, name)) continue;
    for (let other = voice + 1; other < 4; other++)
      if (sameName(notes[other]!, name)) visit(rule, voice, other);
  }
}

function countOf(notes: FourNotes, name: NoteName): number {
  let count = 0;
  for (const note of notes) if (sameName(note, name)) count++;
  return count;
}

/** Faults in going from one chord to the next. */
export function visitStep(
  from: Placed,
  to: Placed,
  before: VoiceLeadingDuties,
  after: VoiceLeadingDuties,
  visit: Visit,
): void {
  // While one chord goes on its voices may change places.
  const lasts = isSameChord(before, after);
  for (let voice = 0; voice < 3 && !lasts; voice++) {
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
        if (was === now && !lasts) visit(now === 5 ? 'contrary-fifths' : 'contrary-octaves', upper, lower);
      } else if (was === now) visit(now === 5 ? 'parallel-fifths' : 'parallel-octaves', upper, lower);
      else if (upper === SOPRANO && lower === BASS && !lasts) visitOuter(from, to, now, up, visit);
    }
  }
  if (!before.neapolitan) visitCrossRelations(from, to, visit);
  for (let voice = 0; voice < 4; voice++) {
    const steps = to.staff[voice]! - from.staff[voice]!;
    const stays = steps === 0 || (lasts && isExactly(before, after));
    if (!stays && isAwkwardLeap(steps, to.midi[voice]! - from.midi[voice]!)) visit('melodic-leap', voice, -1);
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
    if (
      before.ninth &&
      !lasts &&
      canResolve(before.ninth, after) &&
      steps !== -1 &&
      steps !== 0 &&
      sameName(from.notes[voice]!, before.ninth)
    )
      visit('ninth', voice, -1);
    // What hangs over or is lowered goes down, now or later.
    const stepsOrStays = steps === -1 || steps === 0;
    if (before.suspended && !lasts && !stepsOrStays && sameName(from.notes[voice]!, before.suspended))
      visit('suspension', voice, -1);
    if (before.neapolitan && !lasts && steps > 0 && isRoot(from.notes[voice]!, before))
      visit('lowered-second', voice, -1);
    if (before.falling.length > 0 && !lasts && steps !== -1 && rises(from.notes[voice]!, steps, before))
      visit('six-four', voice, -1);
  }
}

/** Direct fifths and octaves where the soprano leaps, and a perfect fifth after a diminished one upward. */
function visitOuter(from: Placed, to: Placed, now: 5 | 8, up: number, visit: Visit): void {
  const steps = to.staff[SOPRANO]! - from.staff[SOPRANO]!;
  if (now === 5 && up > 0 && isDiminishedFifth(from, SOPRANO, BASS)) visit('unequal-fifths', SOPRANO, BASS);
  else if (Math.abs(steps) > 1) visit(now === 5 ? 'direct-fifths' : 'direct-octaves', SOPRANO, BASS);
}

function isDiminishedFifth({ midi, staff }: Placed, upper: number, lower: number): boolean {
  return (midi[upper]! - midi[lower]!) % 12 === 6 && (staff[upper]! - staff[lower]!) % 7 === 4;
}

/** Whether two chords in a row are one that goes on. */
function isSameChord(before: VoiceLeadingDuties, after: VoiceLeadingDuties): boolean {
  const [one, other] = [before.chord, after.chord];
  return (
    one !== null &&
    other !== null &&
    sameName(one.root, other.root) &&
    one.members[1]?.degree === other.members[1]?.degree &&
    one.members[1]?.alteration === other.members[1]?.alteration
  );
}

/** Whether nothing was added to the chord that goes on, or taken away. */
function isExactly(before: VoiceLeadingDuties, after: VoiceLeadingDuties): boolean {
  return before.chord!.members.length === after.chord!.members.length;
}

const isRoot = (note: NoteName, { chord }: VoiceLeadingDuties): boolean =>
  chord !== null && sameName(note, chord.root);

/** The sixth and the fourth over a cadential bass: they fall a step, or stay to fall later. */
function rises(note: NoteName, steps: number, before: VoiceLeadingDuties): boolean {
  return steps !== 0 && before.falling.some((name) => sameName(name, note));
}

/**
 * A note altered in another voice than the one that had it before (common practice); none where that voice
 * itself moves to the altered note, or any voice has the note both ways by chromatic step.
 */
function visitCrossRelations(from: Placed, to: Placed, visit: Visit): void {
  for (let voice = 0; voice < 4; voice++) {
    const note = from.notes[voice]!;
    for (let other = 0; other < 4; other++) {
      const next = to.notes[other]!;
      if (next.step !== note.step || next.alteration === note.alteration || other === voice) continue;
      let chromatic = false;
      for (let i = 0; i < 4; i++)
        if (
          from.notes[i]!.step === note.step &&
          from.notes[i]!.alteration === note.alteration &&
          to.notes[i]!.step === note.step
        )
          chromatic = true;
      if (!chromatic) visit('cross-relation', voice, other);
    }
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
 * chord has it. Inside, it may fall a step to the sixth degree or a third to the
 * fifth of the tonic chord, and in a bass that goes down the scale a step
 * (common practice). While the dominant lasts it is free; it may stay where it
 * is a note of the next chord, and sink chromatically into the next dominant.
 */
function leadsOn(
  from: Placed,
  to: Placed,
  voice: number,
  before: VoiceLeadingDuties,
  after: VoiceLeadingDuties,
): boolean {
  const next = to.notes[voice]!;
  if (!contains(to, before.tonic) || (after.leading && sameName(after.leading, before.leading!))) return true;
  const steps = to.staff[voice]! - from.staff[voice]!;
  if (steps === 1 && sameName(next, before.tonic)) return true;
  // Held it is the seventh of the next chord; lowered on its own letter that of the next dominant.
  if (steps === 0) return to.midi[voice]! - from.midi[voice]! <= 0;
  if (before.augmentedSixth) return false;
  if (voice === BASS) return steps === -1;
  return voice !== SOPRANO && (steps === -1 || steps === -2);
}

/**
 * Whether a seventh goes where it must: down a step. It may stay while the note
 * is still in the chord, pass to another voice or go back to the root while the
 * chord lasts, and rise in parallel tenths over a passing 4/3
 * (common practice).
 */
function resolvesDown(
  from: Placed,
  to: Placed,
  voice: number,
  before: VoiceLeadingDuties,
  after: VoiceLeadingDuties,
): boolean {
  const steps = to.staff[voice]! - from.staff[voice]!;
  if (steps === -1 || steps === 0 || !canResolve(before.seventh!, after)) return true;
  const root = before.chord?.root;
  const lasts = after.chord && root && sameName(after.chord.root, root);
  if (lasts && (contains(to, before.seventh!) || (steps === 1 && sameName(to.notes[voice]!, root))))
    return true;
  const fifth = before.chord?.members.find((m) => m.degree === 5);
  const overFifth =
    fifth && before.chord && sameName(from.notes[BASS]!, memberNote(before.chord.root, fifth));
  return steps === 1 && overFifth === true && to.staff[BASS]! - from.staff[BASS]! === 1;
}

/** Whether the next chord has the note itself, or the one a step below it. */
function canResolve(note: NoteName, { chord }: VoiceLeadingDuties): boolean {
  if (!chord) return true;
  const below = (note.step + 6) % 7;
  return chord.members.some((m) => {
    const { step, alteration } = memberNote(chord.root, m);
    return step === below || (step === note.step && alteration === note.alteration);
  });
}

/** The notes of a voice that are named in a fault. */
export function voicesOf(voice: number, other: number): VoiceName[] {
  return other < 0 ? [VOICES[voice]!] : [VOICES[voice]!, VOICES[other]!];
}
