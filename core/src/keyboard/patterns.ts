import type { Note } from '../pitch';
import type { Setting } from '../voicing/close';

/** How the keyboard plays a chord: at once, broken up and back, the bass before the rest, or low, high, middle, high (common practice). */
export const PATTERNS = ['block', 'broken', 'bass-first', 'low-high'] as const;
export type Pattern = (typeof PATTERNS)[number];

/** One voice of a played chord: notes that follow each other, each set sounding for an equal share of its length. */
export interface PlayedChord {
  readonly lower: readonly (readonly Note[])[];
  readonly upper: readonly (readonly Note[])[];
}

/** Steps of a broken chord: enough for both of its ways, and even in every metre. */
const STEPS = 4;

/**
 * What each hand plays in order, in equal steps: an empty step is a rest. In
 * broken patterns the bass is held while the right hand goes through its notes.
 */
export function playedChord({ lower, upper }: Setting, pattern: Pattern): PlayedChord {
  switch (pattern) {
    case 'block':
      return { lower: [lower], upper: [upper] };
    case 'bass-first':
      return upper.length === 0 ? { lower: [lower], upper: [[]] } : { lower: [lower, []], upper: [[], upper] };
    default:
      return { lower: [lower], upper: upper.length === 0 ? [[]] : order(upper.length, pattern).map((at) => [upper[at]!]) };
  }
}

/** Which of the notes, counted from the lowest, each step takes. */
function order(count: number, pattern: 'broken' | 'low-high'): number[] {
  const top = count - 1;
  if (pattern === 'low-high') {
    const middle = count > 2 ? 1 : 0;
    return [0, top, middle, top];
  }
  return Array.from({ length: STEPS }, (_, step) => (count >= STEPS ? Math.min(step, top) : step <= top ? step : Math.max(0, 2 * top - step)));
}
