import type { Key } from '../key/key';
import { closeSettings, givenSetting, type Setting } from '../voicing/close';
import { readEntry, type Entry } from './entry';

/**
 * The notes of every column as shown and played: given notes as they stand,
 * the rest in the plain close setting. Entries must be readable in the key.
 */
export function settingsOf(entries: readonly Entry[], key: Key): Setting[] {
  const reads = entries.map((entry) => readEntry(entry, key));
  const close = closeSettings(reads.map((read) => read.chord));
  return reads.map((read, index) => (read.notes ? givenSetting(read.notes) : close[index]!));
}
