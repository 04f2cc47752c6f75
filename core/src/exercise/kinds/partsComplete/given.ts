import {
  type ClefGiven,
  type GivenFields,
  anyClefField,
  openVoicesField,
  optionalField,
  someTextsField,
  textField,
} from '../../givenFields';

/** Numerals, and the voices that stand over them; null is to be written. */
export type PartsCompleteGiven = {
  readonly clef?: ClefGiven;
  readonly key: string;
  readonly numerals: readonly string[];
  readonly voices: readonly (readonly (string | null)[])[];
};

export const PARTS_COMPLETE_FIELDS: GivenFields<PartsCompleteGiven> = {
  clef: optionalField(anyClefField),
  key: textField,
  numerals: someTextsField,
  voices: openVoicesField,
};
