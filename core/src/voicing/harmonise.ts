import { memberNote, type Chord, type Member } from '../chord/chord';
import { memberWord } from '../chord/inversionNames';
import { TheoryError } from '../errors';
import type { Key } from '../key/key';
import { chordOfNumeral, type Numeral } from '../label/numeral';
import { printNumeral } from '../label/numeralPrint';
import { displayNoteName, printNote } from '../pitch/print';
import { midiNumber, sameName, staffPosition, type Note } from '../pitch/note';
import { stepCost } from '../context/costs';
import type { FourNotes } from './fourPart';
import { bestSetting } from './search';
import { type Lock } from './settingProblem';

/** A given voice, to be harmonised with the chords that were taught. */
export interface HarmoniseProblem {
  readonly key: Key;
  readonly voice: 'melody' | 'bass';
  readonly notes: readonly Note[];
  readonly numerals: readonly Numeral[];
}

/** One harmonisation; `reasons` says for each note why its chord stands there. */
export interface Harmonisation {
  readonly numerals: readonly Numeral[];
  /** Null where the chords have no legal setting with the given voice. */
  readonly voices: readonly FourNotes[] | null;
  readonly cost: number;
  readonly reasons: readonly string[];
  /** Notes that pass or turn between chord notes: their chord goes on under them. */
  readonly passing: readonly number[];
}

/** Costs in the units of contextCosts. */
const COST = { start: 0.8, end: 1.5, repeat: 0.25, passing: 1.2, weakMember: 0.15, unset: 20, setting: 0.12 };
const SEQUENCES = 16;
const MOST = 6;

interface Path {
  readonly numeral: Numeral;
  readonly passing: boolean;
  readonly cost: number;
  readonly before: Path | null;
}

/**
 * Harmonisations of a melody or a bass with the given chords, best first: chord
 * sequences are ranked by usual steps and cadence (dynamic programming that
 * keeps the best few ways to every chord), then set in four voices. A note that
 * fits no chord may pass or turn by step while the chord before it goes on
 * (common practice). Throws TheoryError `chord` where a note fits nothing.
 */
export function harmonise({ key, voice, notes, numerals }: HarmoniseProblem): Harmonisation[] {
  if (notes.length === 0 || numerals.length === 0) return [];
  const chords = numerals.map((numeral) => ({ numeral, chord: chordOfNumeral(numeral, key) }));
  let paths: Path[][] = [];
  notes.forEach((note, at) => {
    const fitting = chords.filter(({ chord }) =>
      voice === 'melody' ? memberOf(chord, note) !== null : sameName(chord.bass, note),
    );
    const next = fitting.map(({ numeral, chord }) =>
      reach(numeral, memberCost(chord, note, voice), at === 0 ? null : paths.flat(), at === notes.length - 1),
    );
    if (at > 0 && voice === 'melody' && isStepwise(notes, at))
      next.push(
        paths
          .flat()
          .filter(({ passing }) => !passing)
          .map((path) => ({
            numeral: path.numeral,
            passing: true,
            cost: path.cost + COST.passing,
            before: path,
          })),
      );
    paths = next
      .map((list) => list.sort((a, b) => a.cost - b.cost).slice(0, SEQUENCES))
      .filter((list) => list.length > 0);
    if (paths.length === 0) throw fitsNothing(note, at, numerals, key);
  });
  const best = paths
    .flat()
    .sort((a, b) => a.cost - b.cost)
    .slice(0, SEQUENCES);
  return best
    .map((path) => whole(path, key, voice, notes))
    .sort((a, b) => a.cost - b.cost)
    .slice(0, MOST);
}

/** The best ways to a chord. */
function reach(numeral: Numeral, own: number, before: readonly Path[] | null, isLast: boolean): Path[] {
  const ending = isLast && !(numeral.degree === 1 && !numeral.target) ? COST.end : 0;
  if (!before)
    return [
      { numeral, passing: false, cost: own + ending + (numeral.degree === 1 ? 0 : COST.start), before: null },
    ];
  return before.map((path) => ({
    numeral,
    passing: false,
    cost: path.cost + own + ending + between(path.numeral, numeral),
    before: path,
  }));
}

function between(from: Numeral, to: Numeral): number {
  if (from === to) return COST.repeat;
  if (from.target) return to.degree === from.target.degree && !to.target ? -1 : 1.3;
  return to.target ? 0.4 : stepCost(from.degree, to.degree);
}

/** The member of a chord that a note is, or null. */
function memberOf(chord: Chord, note: Note): Member | null {
  return chord.members.find((member) => sameName(memberNote(chord.root, member), note)) ?? null;
}

