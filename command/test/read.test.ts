/** `diatonix read` and `{"do":"read"}`: files and folders on all cores, in order, whatever is among them. */
import { copyFileSync, mkdirSync, mkdtempSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { answerLine } from '../src/lines';
import { readFile } from '../src/readWorker';
import { diatonix } from './program';

const CHORALE = join(__dirname, '..', '..', 'core', 'test', 'oracles', 'chorale-012.musicxml');
const folder = mkdtempSync(join(tmpdir(), 'diatonix-'));

interface Answer {
  readonly file: string;
  readonly title: string;
  readonly bars: number;
  readonly length: string;
  readonly parts: readonly { readonly name: string; readonly notes: number }[];
  readonly keys: readonly {
    readonly from: string;
    readonly key: string;
    readonly evidence: readonly string[];
  }[];
  readonly chords: readonly Record<string, unknown>[];
  readonly cadences: readonly Record<string, unknown>[];
  readonly error?: { readonly code: string; readonly message: string };
}

const lines = (text: string) => text.trim().split('\n').map((line) => JSON.parse(line) as Answer); // prettier-ignore

test('many files and folders are answered in order; what cannot be read is told and the others go on', () => {
  const inside = join(folder, 'hymns');
  mkdirSync(inside);
  for (const name of ['b.musicxml', 'a.musicxml', 'c.xml']) copyFileSync(CHORALE, join(inside, name));
  writeFileSync(join(inside, 'broken.mxl'), 'PK\u0003\u0004nonsense');
  writeFileSync(join(inside, 'notes.txt'), 'not a score');
  const empty = join(folder, 'empty.mid');
  writeFileSync(empty, '');
  const { stdout, status } = diatonix(['read', '--json', inside, empty]);
  expect(status).toBe(0);
  const answers = lines(stdout);
  expect(answers.map(({ file, error }) => [file.split('/').pop(), error === undefined])).toEqual([
    ['a.musicxml', true],
    ['b.musicxml', true],
    ['broken.mxl', false],
    ['c.xml', true],
    ['empty.mid', false],
  ]);
  expect(answers[2]!.error!.message).toMatch(/not a readable \.mxl/);
  const [first] = answers;
  expect([first!.bars, first!.length, first!.parts.length]).toEqual([17, '49', 4]);
  expect(first!.chords[0]).toMatchObject({
    at: '0',
    bar: 0,
    beat: '3',
    root: 'A',
    key: 'A minor',
    numeral: 'i',
  });
  expect(first!.cadences.at(-1)).toEqual({ at: '46', bar: 16, kind: 'authentic' });
  expect(first!.keys[0]!.evidence).toContain('for: begins on its tonic');
});

test('one file in words, in a key that is given; nothing readable is exit status 2', () => {
  const { stdout } = diatonix(['read', CHORALE, '--key', 'A minor']);
  expect(stdout).toMatch(/^A minor: for: begins on its tonic/m);
  expect(stdout).toMatch(/^measure 16 beat 1 +I +A +authentic cadence/m);
  const wrong = diatonix(['read', join(folder, 'nowhere.xml')]);
  expect([wrong.status, wrong.stderr]).toEqual([2, expect.stringMatching(/there is no such file/)]);
});

const ask = (score: unknown) => JSON.parse(answerLine(JSON.stringify({ do: 'read', score }))) as Answer;
const chord = (at: string, ...notes: readonly string[]) => notes.map((note, part) => [at, '1', note, part]);
const cadence = [
  ...chord('0', 'E5', 'C5', 'G4', 'C3'),
  ...chord('1', 'D5', 'B4', 'G4', 'G3'),
  ...chord('2', 'C5', 'C5', 'E4', 'C3'),
];

test('notes of a request are read as those of a file', () => {
  const { chords, cadences } = ask({ signature: 0, time: '3/4', notes: cadence });
  expect(chords.map(({ at, numeral, notes }) => [at, numeral, notes])).toEqual([
    ['0', 'I', ['C', 'E', 'G']],
    ['1', 'V', ['G', 'B', 'D']],
    ['2', 'I', ['C', 'E', 'G']],
  ]);
  expect(cadences).toEqual([{ at: '2', bar: 1, kind: 'authentic' }]);
});

test.each([
  [null, /“score” is not an object/],
  [{}, /“notes” is missing/],
  [{ notes: [] }, /the score has no notes/],
  [{ notes: [['0', '1', 'H4', 0]] }, /H4|“H”/],
  [{ notes: [['0', '0', 'C4', 0]] }, /lasts nothing/],
  [{ notes: [['0', '1', 'C4', -1]] }, /is not \[at, length, pitch, part\]/],
  [{ notes: [['x', '1', 'C4', 0]] }, /not a time in “notes”/],
  [{ notes: [['999999', '1', 'C4', 0]] }, /at most 50000 quarters/],
  [{ notes: cadence, time: '4/5' }, /not a metre/],
  [{ notes: cadence, signature: 9 }, /“signature” is not a whole number/],
  [{ notes: cadence, measures: ['x'] }, /this is not a bar/],
  [{ notes: Array.from({ length: 300 }, () => ['0', '4', 'C4', 0]) }, /more than 200 notes sound at once/],
])('%j is refused in words', (score, reason) => {
  expect(ask(score).error?.message).toMatch(reason);
});

test('a score of one figure without end, and one with a fermata on everything, are read', () => {
  const figure = ['C3', 'G3', 'E3', 'G3'];
  const zigzag = Array.from({ length: 3000 }, (_, at) => [`${at}/4`, '1/4', figure[at % 4], 0]);
  expect(ask({ notes: zigzag, time: '4/4' }).chords.length).toBeGreaterThan(0);
  const fermatas = Array.from({ length: 3000 }, (_, at) => String(at));
  expect(ask({ notes: zigzag.slice(0, 400), fermatas }).error).toBeUndefined();
});

test('a key in which the chords cannot be written is refused in words', () => {
  const far = [
    ['1', 'F##4', 'Bbb3'],
    ['2', 'C#5', 'Abb3'],
    ['3', 'E##5', 'Fbb3'],
  ] as const;
  const notes = [...chord('0', 'E5', 'C5', 'C3'), ...far.flatMap(([at, ...names]) => chord(at, ...names))];
  const answer = (key: string) =>
    JSON.parse(answerLine(JSON.stringify({ do: 'read', key, score: { notes } }))) as Answer;
  expect(answer('G# major').error).toMatchObject({
    code: 'key',
    message: expect.stringMatching(
      /“G# major”: some chords of the score cannot be written in this key/,
    ) as string,
  });
  expect(answer('C major').error).toBeUndefined();
});

test('what a worker cannot read it tells with the name of the file', () => {
  const { line, error } = readFile({ file: join(folder, 'nothing.xml') });
  expect(JSON.parse(line)).toMatchObject({ file: join(folder, 'nothing.xml') });
  expect(error).not.toBeNull();
});
