import { HOW_PLAYED, type HowPlayed } from '../../generating/material';
import { type GivenFields, oneOfField } from '../../givenFields';
import { soundingsField, type Sounding } from '../../heard/timedSound';

/** Two notes, together, upward or downward. */
export type HeardIntervalGiven = {
  readonly how: HowPlayed;
  readonly before: readonly Sounding[];
  readonly sound: readonly Sounding[];
};

export const HEARD_INTERVAL_FIELDS: GivenFields<HeardIntervalGiven> = {
  how: oneOfField(HOW_PLAYED),
  before: soundingsField,
  sound: soundingsField,
};
