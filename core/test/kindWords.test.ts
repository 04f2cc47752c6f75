/** What stands over one question speaks of one. */
import { askQuestions, instructionWords, KINDS, kindWords } from '../src';

const givenOf = (kind: string) =>
  kind === 'written' ? { question: 'Why?' } : askQuestions({ kind, seed: 1, count: 1 }).questions[0]!.given;
const over = (kind: string, count: number) => {
  const given = givenOf(kind);
  return instructionWords({
    kind,
    instruction: null,
    questions: Array.from({ length: count }, () => ({ given })),
  });
};

test('one question is spoken of as one, several as several', () => {
  expect(over('interval-name', 2)).toBe('Name each interval: quality and number.');
  expect(over('interval-name', 1)).toBe('Name the interval: quality and number.');
  expect(over('key-find', 1)).toBe('Say which of the two keys the line is in.');
  expect(over('enharmonic-respell', 1)).toBe('Write it again, spelled as its key wants it.');
  expect(over('progression-label', 1)).toBe('Write the Roman numeral under each chord.');
});

test('what a teacher wrote stands as it is, and every kind has words for one and for several', () => {
  const own = {
    kind: 'interval-name',
    instruction: 'Name each of these.',
    questions: [{ given: givenOf('interval-name') }],
  };
  expect(instructionWords(own)).toBe('Name each of these.');
  for (const { id } of KINDS) {
    expect(over(id, 2)).toBe(kindWords(id).instruction);
    expect(over(id, 1)).toMatch(/^[A-Z].*\.$/);
    expect(over(id, 1)).not.toMatch(/the (?:the|again)/);
  }
});
