import { TheoryError } from '../../errors';
import { printNoteName } from '../../pitch/print';
import { namesOfNotes, type ChordName } from '../chordQualities';
import { notesIn, rising } from '../givenReading';

/** The chord that the notes of moments make. Throws TheoryError `request` for notes that are none. */
export function chordHeard(moments: readonly (readonly string[])[]): ChordName {
  const notes = rising(moments.flatMap(notesIn));
  const [name] = namesOfNotes(notes);
  if (name) return name;
  throw new TheoryError(
    'request',
    notes.map(printNoteName).join(' '),
    'these notes are no triad or seventh chord.',
    'Give the notes of one chord: E4 G4 C5.',
  );
}
