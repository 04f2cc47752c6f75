import type { Clef } from '../../../key/scale';
import { type GivenFields, clefField, optionalField, textField, textsField } from '../../givenFields';

/** Two notes on a staff, with those that stand before them in their bar. */
export type IntervalNameGiven = {
  readonly clef?: Clef;
  readonly key?: string;
  readonly earlier?: readonly string[];
  readonly from: string;
  readonly to: string;
};

export const INTERVAL_NAME_FIELDS: GivenFields<IntervalNameGiven> = {
  clef: optionalField(clefField),
  key: optionalField(textField),
  earlier: optionalField(textsField),
  from: textField,
  to: textField,
};
