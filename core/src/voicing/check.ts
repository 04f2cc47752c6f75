import { type Chord } from '../chord/chord';
import { describe } from '../chord/describe';
import { dropDoublings } from '../chord/identify';
import { readInContext } from '../context/readings';
import { attempt } from '../errors';
import type { Key } from '../key/key';
import { sameName } from '../pitch/note';
import type { FourNotes } from './fourPart';
import {
  placedFault,
  visitChord,
  visitStep,
  voicesOf,
  type Fault,
  type Placed,
  type Rule,
  type Visit,
} from './rules';
import { dutiesOfLine, type VoiceLeadingDuties, type MaybeKnownDuties } from './voiceLeadingDuties';

const BASS = 3;
const VOICE_COUNT = 4;

/**
 * Checks four-part writing, chord by chord (soprano, alto, tenor, bass). Chords
 * are read from the notes in the key, applied ones as what they are in their
 * place, unless they are given with the key that each is counted in. A voice
 * that turns or passes while the others hold owes nothing. Faults come in the
 * order of the chords.
 */
export function checkVoicing(
  voices: readonly FourNotes[],
  key: Key,
  senses: readonly VoiceLeadingDuties[] = dutiesOfLine(chordsOf(voices, key)),
): Fault[] {
  const faults: Fault[] = [];
  const settings = voices.map(placedFault);
  settings.forEach((setting, at) => {
    const passing = ornamentsAt(settings, at);
    const visit: Visit = (rule, voice, other) => {
      if (isOrnament(rule, settings, senses, at, voice)) return;
      if (DOUBLED.includes(rule) && (passing.includes(voice) || passing.includes(other))) return;
      faults.push({ at, rule, voices: voicesOf(voice, other) });
    };
    if (passing.length === 0 && lacksThird(senses[at]!.chord, setting))
      faults.push({ at, rule: 'missing-third', voices: ['bass'] });
    visitChord(setting, senses[at]!, visit);
    if (at > 0) visitStep(settings[at - 1]!, setting, senses[at - 1]!, senses[at]!, visit);
    if (at > 1) visitTurn(settings[at - 2]!, settings[at - 1]!, setting, visit);
  });
  return faults;
}

/** The chords that four voices make in a key: as numerals where they can be read as such. */
function chordsOf(voices: readonly FourNotes[], key: Key): MaybeKnownDuties[] {
  const chords = voices.map((notes) => ({ notes: [...notes].reverse() }));
  const read = attempt(() => readInContext(chords, { key }));
  return voices.map((notes, at) => {
    const best = read.ok ? read.value[at]![0] : undefined;
    if (!best || dropDoublings(notes).length < 2) return { numeral: null, key };
    const { numeral, chord, reason } = best;
    return { numeral, key: best.key, chord, cadential: reason === 'cadential-six-four' };
  });
}

function lacksThird(chord: Chord | null, { notes }: Placed): boolean {
  if (!chord || dropDoublings(notes).length < 2) return false;
  const { triad } = describe(chord.members);
  return (triad === 'power' || triad === 'no-third') && chord.members.some((m) => m.degree === 5);
}

const DOUBLED: readonly Rule[] = ['doubling', 'doubled-leading-note'];

/**
 * Voices that are no member of a chord at a moment: they go through it by step, or are held into it and fall,
 * while two others hold on before or after.
 */
function ornamentsAt(settings: readonly Placed[], at: number): number[] {
  const [before, now, after] = [settings[at - 1], settings[at]!, settings[at + 1]];
  if (!before || !after) return [];
  const holding = (one: Placed, other: Placed, voice: number) =>
    [0, 1, 2, 3].filter((i) => i !== voice && one.midi[i] === other.midi[i]).length >= 2;
  return [0, 1, 2, 3].filter((voice) => {
    const into = now.staff[voice]! - before.staff[voice]!;
    const out = after.staff[voice]! - now.staff[voice]!;
    if (Math.abs(out) !== 1 || Math.abs(into) > 1 || (into === 0 && out > 0)) return false;
    return holding(before, now, voice) || holding(now, after, voice);
  });
}

const OWED: readonly Rule[] = ['seventh', 'ninth', 'leading-note', 'six-four'];

/**
 * Whether what a voice owes is not owed after all, since the note before was no member of a chord: it turned
 * or passed by step while two other voices held on, or it was held over from the chord before and goes up to
 * the root.
 */
function isOrnament(
  rule: Rule,
  settings: readonly Placed[],
  senses: readonly VoiceLeadingDuties[],
  at: number,
  voice: number,
): boolean {
  if (!OWED.includes(rule) || at < 2) return false;
  const [first, note, next] = [settings[at - 2]!, settings[at - 1]!, settings[at]!];
  const [into, out] = [note.staff[voice]! - first.staff[voice]!, next.staff[voice]! - note.staff[voice]!];
  let holding = 0;
  for (let other = 0; other < VOICE_COUNT; other++)
    if (other !== voice && first.midi[other] === note.midi[other] && note.midi[other] === next.midi[other])
      holding++;
  if (holding >= 2 && Math.abs(into) === 1 && Math.abs(out) === 1) return true;
  const root = senses[at]!.chord?.root;
  return into === 0 && out === 1 && root !== undefined && sameName(next.notes[voice]!, root);
}

/**
 * A diminished leap that does not turn back by step, in the chord after it (common practice: a diminished
 * fourth or fifth is answered within it).
 */
function visitTurn(first: Placed, leapt: Placed, next: Placed, visit: Visit): void {
  for (let voice = 0; voice < VOICE_COUNT; voice++) {
    const steps = leapt.staff[voice]! - first.staff[voice]!;
    const halfSteps = leapt.midi[voice]! - first.midi[voice]!;
    const size = Math.abs(halfSteps);
    const diminished = (Math.abs(steps) === 3 && size === 4) || (Math.abs(steps) === 4 && size === 6);
    if (!diminished || voice === BASS) continue;
    const out = next.staff[voice]! - leapt.staff[voice]!;
    if (out !== 0 && Math.sign(out) === Math.sign(steps)) visit('melodic-leap', voice, -1);
  }
}
