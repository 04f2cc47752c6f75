import type { Clef } from '../../../key/scale';
import { type GivenFields, clefField, optionalField, someTextsField, textField } from '../../givenFields';

/** A chord on a staff under a signature. */
export type NumeralLabelGiven = {
  readonly clef?: Clef;
  readonly key: string;
  readonly notes: readonly string[];
};

export const NUMERAL_LABEL_FIELDS: GivenFields<NumeralLabelGiven> = {
  clef: optionalField(clefField),
  key: textField,
  notes: someTextsField,
};
