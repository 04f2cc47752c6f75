import { notesIn } from '../../givenReading';
import { type QuestionLayout, onStaves } from '../../layout/questionLayout';
import { notesOnStaff } from '../../layout/staffLayout';
import type { CadenceNameGiven } from './given';

/** The chords on a grand staff, in their key. */
export const layoutCadenceName = (given: CadenceNameGiven): QuestionLayout =>
  onStaves(notesOnStaff(given, given.chords.map(notesIn)), { say: 'key', key: given.key });
