import { type GivenFields, anyClefField, type ClefGiven, textListsField } from '../../givenFields';
import { HEARD_IN_KEY_FIELDS, type HeardInKey } from '../../heard/heardQuestion';

/** A line as it is printed, and as it is played: one chord of it is another. */
export type HeardChangeGiven = HeardInKey & {
  readonly clef: ClefGiven;
  readonly chords: readonly (readonly string[])[];
};

export const HEARD_CHANGE_FIELDS: GivenFields<HeardChangeGiven> = {
  ...HEARD_IN_KEY_FIELDS,
  clef: anyClefField,
  chords: textListsField,
};
