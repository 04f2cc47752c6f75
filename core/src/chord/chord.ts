import { intervalUp, nameAbove } from '../interval/interval';
import { perObject } from '../memo';
import { accidentalAscii } from '../pitch/print';
import { sameName, type NoteName } from '../pitch/note';

/**
 * One member of a chord, measured against the major scale of the root: degree
 * 1–13, alteration in half steps. The minor third is {3, −1}, the minor
 * seventh {7, −1}, the sharp ninth {9, +1}.
 */
export interface Member {
  readonly degree: number;
  readonly alteration: number;
}

/**
 * A chord: a root, the members really present (sorted by degree, then by
 * alteration), and the lowest note. A member left out, the root included, is
 * simply not there; the lowest note may be foreign to the stack (C/D).
 */
export interface Chord {
  readonly root: NoteName;
  readonly members: readonly Member[];
  readonly bass: NoteName;
}

/** Members sorted by degree, then alteration, without repeats. */
export function sortMembers(members: readonly Member[]): readonly Member[] {
  if (isSorted(members)) return members;
  const sorted = [...members].sort(byDegree);
  return sorted.filter((m, i) => i === 0 || byDegree(m, sorted[i - 1]!) !== 0);
}

function byDegree(a: Member, b: Member): number {
  return a.degree - b.degree || a.alteration - b.alteration;
}

function isSorted(members: readonly Member[]): boolean {
  for (let i = 1; i < members.length; i++) if (byDegree(members[i - 1]!, members[i]!) >= 0) return false;
  return true;
}

/** The spelled note of a member on a root. Throws past a triple alteration. */
export function memberNote(root: NoteName, member: Member): NoteName {
  return nameAbove(root, { number: member.degree, deviation: member.alteration });
}

/** A chord in root position, or over the given bass. */
export function makeChord(root: NoteName, members: readonly Member[], bass?: NoteName): Chord {
  const sorted = sortMembers(members);
  const lowest = bass ?? (sorted[0] ? memberNote(root, sorted[0]) : root);
  return { root, members: sorted, bass: lowest };
}

/** Note names from the lowest member of the stack upward, inversion ignored. */
export const stackedNotes: (chord: Chord) => readonly NoteName[] = perObject((chord: Chord) =>
  chord.members.map((member) => memberNote(chord.root, member)),
);

/**
 * Note names from the bass upward in close position; in root position the
 * ninth and beyond stay on top of the stack. A foreign bass comes first.
 */
export function notesFromBass(chord: Chord): readonly NoteName[] {
  const notes = stackedNotes(chord);
  const at = notes.findIndex((note) => sameName(note, chord.bass));
  if (at < 0) return [chord.bass, ...notes];
  if (at === 0) return notes;
  const withinOctave = chord.members[chord.members.length - 1]!.degree <= 7;
  if (withinOctave) return [...notes.slice(at), ...notes.slice(0, at)];
  // The bass comes first, before another note of its letter that is lowered.
  const order = notes.map((note) => ({
    note,
    height: sameName(note, chord.bass) ? 0 : heightAbove(chord.bass, note),
  }));
  return order.sort((a, b) => a.height - b.height).map(({ note }) => note);
}

/** Sorting key within the octave above the bass: letters first, then accidentals. */
function heightAbove(bass: NoteName, note: NoteName): number {
  const up = intervalUp(bass, note);
  return up.number * 20 + up.deviation;
}

/** The member that is lowest, or null when the bass is foreign to the stack. */
export function bassMember(chord: Chord): Member | null {
  const notes = stackedNotes(chord);
  for (let i = 0; i < notes.length; i++) if (sameName(notes[i]!, chord.bass)) return chord.members[i]!;
  return null;
}

const INVERSION_OF_DEGREE: Record<number, number> = {
  1: 0,
  3: 1,
  2: 1,
  4: 1,
  5: 2,
  6: 3,
  7: 3,
  9: 4,
  11: 5,
  13: 6,
};

/** 0 root position, 1 first inversion … 4 ninth in the bass …; null over a foreign bass. */
export function inversionOf(chord: Chord): number | null {
  const member = bassMember(chord);
  return member ? INVERSION_OF_DEGREE[member.degree]! : null;
}

/** The same chord with the next member up (`by` 1) or down (−1) in the bass, wrapping round. */
export function invertChord(chord: Chord, by: number): Chord {
  const notes = stackedNotes(chord);
  const at = notes.findIndex((note) => sameName(note, chord.bass));
  const next = at < 0 ? 0 : (at + by + notes.length * Math.abs(by)) % notes.length;
  return { ...chord, bass: notes[next]! };
}

/** The same stack on another root, the bass moved along. */
export function transposeChord(chord: Chord, move: (name: NoteName) => NoteName): Chord {
  return { root: move(chord.root), members: chord.members, bass: move(chord.bass) };
}

export function sameChord(a: Chord, b: Chord): boolean {
  return (
    sameName(a.root, b.root) &&
    sameName(a.bass, b.bass) &&
    a.members.length === b.members.length &&
    a.members.every((m, i) => m.degree === b.members[i]!.degree && m.alteration === b.members[i]!.alteration)
  );
}

/** `b9`, `#11`, `5`: a degree with its alteration against the major scale. */
export function printMember(member: Member): string {
  return accidentalAscii(member.alteration) + member.degree;
}

/** The member that a note is, seen from a root: thirds, fifths, sevenths within the octave, else 9 11 13. */
export function memberFrom(root: NoteName, note: NoteName): Member {
  const { number, deviation } = intervalUp(root, note);
  const degree = number % 2 === 0 ? number + 7 : number;
  return { degree, alteration: deviation };
}

/** Convenience for tables: members from pairs of degree and alteration. */
export function members(...pairs: readonly (readonly [number, number])[]): Member[] {
  return pairs.map(([degree, alteration]) => ({ degree, alteration }));
}
