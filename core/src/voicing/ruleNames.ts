import type { VoiceName } from './register';

/** The rules of four-part writing (docs/conventions.md; common practice). */
export const RULES = [
  'range', 'crossing', 'overlap', 'spacing', 'parallel-fifths', 'parallel-octaves', 'direct-fifths',
  'direct-octaves', 'leading-note', 'seventh', 'augmented-second', 'doubled-leading-note', 'contrary-fifths',
  'contrary-octaves', 'melodic-leap', 'unequal-fifths', 'cross-relation', 'missing-third', 'doubling',
  'six-four', 'ninth', 'suspension', 'lowered-second',
] as const; // prettier-ignore
export type Rule = (typeof RULES)[number];

/**
 * What a fault costs where nothing else is said, for rules that do not forbid: better avoided, but not at any
 * price.
 */
export const USUAL_WEIGHTS: Partial<Record<Rule, number>> = {
  'contrary-fifths': 6,
  'contrary-octaves': 6,
  'melodic-leap': 8,
  'unequal-fifths': 3,
  'cross-relation': 3,
  'missing-third': 6,
  doubling: 3,
  'six-four': 6,
  ninth: 5,
  suspension: 6,
  'lowered-second': 6,
};

/** A weight from which on a rule forbids, however the others stand: files hold no infinite number. */
export const FORBIDS = 1000;

/** A fault: the chord in which it is complete, the rule, and the voices from the top. */
export interface Fault {
  readonly at: number;
  readonly rule: Rule;
  readonly voices: readonly VoiceName[];
}
