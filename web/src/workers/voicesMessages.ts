import type { RuleWeights } from '@diatonix/core';

/**
 * What the page asks of the worker that sets four voices: numerals with their keys and locked notes, as plain
 * text.
 */
export interface VoicesRequest {
  readonly columns: readonly {
    readonly key: string;
    readonly numeral: string;
    readonly locks: readonly (string | null)[] | null;
  }[];
  readonly weights: RuleWeights;
  /** How many of the best are passed over. */
  readonly skip: number;
}

export type VoicesAnswer =
  | { readonly kind: 'found'; readonly voices: readonly (readonly string[])[]; readonly cost: number }
  | { readonly kind: 'blocked'; readonly at: number; readonly rule: string }
  | { readonly kind: 'no-more' }
  | { readonly kind: 'failed'; readonly message: string };
