import { notesIn } from '../../givenReading';
import { keyChanges } from '../../labelling';
import { type QuestionLayout, inLine } from '../../layout/questionLayout';
import { notesOnStaff } from '../../layout/staffLayout';
import type { ProgressionLabelGiven } from './given';

/** The chords on a grand staff, a blank under each. */
export const layoutProgressionLabel = (given: ProgressionLabelGiven): QuestionLayout =>
  inLine(
    notesOnStaff(given, given.chords.map(notesIn)),
    { say: 'key', key: given.key, changes: keyChanges(given) },
    'blank',
  );
