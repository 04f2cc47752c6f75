import {
  type ClefGiven,
  type GivenFields,
  anyClefField,
  fourVoicesField,
  optionalField,
  textField,
  textListsField,
} from '../../givenFields';

/** A phrase for four voices, or the chords of a piece as they sound. */
export type ScoreLabelGiven = {
  readonly clef?: ClefGiven;
  readonly key: string;
  readonly voices?: readonly (readonly string[])[];
  readonly chords?: readonly (readonly string[])[];
};

export const SCORE_LABEL_FIELDS: GivenFields<ScoreLabelGiven> = {
  clef: optionalField(anyClefField),
  key: textField,
  voices: optionalField(fourVoicesField),
  chords: optionalField(textListsField),
};
