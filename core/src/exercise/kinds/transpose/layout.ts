import { notesIn } from '../../givenReading';
import { type QuestionLayout, onStaves } from '../../layout/questionLayout';
import { notesOnStaff } from '../../layout/staffLayout';
import type { TransposeGiven } from './given';

/** The line; it is written again on the same staff. */
export const layoutTranspose = (given: TransposeGiven): QuestionLayout =>
  onStaves(
    notesOnStaff(
      given,
      notesIn(given.notes).map((note) => [note]),
      { written: true },
    ),
    { say: 'interval', name: given.by, direction: given.below ? 'lower' : 'higher' },
  );
