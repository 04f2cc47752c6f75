import {
  type ClefGiven,
  type GivenFields,
  anyClef,
  optional,
  someTexts,
  text,
  textLists,
} from '../../givenFields';

/** A figured bass. */
export type FiguresRealiseGiven = {
  readonly clef?: ClefGiven;
  readonly key: string;
  readonly basses: readonly string[];
  readonly figures: readonly (readonly string[])[];
};

export const FIGURES_REALISE_FIELDS: GivenFields<FiguresRealiseGiven> = {
  clef: optional(anyClef),
  key: text,
  basses: someTexts,
  figures: textLists,
};
