import type { Marking } from '../exercise/marking/markQuestion';
import { cap, list } from './grammar';
import { causeSentence } from './mistakeWords';

/** What a teacher would say to a wrong answer: its likeliest cause, or which part of it is to be looked at again. */
export function markingWords({ verdict, causes, error, parts, follows }: Marking): string {
  if (verdict === 'right') return 'Right.';
  if (verdict === 'unreadable') return error?.message ?? 'This cannot be read.';
  if (follows) return 'Right for what you wrote before.';
  const [cause] = causes;
  if (cause) return causeSentence(cause);
  const named = (isRight: boolean) =>
    parts.filter(({ got, of }) => (got === of) === isRight).map(({ part }) => `the ${part}`);
  const [right, wrong] = [named(true), named(false)];
  if (right.length === 0 || wrong.length === 0) return 'Not yet: work it out again, step by step.';
  const are = right.length === 1 ? 'is' : 'are';
  return `${cap(list(right))} ${are} right; look at ${list(wrong)} again.`;
}
