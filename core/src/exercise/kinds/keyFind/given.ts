import { MODES, type Mode } from '../../../key/key';
import {
  type ClefGiven,
  type GivenFields,
  anyClefField,
  oneOfField,
  optionalField,
  someTextsField,
  textListsField,
  textsField,
} from '../../givenFields';

/** A line of chords under a signature, and the keys between which one chooses. */
export type KeyFindGiven = {
  readonly clef?: ClefGiven;
  readonly signature?: readonly string[];
  readonly mode?: Mode;
  readonly candidates: readonly string[];
  readonly chords: readonly (readonly string[])[];
};

export const KEY_FIND_FIELDS: GivenFields<KeyFindGiven> = {
  clef: optionalField(anyClefField),
  signature: optionalField(textsField),
  mode: optionalField(oneOfField(MODES)),
  candidates: someTextsField,
  chords: textListsField,
};
