import type { Note } from './note';

/**
 * Which notes of a bar carry an accidental on the staff: one that leaves the
 * signature, or cancels an accidental standing earlier in the bar. An
 * accidental holds to the end of its bar, for its own octave (common practice).
 * `groups` are the notes in order, those of one group sounding together;
 * `signature` gives a letter's alteration in the signature. Returns, for each
 * group, whether each of its notes carries one.
 */
export function accidentalsInBar(
  groups: readonly (readonly Note[])[],
  signature: (step: number) => number,
): boolean[][] {
  const held = new Map<number, number>();
  return groups.map((notes) => {
    const before = new Map(held);
    return notes.map((note) => {
      const place = note.octave * 7 + note.step;
      const inForce = before.get(place) ?? signature(note.step);
      held.set(place, note.alteration);
      return note.alteration !== inForce;
    });
  });
}
