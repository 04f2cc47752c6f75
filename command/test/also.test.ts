/** What is asked besides an answer, by the command: asked, marked, planted, and on a sheet. */
import { answerLine } from '../src/lines';

const ask = (request: object): unknown => JSON.parse(answerLine(JSON.stringify(request)));
interface Asked {
  readonly kind: string;
  readonly given: Readonly<Record<string, unknown>>;
  readonly answers: readonly (readonly string[])[];
  readonly working: readonly string[];
}
const questions = (kind: string, material: object = {}) =>
  (
    ask({ do: 'ask', kind, seed: 6, count: 4, material: { also: true, ...material } }) as {
      questions: Asked[];
    }
  ).questions;

test('a line gives its cadence as the last of its answer', () => {
  for (const { given, answers } of questions('progression-label', {
    cadences: ['half', 'deceptive'],
    length: 4,
  })) {
    expect(given['also']).toBe('cadence');
    expect(answers[0]).toHaveLength(5);
    expect(['half', 'deceptive']).toContain(answers[0]![4]);
  }
});

test('marked, the cadence is a part of its own with its cause', () => {
  const [question] = questions('progression-label', { cadences: ['half'], length: 3 });
  const right = question!.answers[0]!;
  const marked = ask({ do: 'mark', question, answer: [...right.slice(0, 3), 'plagal'] }) as {
    marks: object;
    parts: { part: string; got: number }[];
    verdict: string;
  };
  expect(marked.verdict).toBe('wrong');
  expect(marked.marks).toEqual({ got: 3, of: 4 });
  expect(marked.parts.filter(({ got }) => got === 0).map(({ part }) => part)).toEqual(['cadence']);
  expect(ask({ do: 'mark', question, answer: right })).toMatchObject({ verdict: 'right' });
});

test('the note above the gap is worked out', () => {
  for (const { given, answers, working } of questions('inversion-turn')) {
    expect(given['also']).toBe('note above the gap');
    expect(answers[0]!.at(-1)).toMatch(/^[A-G][#b]*$/);
    expect(working.join(' ')).toMatch(/gap|root/);
  }
});

test('a planted mistake leaves what is asked besides alone', () => {
  const [question] = questions('progression-label', { length: 4 });
  const { answer } = ask({ do: 'plant', question, mistake: 'degree-off-by-one' }) as {
    answer: string[] | null;
  };
  expect(answer?.at(-1)).toBe(question!.answers[0]!.at(-1));
  expect(answer).not.toEqual(question!.answers[0]);
});

test('a kind that asks nothing besides says that it does not take it', () => {
  const { remarks } = ask({
    do: 'ask',
    kind: 'interval-name',
    seed: 1,
    count: 1,
    material: { also: true },
  }) as { remarks: string[] };
  expect(remarks.join(' ')).toContain('also');
});

test('what is neither true nor false is refused by its field', () => {
  const { error } = ask({
    do: 'ask',
    kind: 'inversion-turn',
    seed: 1,
    count: 1,
    material: { also: 'gap' },
  }) as { error: unknown };
  expect(JSON.stringify(error)).toContain('also');
});
