import { attempt, TheoryError } from '../errors';
import { parseNoteIn } from '../pitch/letters';
import { parseNote } from '../pitch/parse';
import { parseLength, printLength } from '../time/length';
import { displayNote, printNote, type LetterSystem } from '../pitch/print';

/** A typed melody: the notes over each column, and pieces that were not understood. */
export interface MelodyLine {
  readonly groups: readonly (readonly string[])[];
  readonly faults: readonly { readonly start: number; readonly end: number; readonly error: TheoryError }[];
}

/**
 * Reads a melody over `columns` columns: notes with octaves, a slash before the
 * next column, as in `B4 A4 / G4 / - / F#4`. A dash or nothing leaves a column
 * without one, and a length in quarters may stand after a note: `B4:1/2`. A note that is not understood is
 * told in its place and left out.
 */
export function readMelody(text: string, columns: number, letters: LetterSystem = 'english'): MelodyLine {
  const groups: string[][] = [[]];
  const faults: { start: number; end: number; error: TheoryError }[] = [];
  for (const match of text.matchAll(/\/|[^\s/]+/gu)) {
    const [piece, start, end] = [match[0], match.index, match.index + match[0].length];
    if (piece === '/') {
      groups.push([]);
      if (groups.length === columns + 1)
        faults.push({
          start,
          end,
          error: new TheoryError(
            'entry',
            '/',
            `there are only ${columns} columns.`,
            'Add a chord first, or take the slash away.',
          ),
        });
      continue;
    }
    if (piece === '-') continue;
    const note = attempt(() => melodyPiece(piece, letters));
    if (note.ok) groups[groups.length - 1]!.push(note.value);
    else faults.push({ start, end, error: note.error });
  }
  return { groups: groups.slice(0, columns), faults };
}

/** A note of a typed melody as it is stored: `B4`, or `B4:1/2` with its length. */
function melodyPiece(piece: string, letters: LetterSystem): string {
  const [name, length] = piece.split(':') as [string, string?];
  const note = printNote(parseNoteIn(name, letters));
  if (length === undefined) return note;
  return `${note}:${printLength(parseLength(length))}`;
}

/** A melody as it is typed; nothing after the last column that has one. */
export function printMelody(
  groups: readonly (readonly string[] | undefined)[],
  letters: LetterSystem = 'english',
): string {
  const inLetters = (text: string) => {
    const [name, length] = text.split(':') as [string, string?];
    const note = parseNote(name);
    return `${displayNote(note, letters)}${length === undefined ? '' : `:${length}`}`;
  };
  const shown = (note: string) => (letters === 'english' ? note : inLetters(note));
  const texts = groups.map((group) => (group && group.length > 0 ? group.map(shown).join(' ') : '-'));
  while (texts[texts.length - 1] === '-') texts.pop();
  return texts.join(' / ');
}
