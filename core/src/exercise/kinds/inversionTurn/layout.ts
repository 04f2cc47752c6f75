import { notesIn } from '../../givenReading';
import { type QuestionLayout, onStaves } from '../../layout/questionLayout';
import { notesOnStaff } from '../../layout/staffLayout';
import type { InversionTurnGiven } from './given';

/** The chord; its next inversion is written beside it. */
export const layoutInversionTurn = (given: InversionTurnGiven): QuestionLayout =>
  onStaves(notesOnStaff(given, [notesIn(given.notes)], { written: true }));
