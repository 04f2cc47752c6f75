/** The working of an answer in the chosen way ends where the usual way ends. The ways are common practice. */
import { askQuestions, INTERVAL_WAYS, QUESTION_CHORD_WAYS, questionWorking } from '../src';

const ask = (kind: string, count = 12) => askQuestions({ kind, seed: 5, count }).questions;

test.each(INTERVAL_WAYS)('an interval by %s comes to the same name', (intervals) => {
  for (const question of ask('interval-name')) {
    const usual = questionWorking(question);
    const chosen = questionWorking(question, undefined, { intervals });
    expect(chosen.length).toBeGreaterThan(1);
    expect(chosen.at(-1)).toBe(usual.at(-1));
  }
});

test('the ways of an interval differ on the way', () => {
  const [question] = ask('interval-name', 1);
  const all = INTERVAL_WAYS.map((intervals) => questionWorking(question!, undefined, { intervals }).join());
  expect(new Set(all).size).toBeGreaterThan(2);
});

test.each(QUESTION_CHORD_WAYS)('a chord by %s comes to the same inversion', (chords) => {
  for (const kind of ['triad-name', 'seventh-name', 'triad-build', 'seventh-build'])
    for (const question of ask(kind, 6)) {
      const usual = questionWorking(question);
      const chosen = questionWorking(question, undefined, { chords });
      expect(chosen.at(-1)).toBe(usual.at(-1));
      expect(chosen.join(' ')).toMatch(chords === 'half-steps' ? /half step/ : /scale/);
    }
});

test('a question that is none has no working', () => {
  expect(questionWorking({ kind: 'interval-name', given: {} })).toEqual([]);
});
