import { IN_CADENCE_NAME } from '../../mistakes/cadences';
import {
  AUGMENTED_DIMINISHED,
  INVERTED,
  MAJOR_MINOR,
  MEASURING,
  OCTAVE_LEFT_OUT,
  inIntervalName,
  familiesConfused,
} from '../../mistakes/intervals';
import type { Mistake } from '../../mistakes/mistake';
import type { ListenGiven } from './given';

export const LISTEN_MISTAKES: readonly Mistake<ListenGiven, string | number>[] = [
  inIntervalName(INVERTED),
  familiesConfused,
  ...[MAJOR_MINOR, OCTAVE_LEFT_OUT, AUGMENTED_DIMINISHED, ...MEASURING].map(inIntervalName),
  ...IN_CADENCE_NAME,
];
