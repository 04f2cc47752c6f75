import { notesIn } from '../../givenReading';
import { type QuestionLayout, inLine } from '../../layout/questionLayout';
import { notesOnStaff } from '../../layout/staffLayout';
import type { HarmoniseGiven } from './given';

/** The melody with a blank under each note, and the chords that were taught. */
export const layoutHarmonise = (given: HarmoniseGiven): QuestionLayout =>
  inLine(
    notesOnStaff(
      given,
      notesIn(given.notes).map((note) => [note]),
    ),
    { say: 'chords', key: given.key, numerals: given.numerals },
    'blank',
  );
