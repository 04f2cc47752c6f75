import { parseNote } from '../../../pitch/parse';
import { type QuestionLayout, onStaves } from '../../layout/questionLayout';
import { notesOnStaff } from '../../layout/staffLayout';
import type { IntervalInvertGiven } from './given';

/** The two notes and the name of their interval. */
export const layoutIntervalInvert = (given: IntervalInvertGiven): QuestionLayout =>
  onStaves(
    notesOnStaff(
      given,
      [given.from, given.to].map((text) => [parseNote(text)]),
    ),
    given.name === undefined ? null : { say: 'interval', name: given.name },
  );
