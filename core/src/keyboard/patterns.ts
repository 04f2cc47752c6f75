import type { Note } from '../pitch/note';
import type { Setting } from '../voicing/close';

/**
 * How the keyboard plays a chord: at once, broken up and back, the bass before the rest, or low, high,
 * middle, high (common practice).
 */
export const PATTERNS = ['block', 'broken', 'bass-first', 'low-high'] as const;
export type Pattern = (typeof PATTERNS)[number];

/**
 * One voice of a played chord: notes that follow each other, each set sounding for an equal share of its
 * length.
 */
export interface PlayedChord {
  readonly lower: readonly (readonly Note[])[];
  readonly upper: readonly (readonly Note[])[];
}

/** Steps of a broken chord: enough for all its notes, and even in every metre. */
const FEW_STEPS = 4;
const MANY_STEPS = 8;

/**
 * What each hand plays in order, in equal steps: an empty step is a rest. In
 * broken patterns the bass is held while the right hand goes through its notes.
 */
export function playedChord({ lower, upper }: Setting, pattern: Pattern): PlayedChord {
  switch (pattern) {
    case 'block':
      return { lower: [lower], upper: [upper] };
    case 'bass-first':
      return upper.length === 0
        ? { lower: [lower], upper: [[]] }
        : { lower: [lower, []], upper: [[], upper] };
    default:
      return { lower: [lower], upper: upper.length === 0 ? [[]] : brokenSteps(upper, pattern) };
  }
}

/** The notes of each step: up and back, or low, high, what lies between, high. */
function brokenSteps(notes: readonly Note[], pattern: 'broken' | 'low-high'): (readonly Note[])[] {
  const [low, high] = [notes[0]!, notes[notes.length - 1]!];
  if (pattern === 'low-high') return [[low], [high], notes.length > 2 ? notes.slice(1, -1) : [low], [high]];
  const top = notes.length - 1;
  const steps = notes.length <= FEW_STEPS ? FEW_STEPS : MANY_STEPS;
  return Array.from({ length: steps }, (_, step) => [
    notes[step <= top ? step : Math.max(0, 2 * top - step)]!,
  ]);
}
