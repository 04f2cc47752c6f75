import { gapsOf, printFormula } from '../chord/build';
import { bassMember, memberNote, stackedNotes, type Chord } from '../chord/chord';
import { describe } from '../chord/describe';
import { stackQuality } from '../chord/stackQuality';
import { dropDoublings } from '../chord/identify';
import { inversionWords } from '../chord/inversionNames';
import { halfSteps, intervalUp, nameAbove } from '../interval/interval';
import { type Key, signatureFifths } from '../key/key';
import { degreeOf, scaleOf, signatureAlteration } from '../key/scale';
import { printFigure, shortFigures } from '../label/figures';
import type { Numeral } from '../label/numeral';
import { understoodIn } from '../label/understood';
import { sameName, type NoteName } from '../pitch/note';
import type { WorkingStep } from './step';

/** The ways of working a chord out that the margin offers. */
export const CHORD_WAYS = ['thirds', 'formula', 'half-steps', 'key'] as const;
export type ChordWay = (typeof CHORD_WAYS)[number];

export interface ChordContext {
  readonly key: Key;
  readonly numeral: Numeral;
  /** Set where the chord was built on a degree of the key's scale. */
  readonly fromDegree?: number;
}

/** The working for building a chord, in one of the four ways. */
export function chordWorking(chord: Chord, way: ChordWay, context: ChordContext): WorkingStep[] {
  switch (way) {
    case 'thirds':
      return byThirds(chord, context);
    case 'formula':
      return formulaWorking(chord);
    case 'half-steps':
      return halfStepsWorking(chord);
    case 'key':
      return fromKey(chord, context);
  }
}

/** Stacked thirds: measure each, then put the qualities together. */
function byThirds(chord: Chord, { key, numeral, fromDegree }: ChordContext): WorkingStep[] {
  const notes = stackedNotes(chord);
  const steps: WorkingStep[] = [];
  if (fromDegree !== undefined) steps.push({ step: 'every-other', degree: fromDegree, notes });
  else steps.push({ step: 'restack', notes, root: chord.root });
  steps.push(...thirdSteps(notes));
  const intervals = notes.slice(1).map((note, i) => intervalUp(notes[i]!, note));
  steps.push({ step: 'thirds-make', intervals, quality: stackQuality(chord.members), numeral, key });
  return steps;
}

function thirdSteps(notes: readonly NoteName[]): WorkingStep[] {
  return notes.slice(1).map((to, index): WorkingStep => {
    const interval = intervalUp(notes[index]!, to);
    return { step: 'third', from: notes[index]!, to, halfSteps: halfSteps(interval), interval };
  });
}

/** Each member against the major scale of the root. */
export function formulaWorking(chord: Chord): WorkingStep[] {
  const scaleNotes = chord.members.map((m) => nameAbove(chord.root, { number: m.degree, deviation: 0 }));
  const steps: WorkingStep[] = [{ step: 'root-scale', root: chord.root, notes: scaleNotes }];
  chord.members.forEach((member, index) => {
    if (member.alteration !== 0)
      steps.push({
        step: 'formula-member',
        member,
        scaleNote: scaleNotes[index]!,
        note: memberNote(chord.root, member),
      });
  });
  steps.push({
    step: 'formula',
    formula: printFormula(chord),
    quality: stackQuality(chord.members),
  });
  return steps;
}

/** Half steps counted up from the root, gap by gap. */
export function halfStepsWorking(chord: Chord): WorkingStep[] {
  const notes = stackedNotes(chord);
  const gaps = gapsOf(chord);
  const steps: WorkingStep[] = gaps.map((gap, index) => ({
    step: 'count-up',
    from: notes[index]!,
    to: notes[index + 1]!,
    gap,
  }));
  steps.push({ step: 'gaps', gaps, quality: stackQuality(chord.members) });
  return steps;
}

/** From the key: what the signature gives, and the raised notes of minor. */
function fromKey(chord: Chord, { key, numeral }: ChordContext): WorkingStep[] {
  const notes = stackedNotes(chord);
  const { degree, alteration } = degreeOf(key, chord.root);
  const natural = scaleOf(key);
  const foreign = notes.filter((note) => !natural.some((other) => sameName(other, note)));
  const steps: WorkingStep[] = [{ step: 'degree-of-root', root: chord.root, degree, alteration, key }];
  const leading = key.mode === 'minor' ? scaleOf(key, 'harmonic')[6]! : null;
  steps.push({ step: 'in-signature', key, notes: notes.filter((note) => !foreign.includes(note)), foreign });
  for (const note of foreign) {
    if (leading && sameName(note, leading))
      steps.push({
        step: 'raised-leading',
        note,
        plain: { step: note.step, alteration: signatureAlteration(signatureFifths(key), note.step) },
        key,
      });
  }
  steps.push({
    step: 'thirds-make',
    intervals: notes.slice(1).map((note, i) => intervalUp(notes[i]!, note)),
    quality: stackQuality(chord.members),
    numeral,
    key,
  });
  return steps;
}

