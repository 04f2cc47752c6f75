import { parseNote } from '../../../pitch/parse';
import { intervalWorking } from '../../../working/intervalWorking';
import type { WorkingStep } from '../../../working/step';
import type { WorkingWays } from '../../question';
import type { IntervalNameGiven } from './given';

/** By the scale of the lower note, unless another way is chosen. */
export function workingIntervalName(
  given: IntervalNameGiven,
  ways: WorkingWays = {},
): readonly WorkingStep[] {
  const [from, to] = [parseNote(given.from), parseNote(given.to)];
  // Nobody knows the scale on a double sharp: the signs are taken off first.
  return intervalWorking(from, to, ways.intervals ?? (Math.abs(from.alteration) > 1 ? 'strip' : 'scale'));
}
