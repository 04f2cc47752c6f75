import type { Clef } from '../../../key/scale';
import { type GivenFields, clef, flag, optional, someTexts, text } from '../../givenFields';

/** Notes of a line, and how far they are moved. */
export type TransposeGiven = {
  readonly clef?: Clef;
  readonly key?: string;
  readonly notes: readonly string[];
  readonly by: string;
  readonly below?: boolean;
};

export const TRANSPOSE_FIELDS: GivenFields<TransposeGiven> = {
  clef: optional(clef),
  key: optional(text),
  notes: someTexts,
  by: text,
  below: optional(flag),
};
