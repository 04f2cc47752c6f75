/** What can be chosen: the right answer is always there, and only one of them is right. */
import { askQuestions, answerChoices, markAnswer } from '../src';

test.each(['degree-name', 'cadence-name', 'key-find', 'listen'])(
  'of %s the right answer stands among the choices, and nothing else is right',
  (kind) => {
    let chosen = 0;
    for (let seed = 0; seed < 12; seed++)
      for (const question of askQuestions({ kind, count: 6, seed }).questions) {
        const choices = answerChoices(question);
        if (choices.length === 0) continue;
        chosen++;
        const right = choices.filter((one) => markAnswer(question, one).verdict === 'right');
        expect([question.given, right.length]).toEqual([question.given, 1]);
        expect(new Set(choices).size).toBe(choices.length);
      }
    expect(chosen).toBeGreaterThan(20);
  },
);

test('what is written freely has no choices', () => {
  const given = { key: 'C major', from: 'C4', to: 'E4', notes: ['C4', 'E4', 'G4'], question: 'Why?' };
  for (const kind of ['interval-name', 'numeral-label', 'written'])
    expect(answerChoices({ kind, given })).toEqual([]);
  expect(answerChoices({ kind: 'listen', given: { of: 'interval', sound: [['C4'], ['E4']] } })).toEqual([]);
});

test('a question that is none has no choices either, and that is said', () => {
  expect(() => answerChoices({ kind: 'no-such-kind', given: {} })).toThrow('no such kind of exercise');
  expect(() => answerChoices({ kind: 'key-find', given: {} })).toThrow('has no “candidates”');
});
