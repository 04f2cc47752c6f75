import type { Clef } from '../../../key/scale';
import { type GivenFields, clefField, optionalField, someTextsField, textField } from '../../givenFields';

/** A melody, and the chords that were taught. */
export type HarmoniseGiven = {
  readonly clef?: Clef;
  readonly key: string;
  readonly notes: readonly string[];
  readonly numerals: readonly string[];
};

export const HARMONISE_FIELDS: GivenFields<HarmoniseGiven> = {
  clef: optionalField(clefField),
  key: textField,
  notes: someTextsField,
  numerals: someTextsField,
};
