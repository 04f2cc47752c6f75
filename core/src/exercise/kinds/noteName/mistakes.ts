import { printedFifths } from '../../../key/key';
import { signatureAlteration } from '../../../key/scale';
import { parseNote } from '../../../pitch/parse';
import { printNote } from '../../../pitch/print';
import { keyIn } from '../../givenReading';
import type { Mistake } from '../../mistakes/mistake';
import { accidentalLeftOut, noteOctaveOff } from '../../mistakes/notes';
import { staffReading, stepOff } from '../../mistakes/reading';
import type { NoteNameGiven } from './given';

/** The accidental of a note earlier in the bar: forgotten where it holds, carried on where it does not. */
function inBar(given: NoteNameGiven, holds: boolean): readonly NoteNameGiven[] {
  const [text] = given.earlier ?? [];
  if (text === undefined) return [];
  const [earlier, note] = [parseNote(text), parseNote(given.note)];
  if (earlier.step !== note.step || (earlier.octave === note.octave) !== holds) return [];
  const signed = signatureAlteration(printedFifths(keyIn(given)), note.step);
  return [{ ...given, note: printNote({ ...note, alteration: holds ? signed : earlier.alteration }) }];
}

const reread = (given: NoteNameGiven, read: (note: string) => string): NoteNameGiven => ({
  ...given,
  ...(given.earlier ? { earlier: given.earlier.map(read) } : {}),
  note: read(given.note),
});

export const NOTE_NAME_MISTAKES: readonly Mistake<NoteNameGiven, string>[] = [
  { id: 'accidental-of-bar-forgotten', inReading: true, misreads: (given) => inBar(given, true) },
  { id: 'accidental-carried-to-octave', inReading: true, misreads: (given) => inBar(given, false) },
  ...staffReading(reread, 'one note'),
  stepOff((given: NoteNameGiven, read) => ({ ...given, note: read(given.note) })),
  accidentalLeftOut,
  noteOctaveOff,
];