/** Where notes are doubled, what stays without them. */
function dropped(notes: readonly NoteName[]): WorkingStep[] {
  const distinct = dropDoublings(notes);
  return distinct.length < notes.length ? [{ step: 'drop-doublings', notes: distinct }] : [];
}

/**
 * The working for naming a chord from its notes, lowest first: doublings,
 * restacking, half steps, what is missing or added, then the lowest note.
 */
export function nameChordWorking(notes: readonly NoteName[], chord: Chord, key: Key | null): WorkingStep[] {
  const stacked = stackedNotes(chord);
  const steps: WorkingStep[] = dropped(notes);
  steps.push({ step: 'restack', notes: stacked, root: chord.root });
  const named = key ? understoodIn(chord, key) : chord;
  const description = describe(named.members);
  const supplied = named.members.filter((m) => !chord.members.includes(m));
  if (key && supplied.length > 0)
    steps.push({
      step: 'understood',
      degrees: supplied.map(({ degree }) => degree),
      notes: supplied.map((m) => memberNote(chord.root, m)),
      stack: stackedNotes(named),
      key,
    });
  steps.push({ step: 'gaps', gaps: gapsOf(named), quality: stackQuality(named.members) });
  if (description.omitted.length > 0) steps.push({ step: 'missing', degrees: description.omitted });
  const extra = [...description.altered, ...description.added];
  if (extra.length > 0) steps.push({ step: 'added', members: extra });
  steps.push(...inversionWorking(chord, key));
  return steps;
}

/** The working for naming a chord from its notes, lowest first, by the scale of its root or by counted half steps. */
export function nameChordWay(
  notes: readonly NoteName[],
  chord: Chord,
  way: 'formula' | 'half-steps',
): WorkingStep[] {
  return [
    ...dropped(notes),
    { step: 'restack', notes: stackedNotes(chord), root: chord.root },
    ...(way === 'formula' ? formulaWorking(chord) : halfStepsWorking(chord)),
    ...inversionWorking(chord, null),
  ];
}

/** Why a chord has its inversion and figures: the lowest member, and what the figures count. */
export function inversionWorking(chord: Chord, key: Key | null): WorkingStep[] {
  return [
    {
      step: 'lowest',
      note: chord.bass,
      member: bassMember(chord),
      inversion: inversionWords(chord),
      figures: shortFigures(chord, key).map(printFigure),
    },
  ];
}

/**
 * Two quick ways to the root of a close-position chord: the note above the gap
 * (the fourth, or in a seventh chord the second) is the root; and the letter
 * triple that spells the stack.
 */
export function rootShortcuts(chord: Chord): WorkingStep[] {
  const { root } = chord;
  const member = bassMember(chord);
  const stacked = stackedNotes(chord);
  const below = member && member.degree !== 1 ? (stacked[stacked.length - 1] ?? null) : null;
  return [
    { step: 'above-gap', below, root },
    { step: 'letter-triple', letters: stacked, root },
  ];
}

const OCTAVE = 12;

/**
 * The quick way to a seventh: down from the octave by a half step (major), a whole step (minor) or three half
 * steps (diminished). Empty without a seventh.
 */
export function seventhShortcut(chord: Chord): WorkingStep[] {
  const member = chord.members.find((m) => m.degree === 7);
  if (!member) return [];
  const seventh = memberNote(chord.root, member);
  const interval = intervalUp(chord.root, seventh);
  return [
    {
      step: 'seventh-from-octave',
      root: chord.root,
      seventh,
      halfSteps: OCTAVE - halfSteps(interval),
      interval,
    },
  ];
}

/**
 * What a chord is by the members that are really there; `asked` is the symbol that was asked for, where it is
 * another.
 */
export function whatItIs(chord: Chord, asked: string | null = null): WorkingStep {
  return { step: 'what-it-is', members: chord.members, quality: stackQuality(chord.members), asked };
}
