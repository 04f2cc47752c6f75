import {
  type ClefGiven,
  type GivenFields,
  anyClefField,
  fourVoicesField,
  optionalField,
  someTextsField,
  textField,
  textListsField,
} from '../../givenFields';

/** A phrase for four voices, or the chords of a piece as they sound. */
export type ScoreLabelGiven = {
  readonly clef?: ClefGiven;
  readonly key: string;
  /** The key of each chord, where it changes. */
  readonly keys?: readonly string[] | undefined;
  readonly voices?: readonly (readonly string[])[];
  readonly chords?: readonly (readonly string[])[];
};

export const SCORE_LABEL_FIELDS: GivenFields<ScoreLabelGiven> = {
  clef: optionalField(anyClefField),
  key: textField,
  keys: optionalField(someTextsField),
  voices: optionalField(fourVoicesField),
  chords: optionalField(textListsField),
};
