/** The cause that is named first is one that a teacher would name, and is certain only where no other would be. */
import { markAnswer } from '../src';
import { TEACHER_TABLE } from './teacherTable';

const MARKED = TEACHER_TABLE.map((row) => ({ ...row, marking: markAnswer(row.question, row.answer) })).filter(
  ({ marking }) => marking.verdict === 'wrong',
);
const words = ({ question: { kind, given, answers }, answer, causes, marking }: (typeof MARKED)[number]) =>
  `${kind} ${JSON.stringify(given)} ${JSON.stringify(answers[0])}: ${answer}, ` +
  `${causes.join('/')} not ${marking.causes[0]?.mistakes.join('+') ?? 'none'}`;

test('of five hundred wrong answers and more, each is explained as a teacher would', () => {
  expect(MARKED.length).toBeGreaterThan(500);
  expect(MARKED.filter(({ causes }) => causes.length === 1).length).toBeGreaterThan(350);
  const others = MARKED.filter(
    ({ causes, marking }) => !causes.includes(marking.causes[0]?.mistakes.join('+') ?? ''),
  );
  expect(others.map(words)).toEqual([]);
});

test('what may come of two mistakes is not told as certain', () => {
  // A numeral in the other case is told as that: it is the simplest that can be said.
  const several = MARKED.filter(
    ({ causes, question }) => new Set(causes).size > 1 && question.kind !== 'numeral-label',
  );
  expect(several.length).toBeGreaterThan(40);
  expect(several.filter(({ marking }) => marking.causes[0]?.certain).map(words)).toEqual([]);
});
