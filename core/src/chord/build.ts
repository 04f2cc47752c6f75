import { TheoryError } from '../errors';
import { midiNumber, modulo, type Note, type NoteName } from '../pitch/note';
import { readAccidentals } from '../pitch/parse';
import { makeChord, memberFrom, type Chord, type Member } from './chord';

/**
 * Stacks thirds on a degree of a seven-note scale, up to `top` (5 triad, 7
 * seventh, 9, 11, 13). `degree` is 1–7. Computed from the scale, whatever it is.
 */
export function stackOnDegree(scale: readonly NoteName[], degree: number, top: 5 | 7 | 9 | 11 | 13): Chord {
  if (!Number.isInteger(degree) || degree < 1 || degree > 7) {
    throw new TheoryError(
      'degree',
      String(degree),
      'a chord is built on a degree from 1 to 7.',
      'Write a number from 1 to 7.',
    );
  }
  const root = scale[degree - 1]!;
  const members: Member[] = [];
  for (let third = 0; third * 2 + 1 <= top; third++) {
    const note = scale[modulo(degree - 1 + 2 * third, 7)]!;
    members.push({ ...memberFrom(root, note), degree: third * 2 + 1 });
  }
  return makeChord(root, members);
}

/**
 * A chord from its formula against the root's major scale: `1 b3 5 b7`.
 * Degrees 1–7, 9, 11, 13. Throws TheoryError `formula`.
 */
export function chordFromFormula(root: NoteName, formula: string): Chord {
  const parts = formula.trim().split(/[\s,]+/);
  const members = parts.map((part): Member => {
    const { alteration, end } = readAccidentals(part, 0);
    const degree = Number(part.slice(end));
    if (
      ![1, 2, 3, 4, 5, 6, 7, 9, 11, 13].includes(degree) ||
      Math.abs(alteration) > 2 ||
      (degree === 1 && alteration !== 0)
    ) {
      throw new TheoryError(
        'formula',
        formula,
        `“${part}” is not a member of a chord.`,
        'Write degrees of the root’s major scale with b or #: 1 b3 5 b7.',
      );
    }
    return { degree, alteration };
  });
  return makeChord(root, members);
}

/** The formula of a chord: `1 b3 5 b7`, read again by chordFromFormula. */
export function printFormula(chord: Chord): string {
  return chord.members
    .map((m) => (m.alteration < 0 ? 'b'.repeat(-m.alteration) : '#'.repeat(m.alteration)) + m.degree)
    .join(' ');
}

/** Half steps of the major scale's degrees above the root, by degree − 1. */
const MAJOR_SCALE = [0, 2, 4, 5, 7, 9, 11];

/** Half steps from the root up to a member (the ninth is above the octave). */
export function memberHalfSteps(member: Member): number {
  return MAJOR_SCALE[(member.degree - 1) % 7]! + 12 * Math.floor((member.degree - 1) / 7) + member.alteration;
}

/** Half steps between neighbours of the stack: 4, 3, 3 for a dominant seventh. */
export function gapsOf(chord: Chord): number[] {
  return chord.members
    .slice(1)
    .map((member, index) => memberHalfSteps(member) - memberHalfSteps(chord.members[index]!));
}

/**
 * A chord from a root and the half steps of its stacked thirds, such as
 * `[3, 4, 3]`: every gap must be a third (2–5 half steps, spelled by letters).
 * Throws TheoryError `formula`.
 */
export function chordFromHalfSteps(root: NoteName, gaps: readonly number[]): Chord {
  const members: Member[] = [{ degree: 1, alteration: 0 }];
  let height = 0;
  if (
    gaps.length < 1 ||
    gaps.length > 6 ||
    gaps.some((gap) => !Number.isInteger(gap) || gap < 2 || gap > 5)
  ) {
    throw new TheoryError(
      'formula',
      gaps.join(' '),
      'a stack of thirds has one to six gaps of 2 to 5 half steps.',
      'Write for example 4 3 3 for a dominant seventh.',
    );
  }
  gaps.forEach((gap, index) => {
    height += gap;
    const degree = index * 2 + 3;
    members.push({ degree, alteration: height - memberHalfSteps({ degree, alteration: 0 }) });
  });
  return makeChord(root, members);
}

/** Half steps between neighbours of notes as they stand, from the lowest up. */
export function halfStepsUp(notes: readonly Note[]): number[] {
  return notes.slice(1).map((note, index) => midiNumber(note) - midiNumber(notes[index]!));
}
