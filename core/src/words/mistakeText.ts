import type { MaterialText } from '../exercise/generating/material';

/** What a pupil is told of a mistake, its short name for a list, and what trains it. */
export interface MistakeText {
  readonly name: string;
  readonly sentence: string;
  readonly remedy: { readonly kind: string; readonly material?: MaterialText };
}

/** A mistake in words, with the exercise that trains it. */
export const mistakeText = (
  name: string,
  sentence: string,
  kind: string,
  material?: MaterialText,
): MistakeText => ({
  name,
  sentence,
  remedy: material ? { kind, material } : { kind },
});

export const SHARP_KEYS = ['D major', 'A major', 'E major', 'B minor', 'F# minor', 'C# minor'];
export const FLAT_KEYS = ['Bb major', 'Eb major', 'Ab major', 'G minor', 'C minor', 'F minor'];
export const SIGNED = [...SHARP_KEYS, ...FLAT_KEYS];
