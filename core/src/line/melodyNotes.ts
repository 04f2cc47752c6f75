import { TheoryError } from '../errors';
import { parseNote } from '../pitch/parse';
import type { Note } from '../pitch/note';
import { parseLength } from '../time/length';

/** A note of a melody, with its length in ticks where one is said. */
export interface MelodyEntry {
  readonly note: Note;
  readonly ticks: number | null;
}

/** Reads `B4`, or `B4:1/2` with a length in quarters. Throws TheoryError `note` or `request`. */
export function parseMelodyEntry(text: string): MelodyEntry {
  const match = /^([^:]+)(?::(.+))?$/.exec(text.trim());
  if (!match) throw new TheoryError('note', text, 'this is not a note.', 'Write for example B4 or B4:1/2.');
  return { note: parseNote(match[1]!), ticks: match[2] === undefined ? null : parseLength(match[2]) };
}

/**
 * When the notes of a melody over one column begin and end, in ticks from its beginning: each as long as it
 * says, the others sharing what is left alike. Where the lengths said do not come out with the column, all
 * keep their proportions and are fitted into it.
 */
export function melodySpans(
  melody: readonly string[],
  ticks: number,
): { readonly note: Note; readonly from: number; readonly to: number }[] {
  const entries = melody.map(parseMelodyEntry);
  const said = entries.reduce((sum, one) => sum + (one.ticks ?? 0), 0);
  const unsaid = entries.filter((one) => one.ticks === null).length;
  const rest = ticks - said;
  const share = unsaid === 0 ? 0 : rest > 0 ? rest / unsaid : said / Math.max(1, entries.length - unsaid);
  const total = said + share * unsaid;
  const scale = total === 0 ? 0 : ticks / total;
  let at = 0;
  return entries.map(({ note, ticks: own }) => {
    const from = Math.round(at * scale);
    at += own ?? share;
    return { note, from, to: Math.round(at * scale) };
  });
}
