import type { Clef } from '../../../key/scale';
import {
  type GivenFields,
  clefField,
  oneOfField,
  optionalField,
  someTextsField,
  textField,
} from '../../givenFields';

/** A chord in close position, whose next inversion is wanted. */
export type InversionTurnGiven = {
  readonly clef?: Clef;
  readonly key?: string;
  readonly notes: readonly string[];
  readonly also?: 'note above the gap' | undefined;
};

export const INVERSION_TURN_FIELDS: GivenFields<InversionTurnGiven> = {
  clef: optionalField(clefField),
  key: optionalField(textField),
  notes: someTextsField,
  also: optionalField(oneOfField(['note above the gap' as const])),
};
