import type { LabelledColumn } from '../context/labels';
import { parseMelodyEntry } from '../line/melodyNotes';
import { melodyAgainst, type MelodyNote } from '../voicing/harmonise';

const NOTHING: readonly MelodyNote[] = [];

/** The melody over a whole line, against the chord under each note; by column, counted from its first note. */
export function melodyOver(
  columns: readonly { readonly melody?: readonly string[] }[],
  labelled: readonly LabelledColumn[],
): (readonly MelodyNote[])[] {
  if (columns.every(({ melody }) => melody === undefined)) return columns.map(() => NOTHING);
  const notes = columns.flatMap(({ melody }, column) =>
    (melody ?? []).map((note, own) => ({ note: parseMelodyEntry(note).note, column, own })),
  );
  const chords = notes.map(({ column }) => {
    const one = labelled[column]!;
    return one.ok ? one.labels.chord : null;
  });
  const found = columns.map((): MelodyNote[] => []);
  for (const one of melodyAgainst(
    notes.map(({ note }) => note),
    chords,
  ))
    found[notes[one.at]!.column]!.push({ ...one, at: notes[one.at]!.own });
  return found;
}
