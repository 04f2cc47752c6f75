import {
  type ClefGiven,
  type GivenFields,
  anyClefField,
  optionalField,
  someTextsField,
  textField,
  textListsField,
} from '../../givenFields';

/** A figured bass. */
export type FiguresRealiseGiven = {
  readonly clef?: ClefGiven;
  readonly key: string;
  readonly basses: readonly string[];
  readonly figures: readonly (readonly string[])[];
};

export const FIGURES_REALISE_FIELDS: GivenFields<FiguresRealiseGiven> = {
  clef: optionalField(anyClefField),
  key: textField,
  basses: someTextsField,
  figures: textListsField,
};
