import {
  attempt,
  blockedBy,
  nearestSetting,
  parseKey,
  parseNote,
  parseNumeral,
  printNote,
  settingsInOrder,
  type Blocked,
  type FourNotes,
  type Lock,
  type RuleWeights,
  type SettingProblem,
} from '@diatonix/core';

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
  | {
      readonly kind: 'found';
      readonly voices: readonly (readonly string[])[];
      readonly cost: number;
      /** What the best of all costs. */
      readonly least: number;
    }
  | {
      readonly kind: 'blocked';
      readonly at: number;
      readonly rule: Blocked['rule'];
      /** The setting that breaks the fewest rules; null where a chord cannot be set at all. */
      readonly voices: readonly (readonly string[])[] | null;
    }
  | { readonly kind: 'no-more' }
  | { readonly kind: 'failed'; readonly message: string };

/**
 * Finds the setting that is asked for, the best or one of the next. Everything goes through as plain text.
 */
function find({ columns, weights, skip }: VoicesRequest): VoicesAnswer {
  const keys = columns.map(({ key }) => parseKey(key));
  const problem: SettingProblem = {
    key: keys[0]!,
    keys,
    numerals: columns.map(({ numeral }, at) => parseNumeral(numeral, keys[at]!)),
    locks: columns.map(
      ({ locks }) =>
        (locks ?? [null, null, null, null]).map((note) =>
          note === null ? null : parseNote(note),
        ) as unknown as readonly [Lock, Lock, Lock, Lock],
    ),
    weights,
  };
  const blocked = blockedBy(problem);
  if (blocked) {
    const nearest = nearestSetting(problem);
    return { kind: 'blocked', ...blocked, voices: nearest && nearest.voices.map(printed) };
  }
  let at = 0;
  let least: number | null = null;
  for (const { voices, cost } of settingsInOrder(problem)) {
    least ??= cost;
    if (at++ < skip) continue;
    return { kind: 'found', voices: voices.map(printed), cost, least };
  }
  return { kind: 'no-more' };
}

function printed(notes: FourNotes): string[] {
  return notes.map(printNote);
}

/** The setting that is asked for; what cannot be set says where and why. */
export function setVoices(request: VoicesRequest): VoicesAnswer {
  const answer = attempt(() => find(request));
  return answer.ok ? answer.value : { kind: 'failed', message: answer.error.message };
}
