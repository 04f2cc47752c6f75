import type { Clef } from '../../../key/scale';
import { type GivenFields, clef, optional, someTexts, text } from '../../givenFields';

/** A note, an interval or a chord that is not spelled as its key wants it. */
export type EnharmonicRespellGiven = {
  readonly clef?: Clef;
  readonly key: string;
  readonly notes: readonly string[];
};

export const ENHARMONIC_RESPELL_FIELDS: GivenFields<EnharmonicRespellGiven> = {
  clef: optional(clef),
  key: text,
  notes: someTexts,
};
