import {
  type ClefGiven,
  type GivenFields,
  anyClefField,
  oneOfField,
  optionalField,
  someTextsField,
  textField,
  textListsField,
} from '../../givenFields';

/** A line of chords, and whether the cadence at its end is to be named too. */
export type ProgressionLabelGiven = {
  readonly clef?: ClefGiven;
  readonly key: string;
  /** The key of each chord, where it changes. */
  readonly keys?: readonly string[] | undefined;
  readonly chords: readonly (readonly string[])[];
  readonly also?: 'cadence' | undefined;
};

export const PROGRESSION_LABEL_FIELDS: GivenFields<ProgressionLabelGiven> = {
  clef: optionalField(anyClefField),
  key: textField,
  keys: optionalField(someTextsField),
  chords: textListsField,
  also: optionalField(oneOfField(['cadence' as const])),
};
