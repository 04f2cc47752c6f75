import type { Clef } from '../../../key/scale';
import { type GivenFields, clef, optional, someTexts, text } from '../../givenFields';

/** A chord on a staff under a signature. */
export type NumeralLabelGiven = {
  readonly clef?: Clef;
  readonly key: string;
  readonly notes: readonly string[];
};

export const NUMERAL_LABEL_FIELDS: GivenFields<NumeralLabelGiven> = {
  clef: optional(clef),
  key: text,
  notes: someTexts,
};
