import { attempt, parseNote, staffPosition, staffRange, type Clef } from '@diatonix/core';
import type { PupilQuestion } from './work';

/** Kinds that ask for the name of what stands on the staff: there its place is said instead. */
const NAMES_ASKED = new Set(['note-name', 'signature-name']);

const FIELDS = ['from', 'to', 'note', 'notes', 'chords', 'bass', 'voices', 'basses'];

/** What stands on the staff, for one who does not see it; where its name is asked for, the line or space. */
export function staffSaid({ kind, given }: PupilQuestion): string {
  const clef = typeof given['clef'] === 'string' ? `${given['clef']} clef` : '';
  const signs = Array.isArray(given['signature']) ? given['signature'].map(String) : [];
  if (kind === 'signature-name') {
    const sort = signs[0]?.includes('#') ? 'sharp' : 'flat';
    return `${clef}, ${signs.length} ${sort}${signs.length === 1 ? '' : 's'} in the signature`;
  }
  const written = FIELDS.flatMap((field) => (given[field] === undefined ? [] : [listed(given[field])]));
  const notes = NAMES_ASKED.has(kind)
    ? FIELDS.flatMap((field) =>
        typeof given[field] === 'string' ? [placeOf(given[field], given['clef'])] : [],
      )
    : written;
  const key = typeof given['key'] === 'string' ? `, key ${given['key']}` : '';
  return `${clef}${key}: ${notes.join(', ')}`;
}

const listed = (value: unknown): string =>
  Array.isArray(value) ? value.map(listed).join(' ') : value === null ? 'blank' : String(value);

const ORDINALS = ['first', 'second', 'third', 'fourth', 'fifth'];

/** The line or space of a note, counted from the lowest line. */
function placeOf(text: string, clef: unknown): string {
  const place = attempt(() => staffPosition(parseNote(text)) - staffRange(clef as Clef, 0).low);
  if (!place.ok) return '';
  const from = place.value;
  const sign = /#|b/.exec(text.slice(1))?.[0];
  const signed = sign === '#' ? ', with a sharp' : sign === 'b' ? ', with a flat' : '';
  const ledgers = (count: number, where: string) =>
    `${from % 2 === 0 ? 'on' : 'beyond'} ledger line ${count} ${where} the staff${signed}`;
  if (from === -1) return `under the first line${signed}`;
  if (from === 9) return `over the fifth line${signed}`;
  if (from < 0) return ledgers(Math.floor(-from / 2), 'below');
  if (from > 9) return ledgers(Math.floor((from - 8) / 2), 'above');
  const what = from % 2 === 0 ? 'line' : 'space';
  const at = Math.floor(from / 2);
  return `${ORDINALS[at]} ${what}${signed}`;
}
