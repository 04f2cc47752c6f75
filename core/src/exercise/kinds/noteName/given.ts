import type { Clef } from '../../../key/scale';
import { type GivenFields, clefField, optionalField, textField, textsField } from '../../givenFields';

/** A note on a staff, with those that stand before it in its bar. */
export type NoteNameGiven = {
  readonly clef?: Clef;
  readonly key?: string;
  readonly earlier?: readonly string[];
  readonly note: string;
};

export const NOTE_NAME_FIELDS: GivenFields<NoteNameGiven> = {
  clef: optionalField(clefField),
  key: optionalField(textField),
  earlier: optionalField(textsField),
  note: textField,
};
