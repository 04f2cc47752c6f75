import { attempt } from '../../errors';
import type { Key } from '../../key';
import { printNumeral } from '../../label';
import { printNote, type Note } from '../../pitch';
import { readEntry, settingsOf, type Entry } from '../../progression';
import { readMusicXml, type ColumnIn } from './read';
import { writeMusicXml } from './write';

export interface ProgressionFile {
  readonly title: string;
  readonly key: Key;
  readonly tempo: number;
  readonly entries: readonly Entry[];
}

/** A progression as MusicXML. Throws TheoryError for an unreadable entry. */
export function progressionToMusicXml({ title, key, tempo, entries }: ProgressionFile): string {
  const settings = settingsOf(entries, key);
  const columns = entries.map((entry, index) => {
    const { chord, numeral } = readEntry(entry, key);
    return { chord, numeral: printNumeral(numeral, key), setting: settings[index]! };
  });
  return writeMusicXml({ title, key, tempo, columns });
}

/**
 * A progression from MusicXML. A label is kept as the entry where the notes in
 * the file are the ones it would be set to; elsewhere the notes are the entry.
 * `unread` counts columns that held fewer than two different notes and no label.
 */
export function progressionFromMusicXml(text: string): ProgressionFile & { readonly unread: number } {
  const score = readMusicXml(text);
  const columns = score.columns.filter((column) => column.label !== null || isChord(column, score.key));
  const labels = columns.map((column) => column.label ?? notesEntry(column.notes));
  const settings = settingsOf(labels, score.key);
  const entries = columns.map((column, index) => {
    const label = labels[index]!;
    const setting = settings[index]!;
    const same = sameNotes([...setting.lower, ...setting.upper], column.notes);
    return same || column.notes.length === 0 || !isChord(column, score.key) ? label : notesEntry(column.notes);
  });
  return { title: score.title, key: score.key, tempo: score.tempo ?? 80, entries, unread: score.columns.length - columns.length };
}

function notesEntry(notes: readonly Note[]): Entry {
  return { kind: 'notes', notes: notes.map(printNote) };
}

function isChord(column: ColumnIn, key: Key): boolean {
  return attempt(() => readEntry(notesEntry(column.notes), key)).ok;
}

function sameNotes(one: readonly Note[], other: readonly Note[]): boolean {
  const sort = (notes: readonly Note[]) => [...notes].map(printNote).sort();
  return one.length === other.length && sort(one).join() === sort(other).join();
}
