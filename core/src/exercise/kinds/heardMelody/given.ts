import { type GivenFields, someTextsField } from '../../givenFields';
import { HEARD_IN_KEY_FIELDS, type HeardInKey } from '../../heard/heardQuestion';

/** A melody over chords that are given: single notes are the melody, several are the chords under it. */
export type HeardMelodyGiven = HeardInKey & { readonly numerals: readonly string[] };

export const HEARD_MELODY_FIELDS: GivenFields<HeardMelodyGiven> = {
  ...HEARD_IN_KEY_FIELDS,
  numerals: someTextsField,
};
