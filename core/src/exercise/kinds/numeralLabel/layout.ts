import { notesIn } from '../../givenReading';
import { type QuestionLayout, onStaves } from '../../layout/questionLayout';
import { notesOnStaff } from '../../layout/staffLayout';
import type { NumeralLabelGiven } from './given';

/** The chord on its staff, in its key. */
export const layoutNumeralLabel = (given: NumeralLabelGiven): QuestionLayout =>
  onStaves(notesOnStaff(given, [notesIn(given.notes)]), { say: 'key', key: given.key });
