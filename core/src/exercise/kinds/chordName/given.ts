import type { Clef } from '../../../key/scale';
import { type GivenFields, clefField, optionalField, someTextsField, textField } from '../../givenFields';

/** The notes of a chord on a staff. */
export type ChordNameGiven = {
  readonly clef?: Clef;
  readonly key?: string;
  readonly notes: readonly string[];
};

export const CHORD_NAME_FIELDS: GivenFields<ChordNameGiven> = {
  clef: optionalField(clefField),
  key: optionalField(textField),
  notes: someTextsField,
};
