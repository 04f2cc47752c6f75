/** Marking by the line and of files by the command, as documented, and what is refused. */
import { mkdtempSync, readFileSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { diatonix, json } from './program';

const folder = mkdtempSync(join(tmpdir(), 'diatonix-mark-'));
const put = (name: string, value: unknown) => {
  const path = join(folder, name);
  writeFileSync(path, typeof value === 'string' ? value : JSON.stringify(value));
  return path;
};
const SPEC = {
  title: 'Harbour',
  seed: 4,
  sections: [
    { kind: 'interval-name', count: 3, marks: 2 },
    { kind: 'triad-name', count: 2, marks: 3 },
  ],
};
const spec = put('harbour.json', SPEC);

interface SheetOut {
  readonly code: string;
  readonly sections: {
    readonly questions: { readonly kind: string; readonly given: object; readonly answers: unknown[] }[];
  }[];
}
const sheet = JSON.parse(diatonix(['sheet', '--spec', spec, '--json']).stdout) as SheetOut;
const QUESTION = { kind: 'interval-name', given: { clef: 'treble', key: 'G major', from: 'C4', to: 'F#4' } };

test('an answer is marked part by part with its causes', () => {
  expect(json({ do: 'mark', question: QUESTION, answer: 'P4' })).toEqual({
    marks: { got: 1, of: 2 },
    parts: [
      { part: 'number', got: 1, of: 1 },
      { part: 'quality', got: 0, of: 1 },
    ],
    verdict: 'wrong',
    causes: expect.arrayContaining([
      {
        kind: 'signature-forgotten',
        sentence: expect.stringMatching(/^Perhaps: The signature was left out/) as string,
        certain: false,
      },
    ]) as unknown[],
    rightAnswers: ['A4'],
  });
  expect(json({ do: 'mark', question: QUESTION, answer: 'augmented fourth' })['verdict']).toBe('right');
});

test('a mistake is planted, and null where it makes no wrong answer', () => {
  const { answer } = json({ do: 'plant', question: QUESTION, mistake: 'signature-forgotten' });
  expect(answer).toBe('P4');
  const plain = { kind: 'interval-name', given: { ...QUESTION.given, key: 'C major' } };
  expect(json({ do: 'plant', question: plain, mistake: 'signature-forgotten' })).toEqual({ answer: null });
});

test('an earlier answer is followed through', () => {
  const invert = { kind: 'interval-invert', given: { ...QUESTION.given, name: 'A4' } };
  const earlier = [{ question: QUESTION, answer: 'P4' }];
  const followed = json({ do: 'mark', question: invert, answer: 'P5', earlier });
  expect(followed).toMatchObject({ verdict: 'wrong', follows: true, marks: { got: 2, of: 2 }, causes: [] });
});

test.each([
  [{ do: 'mark', question: QUESTION }, 'there is no answer.'],
  [{ do: 'mark', question: { kind: 'interval-name' }, answer: 'P4' }, '“given” is missing'],
  [{ do: 'mark', question: { kind: 'waltz', given: {} }, answer: 'P4' }, 'there is no such kind of exercise'],
  [{ do: 'mark', question: { ...QUESTION, answers: 'P4' }, answer: 'P4' }, '“answers” is not a list'],
  [{ do: 'mark', question: QUESTION, answer: 'P4', earlier: 1 }, '“earlier” is not a list'],
  [{ do: 'plant', question: QUESTION, mistake: 'tiredness' }, 'there is no such mistake'],
])('%j is refused in words', (request, message) => {
  const { error } = json(request) as { error: { message: string } };
  expect(error.message).toContain(message);
});

test('every mistake with its kinds, its words and what trains it', () => {
  const { mistakes } = JSON.parse(diatonix(['sheet', '--mistakes', '--json']).stdout) as {
    mistakes: { mistake: string; kinds: string[]; sentence: string; remedy: { kind: string } }[];
  };
  expect(mistakes.length).toBeGreaterThan(50);
  const forgotten = mistakes.find(({ mistake }) => mistake === 'signature-forgotten')!;
  expect(forgotten.kinds).toEqual(expect.arrayContaining(['interval-name', 'numeral-label', 'scale-write']));
  expect(forgotten.sentence).toMatch(/\.$/);
  expect(diatonix(['sheet', '--mistakes']).stdout).toContain('signature-forgotten: Signature forgotten (');
});

describe('files of answers', () => {
  const right = sheet.sections.flatMap(({ questions }, at) =>
    questions.map(({ answers }, place) => [`${at + 1}.${place + 1}`, answers[0]] as const),
  );
  const all = put('ada.json', { pupil: 'Ada', code: sheet.code, answers: Object.fromEntries(right) });
  const half = put('bram.json', {
    pupil: 'Bram',
    version: 'A',
    answers: { '1.1': right[0]![1], '9.9': 'P4' },
  });
  const lines = (...files: string[]) =>
    diatonix(['mark', spec, ...files, '--json'])
      .stdout.trim()
      .split('\n')
      .map((line) => JSON.parse(line) as Record<string, unknown>);

  test('all right, half filled, and an answer to no question', () => {
    const [ada, bram] = lines(all, half);
    expect(ada).toMatchObject({
      pupil: 'Ada',
      version: 'A',
      marks: { got: 12, of: 12 },
      open: [],
      remarks: [],
    });
    expect(bram).toMatchObject({
      pupil: 'Bram',
      marks: { got: 2, of: 12 },
      open: ['1.2', '1.3', '2.1', '2.2'],
    });
    expect(bram!['remarks']).toEqual(['There is no question 9.9 on this sheet: its answer was left out.']);
    expect(diatonix(['mark', spec, all, half]).stdout).toContain('Bram, version A: 2 of 12');
  });

  test.each([
    ['another sheet', { pupil: 'Cleo', code: 'ZZZZ-A', answers: {} }, 'its code is ZZZZ-A'],
    ['nobody', { code: sheet.code, answers: {} }, 'it does not say whose it is'],
    ['no answers', { pupil: 'Dov', code: sheet.code }, 'its “answers” cannot be read'],
    ['no JSON', '{', 'this file cannot be read as JSON'],
  ])('a file of %s has its error, and the others go on', (_, value, message) => {
    const [first, second] = lines(put('odd.json', value), all);
    expect(String(first!['error'])).toContain(message);
    expect(second).toMatchObject({ pupil: 'Ada' });
  });

  test('two files of one pupil are not counted twice', () => {
    const [, second] = lines(all, put('again.json', { pupil: 'Ada', code: sheet.code, answers: {} }));
    expect(String(second!['error'])).toContain('has handed in');
  });

  test('without files the command says what it wants', () => {
    const { status, stderr } = diatonix(['mark', spec]);
    expect([status, stderr]).toEqual([
      2,
      expect.stringContaining('diatonix mark SHEET.json ANSWERS.json') as string,
    ]);
  });
});

test('the pages of a sheet as PDF and its staves as MusicXML, and what is refused', () => {
  const [pdf, xml] = [join(folder, 'harbour.pdf'), join(folder, 'harbour.musicxml')];
  expect(diatonix(['sheet', '--spec', spec, '--pdf', pdf, '--versions', '2'])).toMatchObject({
    status: 0,
    stdout: '',
  });
  expect(readFileSync(pdf, 'latin1').startsWith('%PDF-')).toBe(true);
  expect(diatonix(['sheet', '--spec', spec, '--musicxml', xml]).status).toBe(0);
  expect(readFileSync(xml, 'utf8').match(/<measure /g)).toHaveLength(5);
  for (const [args, message] of [
    [['--pdf', pdf, '--paper', 'A9'], 'there is no such paper'],
    [['--pdf', pdf, '--versions', '0'], 'this is not a number of versions'],
    [['--pdf', join(folder, 'nowhere', 'x.pdf')], 'this file cannot be written'],
    [['--musicxml', join(folder, 'nowhere', 'x.xml')], 'this file cannot be written'],
  ] as const) {
    const { status, stderr } = diatonix(['sheet', '--spec', spec, ...args]);
    expect([status, stderr]).toEqual([2, expect.stringContaining(message) as string]);
  }
});
