import { attempt } from '../../../errors';
import { invert, printInterval, qualityLetters, simpleForm, type Interval } from '../../../interval/interval';
import { familyConfused, readIntervalName } from '../../../interval/readName';
import { inversionCheckWorking } from '../../../working/intervalWorking';
import type { Exercise } from '../../exercise';

/** What went wrong with the name of an inversion. */
export type InversionCause =
  | 'not-turned'
  | 'quality-not-swapped'
  | 'not-nine'
  | 'number-right'
  | 'major-for-perfect'
  | 'perfect-for-major'
  | 'unexplained';

/**
 * An interval, whose inversion is to be named: numbers sum to 9, perfect stays, the other qualities swap
 * (common practice). An augmented octave has none and throws TheoryError.
 */
export const INTERVAL_INVERT: Exercise<Interval, Interval, InversionCause> = {
  id: 'interval-invert',
  answer: invert,
  show: inversionCheckWorking,
  mark(interval, written) {
    const right = invert(interval);
    const read = attempt(() => readIntervalName(written));
    if (!read.ok) {
      const cause = familyConfused(written);
      return cause ? { verdict: 'wrong', right, cause } : { verdict: 'unreadable', error: read.error };
    }
    return printInterval(read.value) === printInterval(right)
      ? { verdict: 'right', right }
      : { verdict: 'wrong', right, cause: causeOf(simpleForm(interval), right, read.value) };
  },
};

function causeOf(simple: Interval, inversion: Interval, said: Interval): InversionCause {
  if (printInterval(said) === printInterval(simple)) return 'not-turned';
  if (said.number === inversion.number)
    return qualityLetters(said) === qualityLetters(simple) ? 'quality-not-swapped' : 'number-right';
  return said.number + simple.number === 9 ? 'unexplained' : 'not-nine';
}
