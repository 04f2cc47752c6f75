import type { Clef } from '../../../key/scale';
import { type GivenFields, clefField, optionalField, textField } from '../../givenFields';

/** A key whose signature is wanted. */
export type SignatureWriteGiven = { readonly clef?: Clef; readonly key: string };

export const SIGNATURE_WRITE_FIELDS: GivenFields<SignatureWriteGiven> = {
  clef: optionalField(clefField),
  key: textField,
};
