import { attempt } from '../../../errors';
import { intervalBetween, printInterval, type Interval } from '../../../interval/interval';
import { familyConfused, readIntervalName } from '../../../interval/readName';
import { intervalWorking } from '../../../working/intervalWorking';
import type { Exercise } from '../../exercise';
import { causeOf, type IntervalCause, type IntervalQuestion } from './causes';

/** The interval between two notes on a staff, to be named: `m6`, `perfect fourth`. */
export const INTERVAL_NAME: Exercise<IntervalQuestion, Interval, IntervalCause> = {
  id: 'interval-name',
  answer: ({ from, to }) => intervalBetween(from, to),
  show: ({ from, to }) => intervalWorking(from, to, 'scale'),
  mark(question, written) {
    const right = INTERVAL_NAME.answer(question);
    const read = attempt(() => readIntervalName(written));
    if (!read.ok) {
      const confused = familyConfused(written);
      return confused
        ? { verdict: 'wrong', right, cause: { kind: confused } }
        : { verdict: 'unreadable', error: read.error };
    }
    return printInterval(read.value) === printInterval(right)
      ? { verdict: 'right', right }
      : { verdict: 'wrong', right, cause: causeOf(question, right, read.value) };
  },
};
