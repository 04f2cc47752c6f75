import type { Mistake, AnswerSlip } from './mistake';

/** Cadences that are taken for each other. */
const PAIRS: readonly (readonly [id: string, a: string, b: string])[] = [
  ['cadence-by-first-chord', 'authentic', 'deceptive'],
  ['cadence-by-last-chord', 'authentic', 'plagal'],
  ['cadence-turned-round', 'authentic', 'half'],
  ['half-for-plagal', 'half', 'plagal'],
];

const swapped = (cadence: unknown, a: string, b: string): string[] =>
  cadence === a ? [b] : cadence === b ? [a] : [];

/** Mistakes in the name of a cadence. */
export const IN_CADENCE_NAME: readonly AnswerSlip<unknown>[] = PAIRS.map(([id, a, b]) => ({
  id,
  slips: (right) => swapped(right, a, b),
}));

/** Another cadence is written than the one that is wanted. */
export const inWantedCadence = <Given extends { readonly cadence: string }>(): readonly Mistake<Given>[] =>
  PAIRS.map(([id, a, b]) => ({
    id,
    misreads: (given) => swapped(given.cadence, a, b).map((cadence) => ({ ...given, cadence })),
  }));
