import { parseNote } from '../../../pitch/parse';
import { type QuestionLayout, onStaves } from '../../layout/questionLayout';
import { notesOnStaff } from '../../layout/staffLayout';
import type { IntervalBuildGiven } from './given';

/** The note that is given; the other is written beside it. */
export const layoutIntervalBuild = (given: IntervalBuildGiven): QuestionLayout =>
  onStaves(notesOnStaff(given, [[parseNote(given.from)]], { written: true }), {
    say: 'interval',
    name: given.name,
    direction: given.below ? 'below' : 'above',
  });
