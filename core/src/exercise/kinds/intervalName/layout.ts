import { parseNote } from '../../../pitch/parse';
import { type QuestionLayout, onStaves } from '../../layout/questionLayout';
import { notesOnStaff } from '../../layout/staffLayout';
import type { IntervalNameGiven } from './given';

/** Two notes one after the other, after those of their bar. */
export const layoutIntervalName = (given: IntervalNameGiven): QuestionLayout =>
  onStaves(
    notesOnStaff(
      given,
      [...(given.earlier ?? []), given.from, given.to].map((text) => [parseNote(text)]),
    ),
  );
