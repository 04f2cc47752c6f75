/**
 * Questions of every kind: the same for a seed, within their material, without repeats, in versions, and put together
 * on sheets. Their answers are checked in askAgainstTonal.
 */
import {
  answerWords,
  KINDS,
  askQuestions,
  kindsOut,
  kindWords,
  makeSheet,
  sayStep,
  sentenceText,
  sheetCode,
  kindOf,
  type MaterialText,
  type Question,
} from '../src';

const ask = (kind: string, material: MaterialText = {}, count = 200, seed = 11) =>
  askQuestions({ kind, seed, count, material });
const text = (question: Question, field: string) => String(question.given[field]);
const only = <Answer>(question: Question) => question.answers[0] as Answer;
const nameOnly = (note: string) => note.replace(/-?\d$/, '');

const IDS = KINDS.map(({ id }) => id);
/** Kinds that are set in voices take long: fewer of them say as much. */
const IN_VOICES = /realise|complete|faults|harmonise|score-label/;

describe.each(IDS)('%s', (kind) => {
  const many = Number(process.env['DIATONIX_QUESTIONS']) || (IN_VOICES.test(kind) ? 10 : 60);
  const { questions } = ask(kind, {}, many);

  test('is the same for the same seed, and another for another', () => {
    expect(ask(kind, {}, many).questions).toEqual(questions);
    expect(ask(kind, {}, many, 12).questions.map(({ given }) => given)).not.toEqual(
      questions.map(({ given }) => given),
    );
  });

  test('has an answer, a difficulty with its parts, and a working in sentences', () => {
    for (const { answers, difficulty, given, id } of questions) {
      expect(answers.length).toBeGreaterThan(0);
      const sum = Object.values(difficulty.parts).reduce((all, part) => all + part, 0);
      expect(difficulty.total).toBeCloseTo(sum, 5);
      expect(difficulty.total).toBeGreaterThan(0);
      expect(id.startsWith(`${kind}-11A-`)).toBe(true);
      const said = kindOf(kind)
        .working(given)
        .map((step) => sentenceText(sayStep(step)));
      expect(said.length).toBeGreaterThan(0);
      expect(said.join(' ')).not.toMatch(/undefined|NaN|\[object/);
      expect(answerWords(kind, answers[0])).not.toMatch(/undefined|NaN|\[object/);
    }
    expect(kindWords(kind).instruction).toMatch(/\.$/);
  });

  test('versions are as hard one by one, and no question comes twice among them', () => {
    // Fourteen keys are few for three versions of a signature.
    const count = kind.startsWith('signature') || IN_VOICES.test(kind) ? 2 : 4;
    const versions = [0, 1, 2].map((version) => askQuestions({ kind, seed: 5, count, version }).questions);
    versions[0]!.forEach(({ difficulty }, at) => {
      for (const other of versions.slice(1))
        expect(Math.abs(other[at]!.difficulty.total - difficulty.total)).toBeLessThanOrEqual(0.51);
    });
    const all = versions.flat().map(({ given }) => JSON.stringify(given));
    expect(new Set(all).size).toBe(all.length);
  });
});

describe('material', () => {
  test('nothing is asked outside it', () => {
    const { questions } = ask(
      'interval-name',
      {
        clefs: ['bass'],
        keys: ['D major'],
        intervals: ['m2', 'A4'],
        accidentals: 'signature',
        ledgerLines: 0,
      },
      12,
    );
    for (const question of questions) {
      expect(['m2', 'A4']).toContain(only(question));
      expect([text(question, 'clef'), text(question, 'key')]).toEqual(['bass', 'D major']);
      for (const field of ['from', 'to'])
        expect(['D', 'E', 'F#', 'G', 'A', 'B', 'C#']).toContain(nameOnly(text(question, field)));
    }
  });

  test('no F♭ and no double sharp under a signature of none, unless double ones are asked for', () => {
    for (const kind of ['interval-name', 'triad-build', 'seventh-name', 'extended-build']) {
      const said = JSON.stringify(
        ask(kind, { keys: ['C major', 'A minor'] }, 300).questions.map(({ given, answers }) => [
          given,
          answers,
        ]),
      );
      expect(said).not.toMatch(/"[A-G](?:##|bb)\d?"|"[FC]b\d?"|"[EB]#\d?"/);
    }
    const far = JSON.stringify(ask('interval-name', { accidentals: 'double' }, 300).questions);
    expect(far).toMatch(/"[A-G]##\d"/);
  });

  test('what the class has not been taught is not asked, and told', () => {
    const { questions, remarks } = ask('numeral-build', { untaught: ['iii', 'viio'], keys: ['C major'] }, 20);
    expect(questions.map(only).length).toBe(20);
    for (const question of questions) expect(text(question, 'numeral')).not.toMatch(/^(?:iii|vii)/);
    expect(remarks).toContain('iii has not been taught to this class, and is not asked.');
  });

  test('material that is used up comes again, and that is told; what a kind does not take is told too', () => {
    const { questions, remarks } = ask(
      'signature-write',
      { keys: ['C major', 'G major'], inversions: [1] },
      5,
    );
    expect(questions).toHaveLength(5);
    expect(remarks).toEqual([
      'The material has only 2 different questions: some come again.',
      'signature-write takes no “inversions”: it changes nothing.',
    ]);
  });

  test.each([
    ['interval-names', {}, '“interval-names”: there is no such kind of exercise.'],
    ['interval-name', { intervalls: ['m2'] }, '“intervalls”: there is no such material.'],
    ['interval-name', { clefs: ['soprano'] }, '“clefs: soprano”: there is none of this name.'],
    ['interval-name', { keys: ['H major'] }, '“H major”'],
    ['interval-name', { keys: [] }, '“keys”: the list is empty.'],
    ['interval-name', { ledgerLines: 9 }, '“ledgerLines: 9”: this cannot be.'],
    ['interval-name', { compound: 'yes' }, '“compound”: this is not true or false.'],
    [
      'triad-name',
      { qualities: ['dominant-seventh'] },
      '“qualities: dominant-seventh”: there is none of this name.',
    ],
    ['triad-name', { inversions: [7] }, '“inversions”: these are not inversions.'],
    [
      'interval-name',
      { intervals: ['A4'], accidentals: 'none', keys: ['Gb major'] },
      'it admits no question.',
    ],
    ['numeral-build', { numerals: ['ii'], untaught: ['ii'] }, 'it admits no question.'],
  ])('%s of %j is refused in words', (kind, material, message) => {
    expect(() => ask(kind, material as MaterialText, 3)).toThrow(message);
  });

  test('numbers that cannot be are refused', () => {
    expect(() => ask('note-name', {}, 10_000)).toThrow(
      '“count: 10000”: one to 1000 questions are asked at once.',
    );
    expect(() => ask('note-name', {}, 3, 0.5)).toThrow('“seed: 0.5”');
    expect(() => askQuestions({ kind: 'note-name', seed: 1, count: 1, version: 26 })).toThrow(
      '“version: 26”',
    );
  });

  test('every kind says what it takes', () => {
    for (const { kind, material } of kindsOut()) {
      expect(IDS).toContain(kind);
      for (const { values, default: usual } of Object.values(material)) {
        expect(values.length).toBeGreaterThan(0);
        expect(usual).toBeDefined();
      }
    }
  });
});

describe('sheets', () => {
  const spec = {
    title: 'Harbour lights',
    seed: 3,
    sections: [
      { kind: 'interval-name', count: 6, marks: 2 },
      { kind: 'triad-name', count: 4, marks: 3, material: { clefs: ['bass'] } },
    ],
  };

  test('are the same for the same spec, count their marks, and have a code for each version', () => {
    const [a, b] = [makeSheet(spec), makeSheet(spec, 1)];
    expect(makeSheet(spec)).toEqual(a);
    expect(a.marks).toBe(24);
    expect([a.version, b.version]).toEqual(['A', 'B']);
    expect(a.code.slice(0, -1)).toBe(b.code.slice(0, -1));
    expect(a.code).toBe(`${sheetCode(spec)}-A`);
    expect(sheetCode({ ...spec, seed: 4 })).not.toBe(sheetCode(spec));
  });

  test.each([
    [{ sections: [{ kind: 'note-name', count: 0 }] }, '“section 1, note-name: count: 0”'],
    [{ sections: [{ kind: 'nothing', count: 1 }] }, '“section 1, nothing: nothing”: there is no such kind'],
    [
      { sections: [{ kind: 'note-name', count: 2, material: { clefs: 'bass' } }] },
      '“section 1, note-name: clefs”',
    ],
  ])('%j is refused in words', (wrong, message) => {
    expect(() => makeSheet({ ...spec, ...wrong } as typeof spec)).toThrow(message);
  });
});
