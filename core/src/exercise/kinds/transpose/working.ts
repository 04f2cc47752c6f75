import { parseInterval } from '../../../interval/interval';
import { parseNote } from '../../../pitch/parse';
import { buildIntervalWorking } from '../../../working/intervalWorking';
import type { WorkingStep } from '../../../working/step';
import { notesIn } from '../../givenReading';
import type { TransposeGiven } from './given';
import { movedNotes } from './solve';

/** The first note worked out step by step, and every other moved by the same interval. */
export function workingTranspose(given: TransposeGiven): readonly WorkingStep[] {
  const { notes, by, below = false } = given;
  const interval = parseInterval(by);
  const moved = movedNotes(given);
  return [
    ...buildIntervalWorking(parseNote(notes[0]!), interval, below),
    ...notesIn(notes).map((from, at): WorkingStep => ({
      step: 'moved',
      from,
      to: moved[at]!,
      interval,
      below,
    })),
  ];
}
