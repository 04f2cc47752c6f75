import type { Given } from './question';

/** What is asked for besides the answer itself, as its last entry: the cadence of a line, the note over a gap. */
export type Also = 'cadence' | 'note above the gap';

/** What a question asks for besides; null where it asks for nothing more. */
export const alsoIn = (given: Given): Also | null =>
  given['also'] === 'cadence' || given['also'] === 'note above the gap' ? given['also'] : null;

/** The question without what is asked besides. */
export function withoutAlso(given: Given): Given {
  return Object.fromEntries(Object.entries(given).filter(([field]) => field !== 'also'));
}

/** An answer divided into itself and what is asked besides. Without the latter the whole answer is itself. */
export function dividedAnswer(
  given: Given,
  answer: unknown,
): { readonly own: unknown; readonly also: unknown } {
  if (!alsoIn(given) || !Array.isArray(answer)) return { own: answer, also: undefined };
  const own = (answer as unknown[]).slice(0, -1);
  return { own, also: (answer as unknown[]).at(-1) };
}
