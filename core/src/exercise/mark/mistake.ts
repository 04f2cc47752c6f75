import type { Given } from '../ask/question';

/**
 * A way of going wrong that makes a wrong answer out of a question: what is given is misread, and then answered
 * rightly, or what is right slips while it is worked out. Each gives its answers with the likeliest first.
 */
export interface Mistake {
  readonly id: string;
  /** The kinds of exercise in which it happens. */
  readonly kinds: readonly string[];
  readonly misreads?: (given: Given, kind: string) => readonly Given[];
  /** `right` is in the shape of the answers of the kind. */
  readonly slips?: (right: unknown, given: Given, kind: string) => readonly unknown[];
}

/** Kinds whose questions stand on one staff and are read from it. */
export const READ_FROM_STAFF = [
  ...['note-name', 'interval-name', 'interval-build', 'triad-name', 'seventh-name', 'extended-name'],
  ...['inversion-turn', 'numeral-label', 'figures-name', 'transpose'],
] as const;
