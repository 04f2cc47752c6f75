import { memberNote, type Chord, type Member } from '../chord/chord';
import { memberWord } from '../chord/inversionNames';
import { TheoryError } from '../errors';
import type { Key } from '../key/key';
import { chordOfNumeral, type Numeral } from '../label/numeral';
import { printNumeral } from '../label/numeralPrint';
import { displayNoteName, printNote } from '../pitch/print';
import { midiNumber, sameName, staffPosition, type Note } from '../pitch/note';
import type { FourNotes } from './fourPart';
import { closeCost, harmonyStep, REPEAT } from './harmonySteps';
import { nearestSetting } from './nearest';
import type { Fault } from './rules';
import { bestVoicing } from './search';
import { faultsOfChords } from './settingFaults';
import { barTicks, beatTicks, type Metre } from '../time/metre';
import { type Lock } from './settingProblem';

/** A given voice, to be harmonised with the chords that were taught. */
export interface HarmoniseProblem {
  readonly key: Key;
  readonly voice: 'melody' | 'bass';
  readonly notes: readonly Note[];
  readonly numerals: readonly Numeral[];
  /** The length of each note in ticks, and the metre that they stand in from the first downbeat on. */
  readonly time?: { readonly ticks: readonly number[]; readonly metre: Metre; readonly upbeat?: number };
}

/** One harmonisation; `reasons` says for each note why its chord stands there. */
export interface Harmonisation {
  readonly numerals: readonly Numeral[];
  /** The nearest setting where none is legal; null where the chords cannot be set with the given voice. */
  readonly voices: readonly FourNotes[] | null;
  readonly faults: readonly Fault[];
  readonly cost: number;
  readonly reasons: readonly string[];
  /** Notes that pass or turn between chord notes: their chord goes on under them. */
  readonly passing: readonly number[];
}

/** Costs in the units of contextCosts. */
const COST = {
  /** Another chord than the tonic in root position at the beginning and at the end. */
  start: 2.2, startInverted: 0.7, end: 3,
  weakMember: 0.15, unset: 20, fault: 4, setting: 0.12,
}; // prettier-ignore
/** What a note that passes costs by its place: between the beats it is what one expects. */
const PASSING = { any: 1.2, downbeat: 1.7, beat: 1, between: 0.3 };
/**
 * What a change of chord costs by its place in the bar: the downbeat, another beat, and between the beats; and
 * what no change at a downbeat costs. Without a metre all places are alike.
 */
const CHANGE = { downbeat: 0, beat: 0.25, between: 1.4, held: 0.5 };
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
export function harmonise(problem: HarmoniseProblem): Harmonisation[] {
  const { key, voice, notes } = problem;
  return usualPaths(problem)
    .map((path) => whole(path, key, voice, notes))
    .sort((a, b) => a.cost - b.cost)
    .slice(0, MOST);
}

/**
 * The usual sequences of chords under a melody or over a bass, best first, a chord for every note and not yet set
 * in voices. Throws as harmonise.
 */
export function chordSequences(problem: HarmoniseProblem): (readonly Numeral[])[] {
  return usualPaths(problem)
    .map(pathBack)
    .filter((path) => path.every(({ passing }) => !passing))
    .map((path) => path.map(({ numeral }) => numeral));
}

/** A path from its beginning. */
function pathBack(last: Path): Path[] {
  const path: Path[] = [];
  for (let one: Path | null = last; one; one = one.before) path.unshift(one);
  return path;
}

function usualPaths(problem: HarmoniseProblem): Path[] {
  const { key, voice, notes, numerals } = problem;
  if (notes.length === 0 || numerals.length === 0) return [];
  const chords = numerals.map((numeral) => ({ numeral, chord: chordOfNumeral(numeral, key) }));
  const places = placesIn(problem);
  let paths: Path[][] = [];
  notes.forEach((note, at) => {
    const fitting = chords.filter(({ chord }) =>
      voice === 'melody' ? memberOf(chord, note) !== null : sameName(chord.bass, note),
    );
    const next = fitting.map(({ numeral, chord }) =>
      reach(numeral, {
        own: memberCost(chord, note, voice),
        before: at === 0 ? null : paths.flat(),
        isLast: at === notes.length - 1,
        place: places[at]!,
      }),
    );
    if (at > 0 && isStepwise(notes, at))
      next.push(
        paths
          .flat()
          .filter(({ passing }) => !passing)
          .map((path) => ({
            numeral: path.numeral,
            passing: true,
            cost: path.cost + PASSING[places[at]!],
            before: path,
          })),
      );
    paths = next
      .map((list) => list.sort((a, b) => a.cost - b.cost).slice(0, SEQUENCES))
      .filter((list) => list.length > 0);
    if (paths.length === 0) throw fitsNothing(note, at, numerals, key);
  });
  return paths
    .flat()
    .sort((a, b) => a.cost - b.cost)
    .slice(0, SEQUENCES);
}

