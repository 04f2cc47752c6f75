import { attempt, parseNote, staffPlaceWords, type Clef } from '@diatonix/core';
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

/** The line or space of a note, and the sign before it. */
function placeOf(text: string, clef: unknown): string {
  const read = attempt(() => {
    const note = parseNote(text);
    return { note, place: staffPlaceWords(note, clef as Clef) };
  });
  if (!read.ok) return '';
  const { note, place } = read.value;
  return `${place}${note.alteration > 0 ? ', with a sharp' : note.alteration < 0 ? ', with a flat' : ''}`;
}
