/** Which cause is told of an answer, and how: what explains it by chance as well is not. */
import { DEFAULT_LABEL_STYLE, kindOf, likelyCause, markAnswer, type Question } from '@diatonix/core';
import { askedWords, causeText } from '../src/questions/words';

const degree = (key: string, note: string): Question => {
  const given = { key, note };
  return {
    kind: 'degree-name',
    id: '1',
    given,
    answers: kindOf('degree-name').solve(given),
    difficulty: { total: 0, parts: {} },
  };
};

test('a near cause is told, one that lies far is not', () => {
  const near = likelyCause(markAnswer(degree('F major', 'D'), 'tonic'));
  expect(near && causeText(near, DEFAULT_LABEL_STYLE)).toBe('relative key taken');
  const far = markAnswer(degree('A major', 'C#'), 'tonic');
  expect(far.causes[0]?.farFetched).toBe(true);
  expect(likelyCause(far)).toBeNull();
});

test('what is not certain says so', () => {
  expect(causeText({ mistakes: ['relative-key'], certain: false }, DEFAULT_LABEL_STYLE)).toBe(
    'perhaps relative key taken',
  );
});

test('what is asked names each note once', () => {
  expect(askedWords(degree('A major', 'C#'), DEFAULT_LABEL_STYLE)).toBe('C♯ in A major');
});
