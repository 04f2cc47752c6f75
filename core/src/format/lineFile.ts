import { parseKey, sameKey, type Key } from '../key';
import { rereadEntry, type Entry, type LineColumn } from '../progression';
import { attempt } from '../errors';

/** A progression as files carry it: its chords with the keys, phrase ends and rulings that were decided. */
export interface LineFile {
  readonly title: string;
  readonly key: Key;
  /** Quarter notes a minute; a chord lasts two quarters. */
  readonly tempo: number;
  readonly columns: readonly LineColumn[];
}

/** A file written or read, and what could not be carried over, a sentence each. */
export interface Carried<T> {
  readonly value: T;
  readonly remarks: readonly string[];
}

/** Quarters that a chord lasts. */
export const QUARTERS_A_CHORD = 2;

/** Entries that can all be read in the line's own key: numerals of other keys become the symbols of their chords. */
export function entriesInOneKey({ key, columns }: LineFile): Carried<Entry[]> {
  let area = key;
  let moved = 0;
  const value = columns.map(({ entry, key: marked }) => {
    const read = marked === undefined ? null : attempt(() => parseKey(marked));
    if (read?.ok) area = read.value;
    if (sameKey(area, key) || entry.kind !== 'numeral') return entry;
    moved++;
    return rereadEntry(entry, area);
  });
  const remarks =
    moved === 0 ? [] : [`${moved} ${moved === 1 ? 'numeral' : 'numerals'} of another key went as chord symbols: this format has one key for all.`];
  return { value, remarks };
}
