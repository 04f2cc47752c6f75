/** The degree that a question asks for (counting from the tonic is common practice). */
import { askQuestions, degreeAsked, parseKey, scaleOf } from '../src';

test.each([
  ['numeral-label', { key: 'C minor' }, 'viio64', { mode: 'minor', degree: 7 }],
  ['numeral-label', { key: 'D major' }, 'V65', { mode: 'major', degree: 5 }],
  ['numeral-build', { key: 'G minor', numeral: 'III64' }, ['F', 'Bb', 'D'], { mode: 'minor', degree: 3 }],
  [
    'figures-name',
    { key: 'B minor' },
    { notes: ['C#', 'E', 'A#'], numeral: 'viio6' },
    { mode: 'minor', degree: 7 },
  ],
  ['numeral-label', { key: 'C major' }, 'V7/ii', null],
  ['numeral-label', { key: 'C major' }, 'bVI', null],
  ['numeral-label', { key: 'C minor' }, 'N6', null],
  ['progression-label', { key: 'C major' }, ['I', 'V'], null],
  ['interval-name', { key: 'C major' }, 'M3', null],
  ['numeral-label', {}, 'V', null],
])('%s %j, %j', (kind, given, answer, degree) => {
  expect(degreeAsked({ kind, given, answers: [answer] })).toEqual(degree);
});

test('where chords of one numeral are asked for, the root of the right answer is the degree', () => {
  let found = 0;
  for (let seed = 0; seed < 20; seed++)
    for (const question of askQuestions({ kind: 'numeral-build', count: 5, seed }).questions) {
      const asked = degreeAsked(question);
      if (!asked) continue;
      found++;
      const key = parseKey(question.given['key'] as string);
      const notes = (question.answers[0] as string[]).map((name) => name[0]);
      expect(notes).toContain('CDEFGAB'[scaleOf(key)[asked.degree - 1]!.step]);
    }
  expect(found).toBeGreaterThan(60);
});
