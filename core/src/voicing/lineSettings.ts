import type { Chord } from '../chord/chord';
import type { Key } from '../key/key';
import { closeVoicings, givenSetting, type Setting } from './close';
import type { Note } from '../pitch/note';
import { chordOfEntry, type Entry } from '../line/entry';

/**
 * The notes of every column as shown and played: given notes as they stand,
 * the rest in the plain close setting. Entries must be readable in the key.
 */
export function settingsOf(entries: readonly Entry[], key: Key): Setting[] {
  return settingsOfChords(entries.map((entry) => chordOfEntry(entry, key)));
}

/** As settingsOf, for chords that are read already; `notes` where they were given with octaves. */
export function settingsOfChords(
  reads: readonly { readonly chord: Chord; readonly notes: readonly Note[] | null }[],
): Setting[] {
  const close = closeVoicings(reads.map(({ chord }) => chord));
  return reads.map(({ notes }, index) => (notes ? givenSetting(notes) : close[index]!));
}
