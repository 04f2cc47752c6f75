import { sameName } from '../pitch/note';
import { chordMap, type MapColumn, type StackTop } from './chordMap';
import type { Key } from '../key/key';
import { scaleOf } from '../key/scale';

/** A column of a minor key's map; `raised` where it takes the leading note from the harmonic form. */
export interface MinorColumn extends MapColumn {
  readonly raised: boolean;
}

/** The degrees on which the raised leading note makes the key's own dominant chords (common practice). */
const DOMINANT_DEGREES = [5, 7];

/**
 * The natural minor map with the harmonic chords beside the natural ones where
 * both are in use: v and V, VII and vii°. Nine columns.
 */
export function minorMap(key: Key, top: StackTop = 5): readonly MinorColumn[] {
  const harmonic = chordMap(key, top, 'harmonic');
  return chordMap(key, top, 'natural').flatMap((column, index) => {
    const plain: MinorColumn = { ...column, raised: false };
    return DOMINANT_DEGREES.includes(column.degree)
      ? [plain, { ...harmonic[index]!, raised: true }]
      : [plain];
  });
}

/** The raised leading note of a minor key. */
export function raisedLeading(key: Key) {
  return scaleOf(key, 'harmonic')[6]!;
}

/** Whether a note is the raised leading note of a minor key. */
export function isRaisedLeading(key: Key, note: { step: number; alteration: number }): boolean {
  return key.mode === 'minor' && sameName(raisedLeading(key), note as ReturnType<typeof raisedLeading>);
}
