import {
  type ClefGiven,
  type GivenFields,
  anyClef,
  openVoices,
  optional,
  someTexts,
  text,
} from '../../givenFields';

/** Numerals, and the voices that stand over them; null is to be written. */
export type PartsCompleteGiven = {
  readonly clef?: ClefGiven;
  readonly key: string;
  readonly numerals: readonly string[];
  readonly voices: readonly (readonly (string | null)[])[];
};

export const PARTS_COMPLETE_FIELDS: GivenFields<PartsCompleteGiven> = {
  clef: optional(anyClef),
  key: text,
  numerals: someTexts,
  voices: openVoices,
};
