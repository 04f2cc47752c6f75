import { type GivenFields, oneOfField } from '../../givenFields';
import { soundingsField, type Sounding } from '../../heard/timedSound';

/** One chord, a triad or a seventh chord. */
export type HeardChordGiven = {
  readonly size: 'triad' | 'seventh';
  readonly before: readonly Sounding[];
  readonly sound: readonly Sounding[];
};

export const HEARD_CHORD_FIELDS: GivenFields<HeardChordGiven> = {
  size: oneOfField(['triad', 'seventh'] as const),
  before: soundingsField,
  sound: soundingsField,
};
