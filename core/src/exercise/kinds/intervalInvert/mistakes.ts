import { attempt } from '../../../errors';
import { parseInterval, printInterval, qualityLetters, simpleForm } from '../../../interval/interval';
import {
  AUGMENTED_DIMINISHED,
  MAJOR_MINOR,
  QUALITY_NOT_MEASURED,
  inIntervalName,
  sameQuality,
  familiesConfused,
} from '../../mistakes/intervals';
import type { Mistake } from '../../mistakes/mistake';
import type { IntervalInvertGiven } from './given';
import { intervalToTurn } from './solve';

export const INTERVAL_INVERT_MISTAKES: readonly Mistake<IntervalInvertGiven, string>[] = [
  { id: 'not-turned', slips: (_, given) => [printInterval(simpleForm(intervalToTurn(given)))] },
  {
    id: 'quality-not-swapped',
    slips(right, given) {
      const { number } = parseInterval(right);
      const name = `${qualityLetters(intervalToTurn(given))}${number}`;
      return attempt(() => parseInterval(name)).ok ? [name] : [];
    },
  },
  familiesConfused,
  ...[MAJOR_MINOR, AUGMENTED_DIMINISHED].map(inIntervalName),
  {
    id: 'sum-not-nine',
    slips(right) {
      const interval = parseInterval(right);
      return [-1, 1]
        .map((by) => interval.number + by)
        .filter((number) => number >= 1 && number <= 8)
        .flatMap((number) => [sameQuality(interval, number), { number, deviation: 0 }])
        .map(printInterval);
    },
  },
  {
    id: 'perfect-swapped',
    slips: (right) => (right.startsWith('P') ? ['d', 'A'].map((one) => right.replace('P', one)) : []),
  },
  inIntervalName(QUALITY_NOT_MEASURED),
];
