import { type ClefGiven, type GivenFields, anyClef, optional, text, textLists } from '../../givenFields';

/** The last chords of a phrase. */
export type CadenceNameGiven = {
  readonly clef?: ClefGiven;
  readonly key: string;
  readonly chords: readonly (readonly string[])[];
};

export const CADENCE_NAME_FIELDS: GivenFields<CadenceNameGiven> = {
  clef: optional(anyClef),
  key: text,
  chords: textLists,
};
