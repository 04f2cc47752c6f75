import {
  type ClefGiven,
  type GivenFields,
  anyClefField,
  oneOfField,
  optionalField,
  textField,
  textListsField,
} from '../../givenFields';

/** A line of chords, and whether the cadence at its end is to be named too. */
export type ProgressionLabelGiven = {
  readonly clef?: ClefGiven;
  readonly key: string;
  readonly chords: readonly (readonly string[])[];
  readonly also?: 'cadence' | undefined;
};

export const PROGRESSION_LABEL_FIELDS: GivenFields<ProgressionLabelGiven> = {
  clef: optionalField(anyClefField),
  key: textField,
  chords: textListsField,
  also: optionalField(oneOfField(['cadence' as const])),
};
