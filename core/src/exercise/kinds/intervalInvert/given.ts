import type { Clef } from '../../../key/scale';
import { type GivenFields, clefField, optionalField, textField } from '../../givenFields';

/** Two notes on a staff with the name of their interval. */
export type IntervalInvertGiven = {
  readonly clef?: Clef;
  readonly key?: string;
  readonly from: string;
  readonly to: string;
  readonly name?: string;
};

export const INTERVAL_INVERT_FIELDS: GivenFields<IntervalInvertGiven> = {
  clef: optionalField(clefField),
  key: optionalField(textField),
  from: textField,
  to: textField,
  name: optionalField(textField),
};
