import type { Clef } from '../../../key/scale';
import { type GivenFields, clefField, optionalField, someTextsField, textField } from '../../givenFields';

/** A note, an interval or a chord that is not spelled as its key wants it. */
export type EnharmonicRespellGiven = {
  readonly clef?: Clef;
  readonly key: string;
  readonly notes: readonly string[];
};

export const ENHARMONIC_RESPELL_FIELDS: GivenFields<EnharmonicRespellGiven> = {
  clef: optionalField(clefField),
  key: textField,
  notes: someTextsField,
};
