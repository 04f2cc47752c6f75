import type { GivenFields } from '../../givenFields';
import { soundingsField, type Sounding } from '../../heard/timedSound';

/** A scale upward from its tonic to the octave, note by note. */
export type HeardScaleGiven = {
  readonly before: readonly Sounding[];
  readonly sound: readonly Sounding[];
};

export const HEARD_SCALE_FIELDS: GivenFields<HeardScaleGiven> = {
  before: soundingsField,
  sound: soundingsField,
};
