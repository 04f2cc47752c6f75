/**
 * What is asked besides an answer: the cadence at the end of a line, and the note above the gap of an inversion. That
 * a chord in close position has its root above the gap, and the ends by which cadences are known, are common practice.
 */
import { Chord } from 'tonal';
import {
  askQuestions,
  blankLines,
  instructionWords,
  markAnswer,
  parseNote,
  plant,
  staffPosition,
  underStaff,
  type Question,
} from '../src';

const lines = (material: object = {}, count = 40) =>
  askQuestions({ kind: 'progression-label', seed: 11, count, material: { also: true, ...material } })
    .questions;
const turns = (material: object = {}, count = 40) =>
  askQuestions({ kind: 'inversion-turn', seed: 12, count, material: { also: true, ...material } }).questions;
const answerOf = ({ answers }: Question) => answers[0] as string[];

/** The cadence that two numerals make, by their degrees alone. */
function byDegrees([first = '', second = '']: readonly string[]): string {
  const [from, to] = [first, second].map((text) => /^[IVi v]+/i.exec(text)![0].toUpperCase());
  if (to === 'V') return 'half';
  if (to === 'VI') return 'deceptive';
  return from === 'IV' ? 'plagal' : 'authentic';
}

test('a line ends with every cadence of the material, and its name is the last of the answer', () => {
  const met = new Set<string>();
  for (const question of lines({ length: 5 })) {
    const answer = answerOf(question);
    expect(answer).toHaveLength(6);
    expect(answer[5]).toBe(byDegrees(answer.slice(3, 5)));
    met.add(answer[5]!);
  }
  expect([...met].sort()).toEqual(['authentic', 'deceptive', 'half', 'plagal']);
});

test('only chosen cadences, and no chord that the class has not been taught', () => {
  for (const question of lines({ cadences: ['half'], untaught: ['vi', 'VI'] }, 20)) {
    expect(answerOf(question).at(-1)).toBe('half');
    expect(answerOf(question).join(' ')).not.toMatch(/\b(?:vi|VI)\b/);
  }
});

test('labels stand under their chords, the cadence on a line of its own', () => {
  const [question] = lines({ length: 4 }, 1);
  const answer = answerOf(question!);
  expect(underStaff(question!)).toEqual({ blank: true, texts: answer.slice(0, 4), changes: [] });
  expect(blankLines(question!)).toEqual([{ name: 'cadence', text: answer[4] }]);
  expect(blankLines({ ...question!, given: { ...question!.given, also: undefined } })).toEqual([]);
});

test('each label and the cadence are marked by themselves, a cadence with its cause', () => {
  const question = lines({ cadences: ['half'], length: 4 }, 1)[0]!;
  const right = answerOf(question);
  expect(markAnswer(question, right).verdict).toBe('right');
  expect(markAnswer(question, `${right.slice(0, 4).join(' ')} half cadence`).verdict).toBe('right');
  expect(markAnswer(question, right.join(' ')).verdict).toBe('right');
  const wrong = markAnswer(question, [...right.slice(0, 4), 'authentic']);
  expect(wrong.marks).toEqual({ got: 4, of: 5 });
  expect(wrong.parts.at(-1)).toEqual({ part: 'cadence', got: 0, of: 1 });
  const missing = markAnswer(question, right.slice(0, 4));
  expect(missing.marks).toEqual({ got: 4, of: 5 });
  expect(missing.verdict).toBe('wrong');
  const one = markAnswer(question, ['iii', ...right.slice(1)]);
  expect(one.marks).toEqual({ got: 4, of: 5 });
});

test('a mistake planted in a line leaves its cadence, and is found again', () => {
  let planted = 0;
  for (const question of lines({ length: 4 }, 20)) {
    const answer = plant(question, 'lowest-for-root') as string[] | null;
    if (!answer) continue;
    planted++;
    expect(answer.at(-1)).toBe(answerOf(question).at(-1));
    expect(markAnswer(question, answer).causes[0]?.mistakes).toEqual(['lowest-for-root']);
  }
  expect(planted).toBeGreaterThan(10);
});

test('the note above the gap is the root as tonal names it, and root position is not asked for', () => {
  for (const question of turns({ inversions: [0, 1], qualities: ['major', 'minor', 'diminished'] })) {
    const answer = answerOf(question);
    const notes = answer.slice(0, -1).map((text) => parseNote(text));
    const root = answer.at(-1)!;
    const names = Chord.detect(answer.slice(0, -1).map((text) => text.replace(/\d/, '')));
    expect(names.some((name) => name.startsWith(root))).toBe(true);
    // The gap: a fourth from the note below, the only one among thirds.
    const at = answer.slice(0, -1).findIndex((text) => text.replace(/\d/, '') === root);
    expect(staffPosition(notes[at]!) - staffPosition(notes[at - 1]!)).toBe(3);
  }
});

test('the note above the gap is a part of its own', () => {
  const question = turns({}, 1)[0]!;
  const right = answerOf(question);
  expect(blankLines(question).map(({ name }) => name)).toEqual(['', 'note above the gap']);
  expect(markAnswer(question, right).verdict).toBe('right');
  const wrong = markAnswer(question, [...right.slice(0, -1), right[0]!.replace(/\d/, '')]);
  expect(wrong.parts.filter(({ got }) => got === 0).map(({ part }) => part)).toEqual(['note above the gap']);
});

test('what is asked besides changes nothing where it is not asked', () => {
  const plain = askQuestions({ kind: 'progression-label', seed: 3, count: 2 }).questions;
  expect(plain.every(({ given }) => given['also'] === undefined)).toBe(true);
  expect(() => lines({ also: 'yes' }, 1)).toThrow('also');
});

test('what stands over the questions says what is asked besides, unless the teacher wrote it', () => {
  const of = (kind: string, questions: readonly Question[], instruction: string | null = null) =>
    instructionWords({ kind, instruction, questions });
  expect(of('progression-label', lines({}, 2))).toBe(
    'Write the Roman numeral under each chord. Name the cadence at the end.',
  );
  expect(of('inversion-turn', turns({}, 2))).toMatch(/Name the note above its gap\.$/);
  expect(of('inversion-turn', turns({}, 2), 'Turn them.')).toBe('Turn them.');
  const plain = askQuestions({ kind: 'inversion-turn', seed: 3, count: 2 }).questions;
  expect(of('inversion-turn', plain)).toBe('Write the next inversion above each chord.');
});
