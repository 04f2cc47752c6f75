import type { DegreeNameGiven } from './given';

/** The names of the degrees, from the tonic up (common practice). */
export const DEGREES: readonly string[] = [
  ...['tonic', 'supertonic', 'mediant', 'subdominant', 'dominant', 'submediant', 'leading'],
];

/** The names among which one is chosen: minor has the subtonic too. */
export const degreeChoices = ({ key }: DegreeNameGiven): readonly string[] =>
  key.endsWith('minor') ? [...DEGREES, 'subtonic'] : DEGREES;