function memberCost(chord: Chord, note: Note, voice: 'melody' | 'bass'): number {
  return voice === 'melody' && (memberOf(chord, note)?.degree ?? 1) > 5 ? COST.weakMember : 0;
}

/** Whether a note is come to and left by step: passing or neighbour. */
function isStepwise(notes: readonly Note[], at: number): boolean {
  const [before, note, after] = [notes[at - 1], notes[at], notes[at + 1]];
  if (!before || !note || !after) return false;
  return (
    Math.abs(staffPosition(note) - staffPosition(before)) === 1 &&
    Math.abs(staffPosition(after) - staffPosition(note)) === 1
  );
}

function fitsNothing(note: Note, at: number, numerals: readonly Numeral[], key: Key): TheoryError {
  return new TheoryError(
    'chord',
    printNote(note),
    `note ${at + 1} is in none of the chords ` +
      `${numerals.map((numeral) => printNumeral(numeral, key)).join(' ')}, and does not pass by step.`,
    'Allow a chord that holds it, or change the note.',
  );
}

function whole(end: Path, key: Key, voice: 'melody' | 'bass', notes: readonly Note[]): Harmonisation {
  const steps: Path[] = [];
  for (let one: Path | null = end; one; one = one.before) steps.unshift(one);
  const numerals = steps.map(({ numeral }) => numeral);
  const passing = steps.flatMap((step, at) => (step.passing ? [at] : []));
  const voices = setUnder(steps, key, voice, notes);
  return {
    numerals,
    voices: voices?.notes ?? null,
    cost: end.cost + (voices ? COST.setting * voices.cost : COST.unset),
    reasons: steps.map((step, at) => reasonOf(step, steps[at - 1], notes[at]!, key, at === steps.length - 1)),
    passing,
  };
}

/** The best setting with the given voice kept; under a passing note the chord goes on. */
function setUnder(
  steps: readonly Path[],
  key: Key,
  voice: 'melody' | 'bass',
  notes: readonly Note[],
): { notes: FourNotes[]; cost: number } | null {
  const standing = steps.flatMap((step, at) => (step.passing ? [] : [at]));
  const locks = standing.map((at): readonly [Lock, Lock, Lock, Lock] =>
    voice === 'melody' ? [notes[at]!, null, null, null] : [null, null, null, notes[at]!],
  );
  const found = bestSetting({ key, numerals: standing.map((at) => steps[at]!.numeral), locks });
  if (!('voices' in found)) return null;
  const filled: FourNotes[] = [];
  steps.forEach((step, at) => {
    const [, alto, tenor, bass] = step.passing ? filled[at - 1]! : found.voices[standing.indexOf(at)]!;
    filled.push(step.passing ? [notes[at]!, alto, tenor, bass] : found.voices[standing.indexOf(at)]!);
  });
  return { notes: filled, cost: found.cost };
}

function reasonOf(step: Path, before: Path | undefined, note: Note, key: Key, isLast: boolean): string {
  const name = displayNoteName(note);
  const numeral = printNumeral(step.numeral, key);
  if (step.passing) return `${name} passes by step while ${numeral} goes on`;
  const member = memberOf(chordOfNumeral(step.numeral, key), note);
  const is = `${name} is the ${member ? memberWord(member) : 'bass'} of ${numeral}`;
  if (!before) return step.numeral.degree === 1 ? `${is}, and the tonic opens` : is;
  if (isLast && step.numeral.degree === 1 && before.numeral.degree === 5)
    return `${is}, and ${printNumeral(before.numeral, key)}–${numeral} closes`;
  const cost = between(before.numeral, step.numeral);
  return cost < -0.2 ? `${is}, which ${printNumeral(before.numeral, key)} leads to` : is;
}

/** A melody note against the chord under it. */
export interface MelodyNote {
  readonly at: number;
  readonly kind: 'passing' | 'neighbour' | 'clash';
}

/**
 * Notes of a melody that are not in the chords given for them (null where none is known): those that pass or
 * turn by step, and those that clash.
 */
export function melodyAgainst(notes: readonly Note[], chords: readonly (Chord | null)[]): MelodyNote[] {
  return notes.flatMap((note, at): MelodyNote[] => {
    const chord = chords[at];
    if (!chord || memberOf(chord, note)) return [];
    if (!isStepwise(notes, at)) return [{ at, kind: 'clash' }];
    const turns = midiNumber(notes[at - 1]!) === midiNumber(notes[at + 1]!);
    return [{ at, kind: turns ? 'neighbour' : 'passing' }];
  });
}
