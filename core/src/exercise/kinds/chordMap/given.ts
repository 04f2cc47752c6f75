import type { StackTop } from '../../../label/chordMap';
import { type GivenFields, oneOfField, someOfField, textField } from '../../givenFields';
import { MAP_ROWS, type MapRow } from '../../mapRows';

/** The key of a map, how high its chords are stacked, and the rows that are blank. */
export type ChordMapGiven = {
  readonly key: string;
  readonly stack: StackTop;
  readonly blank: readonly MapRow[];
};

export const CHORD_MAP_FIELDS: GivenFields<ChordMapGiven> = {
  key: textField,
  stack: oneOfField<StackTop>([5, 7, 9, 11, 13]),
  blank: someOfField(MAP_ROWS),
};
