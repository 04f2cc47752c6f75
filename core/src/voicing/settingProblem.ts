import { makeChord, type Chord } from '../chord/chord';
import { chordOfNumeral, type Numeral } from '../label/numeral';
import type { Key } from '../key/key';
import { sameName, sameNote, type Note, type NoteName } from '../pitch/note';
import { fourPartSettings, type FourNotes } from './fourPart';
import { reduceTo } from './omissions';
import { dutiesOfLine, withMembers, type VoiceLeadingDuties } from './voiceLeadingDuties';
import { FORBIDS, placedFault, USUAL_WEIGHTS, visitChord, visitStep, type Placed, type Rule } from './rules';

/** What a fault against each rule costs; Infinity forbids it, 0 switches the rule off. */
export type RuleWeights = Readonly<Partial<Record<Rule, number>>>;

/** A note that is fixed: with its octave, or only its name. */
export type Lock = Note | NoteName | null;

/** A progression to be set for four voices. */
export interface SettingProblem {
  readonly key: Key;
  readonly numerals: readonly Numeral[];
  /** The key that each numeral is counted in, where it is another. */
  readonly keys?: readonly Key[];
  /** For each chord the four voices that are fixed, from the soprano; null leaves a voice free. */
  readonly locks?: readonly (readonly [Lock, Lock, Lock, Lock])[];
  /** Every rule forbids unless it is given a weight here. */
  readonly weights?: RuleWeights;
}

export interface SettingFound {
  readonly voices: readonly FourNotes[];
  readonly cost: number;
}

/** Where no legal setting goes on, and the rule that blocks it: one that, lifted there, would let it. */
export interface Blocked {
  readonly at: number;
  readonly rule: Rule | 'not-in-chord' | 'several-rules';
}

/**
 * What moving costs, by voice and half step; leaps beyond a fourth cost more, and so do voices that all go
 * the same way.
 */
const MOTION = { perHalfStep: [0.12, 0.1, 0.1, 0.05], leap: 0.25, leapFrom: 5, allSameWay: 0.6, tritone: 1 };

interface Candidate extends Placed {
  readonly cost: number;
}

export interface VoicingColumn {
  readonly sense: VoiceLeadingDuties;
  readonly candidates: readonly Candidate[];
}

function weightOf(weights: RuleWeights, rule: Rule): number {
  const weight = weights[rule] ?? USUAL_WEIGHTS[rule] ?? Infinity;
  return weight >= FORBIDS ? Infinity : weight;
}

function keyAt({ key, keys }: SettingProblem, at: number): Key {
  return keys?.[at] ?? key;
}

export function chordAt(problem: SettingProblem, at: number): Chord {
  return chordOfNumeral(problem.numerals[at]!, keyAt(problem, at));
}

/** Settings of one chord that its locks and the rules within a chord allow. */
export function columnOf(problem: SettingProblem, at: number, weights: RuleWeights): VoicingColumn {
  const chord = fourNoteChord(chordAt(problem, at));
  const sense = withMembers(sensesAt(problem, at), chord);
  const locks = problem.locks?.[at];
  const candidates: Candidate[] = [];
  for (const { notes, cost } of fourPartSettings(chord)) {
    if (locks && !locks.every((lock, voice) => lock === null || isLocked(notes[voice]!, lock))) continue;
    const setting = placedFault(notes);
    let own = cost + unwantedDoubling(notes, chord, sense);
    visitChord(setting, sense, (rule) => (own += weightOf(weights, rule)));
    if (own < Infinity) candidates.push({ ...setting, cost: own });
  }
  candidates.sort((a, b) => a.cost - b.cost);
  return { sense, candidates };
}

/** The sense of a chord, which may depend on the next one. */
function sensesAt(problem: SettingProblem, at: number): VoiceLeadingDuties {
  const chords = [at, at + 1].flatMap((i) => {
    const numeral = problem.numerals[i];
    return numeral ? [{ numeral, key: keyAt(problem, i) }] : [];
  });
  return dutiesOfLine(chords)[0]!;
}

/** What another doubling costs than the one that the handbooks want for a chord. */
const UNWANTED_DOUBLING = 2.5;

function unwantedDoubling(notes: FourNotes, chord: Chord, { doubled }: VoiceLeadingDuties): number {
  if (!doubled || chord.members.length !== 3) return 0;
  let count = 0;
  for (const note of notes) if (sameName(note, doubled)) count++;
  return count >= 2 ? -UNWANTED_DOUBLING : UNWANTED_DOUBLING;
}

/** Four voices cannot hold more than four notes: the chord without what may be left out. */
export function fourNoteChord(chord: Chord): Chord {
  if (chord.members.length <= 4) return chord;
  return makeChord(chord.root, reduceTo(chord, 4).kept, chord.bass);
}

export function isLocked(note: Note, lock: Note | NoteName): boolean {
  return 'octave' in lock ? sameNote(note, lock) : sameName(note, lock);
}

/**
 * Best cost of reaching every candidate of a column. Predecessors come cheapest first, and are left as soon
 * as they can no longer win.
 */
export function advance(
  before: VoicingColumn,
  column: VoicingColumn,
  known: Float64Array,
  weights: RuleWeights,
): Float64Array {
  const order = [...known.keys()].filter((j) => known[j]! < Infinity).sort((a, b) => known[a]! - known[b]!);
  return Float64Array.from(column.candidates, (candidate) => {
    let least = Infinity;
    for (const j of order) {
      if (known[j]! >= least) break;
      const cost =
        known[j]! +
        motionBetween(
          before.candidates[j]!,
          candidate,
          before.sense,
          column.sense,
          weights,
          least - known[j]!,
        );
      if (cost < least) least = cost;
    }
    return least + candidate.cost;
  });
}

/**
 * What going from one setting to the next costs: motion, and the rules it offends. Infinity once it reaches
 * `limit`.
 */
export function motionBetween(
  from: Placed,
  to: Placed,
  before: VoiceLeadingDuties,
  after: VoiceLeadingDuties,
  weights: RuleWeights,
  limit = Infinity,
): number {
  let cost = motionCost(from.midi, to.midi);
  if (cost >= limit) return Infinity;
  visitStep(from, to, before, after, (rule) => (cost += weightOf(weights, rule)));
  return cost;
}

function motionCost(from: readonly number[], to: readonly number[]): number {
  let cost = 0;
  let ups = 0;
  let downs = 0;
  for (let voice = 0; voice < 4; voice++) {
    const move = to[voice]! - from[voice]!;
    const size = Math.abs(move);
    cost += MOTION.perHalfStep[voice]! * size;
    if (voice < 3 && size > MOTION.leapFrom) cost += MOTION.leap * (size - MOTION.leapFrom);
    if (voice < 3 && size === 6) cost += MOTION.tritone;
    if (move > 0) ups++;
    else if (move < 0) downs++;
  }
  return cost + (ups === 4 || downs === 4 ? MOTION.allSameWay : 0);
}
