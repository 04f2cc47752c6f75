import { midiNumber, type Note } from '../pitch/note';

/** Fingers from the lowest note up, for each hand. `stretch` warns of more than an octave. */
export interface ChordFingering {
  readonly right: readonly number[];
  readonly left: readonly number[];
  readonly stretch: boolean;
}

/** Said wherever a stretch is asked for. */
export const HAND_CARE = 'Stop if the hand hurts, and ask a teacher or a doctor.';

/** Said in place of fingers where one hand does not reach. */
export const BEYOND_HAND = 'divide between the hands, or roll';

const OCTAVE = 12;
/** A major tenth: no hand is asked for more (common practice; many reach less). */
const WIDEST = 16;
/** Up to here a neighbouring finger reaches the outer note of a four-note chord. */
const SMALL_GAP = 3;

/**
 * Fingering of a chord in close position, two to five notes from the lowest up
 * (common practice; hands differ). Triads by their inversion: right 1-3-5, first
 * inversion 1-2-5, second 1-3-5; left 5-3-1, 5-3-1, 5-2-1. Four notes: 1-2-3-5 or
 * 1-2-4-5 by the gap under the outer finger. Null for more notes than fingers, and beyond
 * a tenth.
 */
export function chordFingering(notes: readonly Note[]): ChordFingering | null {
  const heights = notes.map(midiNumber).sort((a, b) => a - b);
  const gaps = heights.slice(1).map((height, i) => height - heights[i]!);
  const stretch = heights.length > 0 && heights[heights.length - 1]! - heights[0]! > OCTAVE;
  if (heights.length > 0 && heights[heights.length - 1]! - heights[0]! > WIDEST) return null;
  switch (heights.length) {
    case 2:
      return { right: [1, 5], left: [5, 1], stretch };
    case 3: {
      // A fourth on top marks the first inversion, a fourth below the second.
      const first = gaps[1]! > 4 && gaps[0]! <= 4;
      const second = gaps[0]! > 4;
      // Two neighbouring keys on top take neighbouring fingers: the fifth left out of an inverted seventh
      // chord.
      const neighbours = gaps[1]! <= 2;
      return {
        right: first ? [1, 2, 5] : neighbours ? [1, 4, 5] : [1, 3, 5],
        left: second ? [5, 2, 1] : [5, 3, 1],
        stretch,
      };
    }
    case 4: {
      // With its lowest note again on top the hand is open, and the fourth finger takes a major third too.
      const near = heights[3]! - heights[0]! === OCTAVE ? SMALL_GAP + 1 : SMALL_GAP;
      return {
        right: [1, 2, gaps[2]! <= near ? 4 : 3, 5],
        left: [5, gaps[0]! <= near ? 4 : 3, 2, 1],
        stretch,
      };
    }
    case 5:
      return { right: [1, 2, 3, 4, 5], left: [5, 4, 3, 2, 1], stretch };
    default:
      return null;
  }
}
