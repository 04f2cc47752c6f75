import {
  type ClefGiven,
  type GivenFields,
  anyClefField,
  optionalField,
  textField,
  textListsField,
} from '../../givenFields';

/** The last chords of a phrase. */
export type CadenceNameGiven = {
  readonly clef?: ClefGiven;
  readonly key: string;
  readonly chords: readonly (readonly string[])[];
};

export const CADENCE_NAME_FIELDS: GivenFields<CadenceNameGiven> = {
  clef: optionalField(anyClefField),
  key: textField,
  chords: textListsField,
};
