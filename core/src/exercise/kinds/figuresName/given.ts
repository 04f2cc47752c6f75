import type { Clef } from '../../../key/scale';
import { type GivenFields, clef, optional, text, texts } from '../../givenFields';

/** A bass note with its figures. */
export type FiguresNameGiven = {
  readonly clef?: Clef;
  readonly key: string;
  readonly bass: string;
  readonly figures: readonly string[];
};

export const FIGURES_NAME_FIELDS: GivenFields<FiguresNameGiven> = {
  clef: optional(clef),
  key: text,
  bass: text,
  figures: texts,
};
