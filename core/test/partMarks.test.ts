/** Marks by part, of every kind: what a teacher gives for the notes and for the rules, for labels and the cadence. */
import { askQuestions, earnedShare, KINDS, markAnswer, partWorths, type MaterialText } from '../src';

const asked = (kind: string, material: MaterialText = {}) =>
  askQuestions({ kind, seed: 3, count: 1, material }).questions[0]!;
const said = (kind: string, material?: MaterialText) =>
  partWorths(asked(kind, material))
    .map(({ name, marks }) => `${name} ${marks}`)
    .join(', ');

test.each([
  ['triad-name', {}, 'root 1, quality 1, inversion 1'],
  ['interval-name', {}, 'number 1, quality 1'],
  ['chord-map', {}, 'numerals 7, notes 7'],
  ['figures-realise', {}, 'notes 5, rules 5'],
  ['parts-complete', {}, 'notes 5, rules 5'],
  ['progression-label', {}, ''],
  ['progression-label', { also: true }, 'chords 6, cadence 1'],
  ['cadence-name', {}, ''],
  ['parts-faults', {}, ''],
])('%s %j: %s', (kind, material, worths) => expect(said(kind, material)).toBe(worths));

test('the notes of all chords earn their own, and the rules theirs', () => {
  const question = asked('parts-complete');
  const voices = question.answers[0] as string[][];
  // One chord is not the one that was asked for; nothing is said against the others’ notes.
  const other = voices.map((chord, at) => (at === 2 ? ['G5', 'G4', 'G3', 'G2'] : chord));
  const marking = markAnswer(question, other);
  const notes = marking.parts.filter(({ part }) => part.endsWith('notes'));
  const share = notes.reduce((sum, { got }) => sum + got, 0) / notes.length;
  expect(share).toBeLessThan(1);
  expect(earnedShare(marking, { byPart: { notes: 10, rules: 0 } })).toBeCloseTo(share, 9);
});

test('what is right earns everything in every kind, whatever its parts are worth', () => {
  for (const { id } of KINDS) {
    if (id === 'written') continue;
    const question = asked(id);
    const byPart = Object.fromEntries(partWorths(question).map(({ name }, at) => [name, at + 1]));
    expect([id, earnedShare(markAnswer(question, question.answers[0]), { byPart })]).toEqual([id, 1]);
  }
});

test('a cadence that is missing takes its own marks only', () => {
  const question = asked('progression-label', { also: true });
  const labels = (question.answers[0] as string[]).slice(0, -1);
  expect(earnedShare(markAnswer(question, labels), { byPart: { chords: 12, cadence: 4 } })).toBe(0.75);
});
