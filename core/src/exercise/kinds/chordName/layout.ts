import { notesIn } from '../../givenReading';
import { type QuestionLayout, onStaves } from '../../layout/questionLayout';
import { notesOnStaff } from '../../layout/staffLayout';
import type { ChordNameGiven } from './given';

/** The chord on its staff. */
export const layoutChord = (given: ChordNameGiven): QuestionLayout =>
  onStaves(notesOnStaff(given, [notesIn(given.notes)]));
