import { MODES, type Mode } from '../../../key/key';
import type { Clef } from '../../../key/scale';
import { type GivenFields, clefField, oneOfField, optionalField, textsField } from '../../givenFields';

/** A signature by its notes in their order, and whether its major or its minor key is wanted. */
export type SignatureNameGiven = {
  readonly clef?: Clef;
  readonly signature: readonly string[];
  readonly mode?: Mode;
};

export const SIGNATURE_NAME_FIELDS: GivenFields<SignatureNameGiven> = {
  clef: optionalField(clefField),
  signature: textsField,
  mode: optionalField(oneOfField(MODES)),
};
