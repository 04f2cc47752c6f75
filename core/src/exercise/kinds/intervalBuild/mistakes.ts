import { COUNTING_OFF, inWantedInterval } from '../../mistakes/intervals';
import type { Mistake } from '../../mistakes/mistake';
import { accidentalLeftOut, noteOctaveOff } from '../../mistakes/notes';
import { type Reread, staffReading, stepOff } from '../../mistakes/reading';
import type { IntervalBuildGiven } from './given';

const reread: Reread<IntervalBuildGiven> = (given, read) => ({ ...given, from: read(given.from) });

export const INTERVAL_BUILD_MISTAKES: readonly Mistake<IntervalBuildGiven, string>[] = [
  ...staffReading(reread, 'one note'),
  stepOff(reread),
  { id: 'wrong-direction', misreads: (given) => [{ ...given, below: !given.below }] },
  ...COUNTING_OFF.map((turn) =>
    inWantedInterval<IntervalBuildGiven>(
      turn,
      ({ name }) => name,
      (given, name) => ({ ...given, name }),
    ),
  ),
  accidentalLeftOut,
  noteOctaveOff,
];
