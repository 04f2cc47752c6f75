import type { Clef } from '../../../key/scale';
import { type GivenFields, clefField, flagField, optionalField, textField } from '../../givenFields';

/** A note on a staff, the name of an interval and its direction. */
export type IntervalBuildGiven = {
  readonly clef?: Clef;
  readonly key?: string;
  readonly from: string;
  readonly name: string;
  readonly below?: boolean;
};

export const INTERVAL_BUILD_FIELDS: GivenFields<IntervalBuildGiven> = {
  clef: optionalField(clefField),
  key: optionalField(textField),
  from: textField,
  name: textField,
  below: optionalField(flagField),
};