type PlaceInBar = 'downbeat' | 'beat' | 'between' | 'any';

/** Where each note stands in its bar; `any` without a metre. */
function placesIn({ notes, time }: HarmoniseProblem): PlaceInBar[] {
  if (!time) return notes.map(() => 'any');
  const [bar, beat] = [barTicks(time.metre), beatTicks(time.metre)];
  let at = time.upbeat ? bar - time.upbeat : 0;
  return notes.map((_, index) => {
    const within = at % bar;
    at += time.ticks[index] ?? 0;
    return within === 0 ? 'downbeat' : within % beat === 0 ? 'beat' : 'between';
  });
}

interface Reached {
  readonly own: number;
  readonly before: readonly Path[] | null;
  readonly isLast: boolean;
  readonly place: PlaceInBar;
}

/** The best ways to a chord. */
function reach(numeral: Numeral, { own, before, isLast, place }: Reached): Path[] {
  const tonic = numeral.degree === 1 && !numeral.target;
  const inRoot = numeral.lowest.degree === 1;
  const ending = isLast && !(tonic && inRoot) ? COST.end : 0;
  const opening = !tonic ? COST.start : inRoot ? 0 : COST.startInverted;
  if (!before) return [{ numeral, passing: false, cost: own + ending + opening, before: null }];
  return before.map((path) => ({
    numeral,
    passing: false,
    cost:
      path.cost +
      own +
      ending +
      harmonyStep(path.numeral, numeral) +
      (isLast ? closeCost(path.numeral, numeral) : 0) +
      placeCost(path.numeral === numeral, place),
    before: path,
  }));
}

/** Chords change on strong beats: slower where the tune is fast (common practice). */
function placeCost(held: boolean, place: PlaceInBar): number {
  if (place === 'any') return 0;
  if (held) return place === 'downbeat' ? CHANGE.held : -REPEAT;
  return CHANGE[place];
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
  const steps = pathBack(end);
  const numerals = steps.map(({ numeral }) => numeral);
  const passing = steps.flatMap((step, at) => (step.passing ? [at] : []));
  const voices = setUnder(steps, key, voice, notes);
  return {
    numerals,
    voices: voices?.notes ?? null,
    faults: voices?.faults ?? [],
    cost: end.cost + (voices ? COST.setting * voices.cost + COST.fault * voices.faults.length : COST.unset),
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
): { notes: FourNotes[]; cost: number; faults: readonly Fault[] } | null {
  const standing = steps.flatMap((step, at) => (step.passing ? [] : [at]));
  const locks = standing.map((at): readonly [Lock, Lock, Lock, Lock] =>
    voice === 'melody' ? [notes[at]!, null, null, null] : [null, null, null, notes[at]!],
  );
  const chords = standing.map((at) => steps[at]!.numeral);
  const problem = { key, numerals: chords, locks };
  const best = bestVoicing(problem);
  const legal = 'voices' in best;
  const found = legal ? best : nearestSetting(problem);
  if (!found) return null;
  const filled: FourNotes[] = [];
  steps.forEach((step, at) => {
    const set = step.passing ? filled[at - 1]! : found.voices[standing.indexOf(at)]!;
    const [soprano, alto, tenor, bass] = set;
    if (!step.passing) filled.push(set);
    else
      filled.push(voice === 'melody' ? [notes[at]!, alto, tenor, bass] : [soprano, alto, tenor, notes[at]!]);
  });
  const faults = faultsOfChords(
    found.voices,
    chords.map((numeral) => ({ numeral, key })),
    key,
    {},
  ).map((fault) => ({ ...fault, at: standing[fault.at]! }));
  return { notes: filled, cost: legal ? found.cost : 0, faults };
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
  const cost = harmonyStep(before.numeral, step.numeral);
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
