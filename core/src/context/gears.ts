import { pitchClass } from '../pitch/note';
import { membersId } from './chordIn';
import type { Chord } from '../chord/chord';

/** A phrase has so many chords at least, and so many of them come again. */
const LEAST_PHRASE = 3;
/** Half and whole steps up, and thirds either way: where songs lift a phrase (common practice). */
const LIFTS = [1, 2, 3, 4, 8, 9];
const HALF_STEP_FIFTHS = 7;

/**
 * Where a phrase comes again higher or lower as a whole: by the index of its first chord, how many fifths on the line
 * its key lies from the one before, taken the short way round. Chords are compared by sound. A sequence of two chords
 * is none.
 */
export function gearChanges(chords: readonly Chord[]): ReadonlyMap<number, number> {
  const found = new Map<number, number>();
  const kinds = chords.map(({ members }) => membersId(members));
  const roots = chords.map(({ root }) => pitchClass(root));
  for (let at = LEAST_PHRASE; at <= chords.length - LEAST_PHRASE; at++) {
    for (let from = 0; from <= at - LEAST_PHRASE; from++) {
      const lift = (roots[at]! - roots[from]! + 12) % 12;
      if (!LIFTS.includes(lift)) continue;
      let same = 0;
      while (
        at + same < chords.length &&
        from + same < at &&
        kinds[at + same] === kinds[from + same] &&
        (roots[at + same]! - roots[from + same]! + 12) % 12 === lift
      )
        same++;
      const different = new Set(roots.slice(from, from + same)).size;
      if (same >= LEAST_PHRASE && different >= LEAST_PHRASE && isWhole(at, from, same, chords.length)) {
        const fifths = (lift * HALF_STEP_FIFTHS) % 12;
        found.set(at, fifths > 6 ? fifths - 12 : fifths);
        break;
      }
    }
  }
  return found;
}

/** The phrase is lifted as a whole: it begins the piece or reaches up to its end, or four chords of it come again. */
const isWhole = (at: number, from: number, same: number, length: number): boolean =>
  same > LEAST_PHRASE || (from === 0 && at + same === length);
