/** Four voices filled in one by one: what is given stands, a dash is open, and what is whole has its marks. */
import fc from 'fast-check';
import {
  askQuestions,
  markAnswer,
  nextOpenVoice,
  typedVoices,
  voicesAfter,
  voicesAsked,
  voicesDrawn,
  type OpenVoices,
} from '../src';

const OPEN: OpenVoices = [
  ['B4', null, null, 'G2'],
  ['C5', null, null, 'C3'],
];

test('what is typed stands beside what is given, and comes back', () => {
  const voices = voicesAfter(OPEN, 'G2 - D4 - | C3 G3 - C5');
  expect(voices).toEqual([
    ['B4', 'D4', null, 'G2'],
    ['C5', null, 'G3', 'C3'],
  ]);
  expect(typedVoices(OPEN, voices)).toBe('G2 - D4 B4 | C3 G3 - C5');
  // Nobody types away what is given; what was not begun is no answer.
  expect(voicesAfter(OPEN, 'A2 A3 A4 A5')[0]).toEqual(['B4', 'A4', 'A3', 'G2']);
  expect(typedVoices(OPEN, OPEN)).toBe('');
  expect(voicesAfter(OPEN, '')).toEqual(OPEN);
});

test('the next open voice goes chord by chord, round to what was passed over', () => {
  expect(nextOpenVoice(OPEN, { at: 0, voice: -1 })).toEqual({ at: 0, voice: 1 });
  const voices = voicesAfter(OPEN, 'G2 G3 D4 - | - - - -');
  expect(nextOpenVoice(voices, { at: 0, voice: 2 })).toEqual({ at: 1, voice: 1 });
  const last = voicesAfter(OPEN, 'G2 - D4 - | C3 G3 E4 -');
  expect(nextOpenVoice(last, { at: 1, voice: 2 })).toEqual({ at: 0, voice: 2 });
  const whole = voicesAfter(OPEN, 'G2 G3 D4 - | C3 G3 E4 -');
  expect(nextOpenVoice(whole, { at: 1, voice: 2 })).toEqual({ at: 1, voice: 2 });
});

test.each(['parts-complete', 'figures-realise'])(
  '%s: what is whole is marked, what is open has none',
  (kind) => {
    const question = askQuestions({ kind, seed: 4, count: 1 }).questions[0]!;
    const open = voicesAsked(question)!;
    const right = question.answers[0] as string[][];
    expect(open.flat()).toContain(null);
    const most = right.map((own, at) => (at === 1 ? open[1]! : own));
    const marking = markAnswer(question, typedVoices(open, most));
    expect(marking.verdict).toBe('wrong');
    expect(marking.faults ?? []).toEqual([]);
    expect(marking.marks).toEqual({ got: 2 * (right.length - 1), of: 2 * right.length });
    expect(markAnswer(question, typedVoices(open, right)).verdict).toBe('right');
    expect(voicesAsked({ kind: 'interval-name', given: question.given })).toBeNull();
  },
);

test('whatever is typed is drawn, and read again as it stands', () => {
  fc.assert(
    fc.property(fc.string({ unit: fc.constantFrom('C4', 'x', '|', ' ', '-', 'F#5', '9') }), (typed) => {
      const voices = voicesAfter(OPEN, typed);
      expect(voicesDrawn('G major', voices).staves).toHaveLength(2);
      const again = typedVoices(OPEN, voices);
      if (again !== '') expect(voicesAfter(OPEN, again)).toEqual(voices);
    }),
  );
});
