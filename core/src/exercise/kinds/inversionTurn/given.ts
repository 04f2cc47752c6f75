import type { Clef } from '../../../key/scale';
import { type GivenFields, clef, oneOf, optional, someTexts, text } from '../../givenFields';

/** A chord in close position, whose next inversion is wanted. */
export type InversionTurnGiven = {
  readonly clef?: Clef;
  readonly key?: string;
  readonly notes: readonly string[];
  readonly also?: 'note above the gap' | undefined;
};

export const INVERSION_TURN_FIELDS: GivenFields<InversionTurnGiven> = {
  clef: optional(clef),
  key: optional(text),
  notes: someTexts,
  also: optional(oneOf(['note above the gap' as const])),
};
