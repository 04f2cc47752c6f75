import type { Clef } from '../../../key/scale';
import { type GivenFields, clefField, optionalField, textField, textsField } from '../../givenFields';

/** A bass note with its figures. */
export type FiguresNameGiven = {
  readonly clef?: Clef;
  readonly key: string;
  readonly bass: string;
  readonly figures: readonly string[];
};

export const FIGURES_NAME_FIELDS: GivenFields<FiguresNameGiven> = {
  clef: optionalField(clefField),
  key: textField,
  bass: textField,
  figures: textsField,
};
