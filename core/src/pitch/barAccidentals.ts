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

/**
 * As accidentalsInBar, for a whole line: columns in order, each with the bar in which it stands and the groups
 * that sound in it one after the other. Returns, by column and group, whether each note carries an accidental.
 * `signature` may change along the line and is asked for each column.
 */
export function accidentalsThrough(
  columns: readonly { readonly bar: number; readonly groups: readonly (readonly Note[])[] }[],
  signature: (step: number, column: number) => number,
): boolean[][][] {
  const signs: boolean[][][] = [];
  for (let start = 0; start < columns.length;) {
    let end = start + 1;
    while (end < columns.length && columns[end]!.bar === columns[start]!.bar) end++;
    const own = columns.slice(start, end);
    const flat = accidentalsInBar(
      own.flatMap(({ groups }) => groups),
      (step) => signature(step, start),
    );
    let next = 0;
    for (const { groups } of own) signs.push(flat.slice(next, (next += groups.length)));
    start = end;
  }
  return signs;
}
