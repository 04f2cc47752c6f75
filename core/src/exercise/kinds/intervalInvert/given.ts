import type { Clef } from '../../../key/scale';
import { type GivenFields, clef, optional, text } from '../../givenFields';

/** Two notes on a staff with the name of their interval. */
export type IntervalInvertGiven = {
  readonly clef?: Clef;
  readonly key?: string;
  readonly from: string;
  readonly to: string;
  readonly name?: string;
};

export const INTERVAL_INVERT_FIELDS: GivenFields<IntervalInvertGiven> = {
  clef: optional(clef),
  key: optional(text),
  from: text,
  to: text,
  name: optional(text),
};
