import { type Interval, intervalBetween, printInterval } from '../../../interval/interval';
import { parseNote } from '../../../pitch/parse';
import type { IntervalNameGiven } from './given';

/** The interval from the first note to the second. */
export const intervalGiven = ({ from, to }: IntervalNameGiven): Interval =>
  intervalBetween(parseNote(from), parseNote(to));

export const solveIntervalName = (given: IntervalNameGiven): readonly string[] => [
  printInterval(intervalGiven(given)),
];
