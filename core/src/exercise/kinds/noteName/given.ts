import type { Clef } from '../../../key/scale';
import { type GivenFields, clef, optional, text, texts } from '../../givenFields';

/** A note on a staff, with those that stand before it in its bar. */
export type NoteNameGiven = {
  readonly clef?: Clef;
  readonly key?: string;
  readonly earlier?: readonly string[];
  readonly note: string;
};

export const NOTE_NAME_FIELDS: GivenFields<NoteNameGiven> = {
  clef: optional(clef),
  key: optional(text),
  earlier: optional(texts),
  note: text,
};
