import {
  type ClefGiven,
  type GivenFields,
  anyClef,
  fourVoices,
  optional,
  text,
  textLists,
} from '../../givenFields';

/** A phrase for four voices, or the chords of a piece as they sound. */
export type ScoreLabelGiven = {
  readonly clef?: ClefGiven;
  readonly key: string;
  readonly voices?: readonly (readonly string[])[];
  readonly chords?: readonly (readonly string[])[];
};

export const SCORE_LABEL_FIELDS: GivenFields<ScoreLabelGiven> = {
  clef: optional(anyClef),
  key: text,
  voices: optional(fourVoices),
  chords: optional(textLists),
};
