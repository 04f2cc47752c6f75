import type { Clef } from '../../../key/scale';
import {
  type GivenFields,
  clefField,
  flagField,
  optionalField,
  someTextsField,
  textField,
} from '../../givenFields';

/** Notes of a line, and how far they are moved. */
export type TransposeGiven = {
  readonly clef?: Clef;
  readonly key?: string;
  readonly notes: readonly string[];
  readonly by: string;
  readonly below?: boolean;
};

export const TRANSPOSE_FIELDS: GivenFields<TransposeGiven> = {
  clef: optionalField(clefField),
  key: optionalField(textField),
  notes: someTextsField,
  by: textField,
  below: optionalField(flagField),
};
