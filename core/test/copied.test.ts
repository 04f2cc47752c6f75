/** What is printed in a question is never its whole answer, whatever the kind. */
import { KINDS, askQuestions, attempt, markAnswer } from '../src/index';

/** What of a question is drawn on a staff, played, or printed to be chosen from. */
const NOT_IN_WORDS = new Set([
  ...[
    'note',
    'from',
    'to',
    'notes',
    'bass',
    'basses',
    'signature',
    'chords',
    'voices',
    'sound',
    'candidates',
    'roles',
  ],
]);

/** Everything that stands in a question, as somebody might write it down again. */
function printed(given: Readonly<Record<string, unknown>>): unknown[] {
  const found: unknown[] = [];
  for (const [name, value] of Object.entries(given)) {
    if (NOT_IN_WORDS.has(name)) continue;
    if (typeof value === 'string') found.push(value);
    if (!Array.isArray(value)) continue;
    found.push(value, ...value);
    if (value.every((one) => typeof one === 'string')) found.push(value.join(' '));
  }
  return found.filter((one) => typeof one === 'string' || Array.isArray(one));
}

test.each(KINDS.map(({ id }) => id))('%s', (kind) => {
  const earned: string[] = [];
  for (let seed = 1; seed <= 2; seed++)
    for (const question of askQuestions({ kind, seed, count: 12 }).questions)
      for (const copy of printed(question.given)) {
        const marked = attempt(() => markAnswer(question, copy));
        if (marked.ok && marked.value.verdict === 'right')
          earned.push(`${JSON.stringify(copy)} of ${JSON.stringify(question.given)}`);
      }
  expect([...new Set(earned)].slice(0, 4)).toEqual([]);
});
