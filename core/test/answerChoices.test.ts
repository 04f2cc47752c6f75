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
  for (const kind of ['interval-name', 'numeral-label', 'written', 'no-such-kind'])
    expect(answerChoices({ kind, given: { key: 'C major' } })).toEqual([]);
  expect(answerChoices({ kind: 'key-find', given: {} })).toEqual([]);
  expect(answerChoices({ kind: 'listen', given: { of: 'interval' } })).toEqual([]);
});
