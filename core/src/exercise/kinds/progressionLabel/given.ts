import {
  type ClefGiven,
  type GivenFields,
  anyClef,
  oneOf,
  optional,
  text,
  textLists,
} from '../../givenFields';

/** A line of chords, and whether the cadence at its end is to be named too. */
export type ProgressionLabelGiven = {
  readonly clef?: ClefGiven;
  readonly key: string;
  readonly chords: readonly (readonly string[])[];
  readonly also?: 'cadence' | undefined;
};

export const PROGRESSION_LABEL_FIELDS: GivenFields<ProgressionLabelGiven> = {
  clef: optional(anyClef),
  key: text,
  chords: textLists,
  also: optional(oneOf(['cadence' as const])),
};
