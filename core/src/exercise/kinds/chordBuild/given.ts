import type { Clef } from '../../../key/scale';
import { type GivenFields, clefField, optionalField, textField, wholeNumberField } from '../../givenFields';

/** A chord by its name, to be written under a signature. */
export type ChordBuildGiven = {
  readonly clef?: Clef;
  readonly key?: string;
  readonly root: string;
  readonly quality: string;
  readonly inversion: number;
};

export const CHORD_BUILD_FIELDS: GivenFields<ChordBuildGiven> = {
  clef: optionalField(clefField),
  key: optionalField(textField),
  root: textField,
  quality: textField,
  inversion: wholeNumberField,
};
