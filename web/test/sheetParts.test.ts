/** Questions kept, moved, changed and written; sheets as files. */
import { answerWords, makeSheet, PUPILS_FORMAT } from '@diatonix/core';
import { fieldText, questionFrom, readField } from '../src/benches/sheets/givenText';
import { sheetNow } from '../src/benches/sheets/desk';
import {
  addSheet,
  countQuestions,
  exchange,
  giveParts,
  moveQuestion,
  otherQuestions,
  pin,
  setClass,
  setDate,
  setScrap,
  setSize,
  unpin,
  writeAnother,
  writeQuestion,
} from '../src/benches/sheets/state';
import { checkBody } from '../src/documents/checks/check';
import { pupilsToFile, sheetFromFile, sheetToFile } from '../src/documents/files/sheetFile';
import { specOf, untaughtNumerals } from '../src/documents/kinds/sheet/spec';
import { showEmpty } from './demo';

const body = () => sheetNow()!.body;
const sheet = (version = 0) => makeSheet(specOf(body(), null), version);
const givens = (at = 0) => sheet().sections[at]!.questions.map(({ given }) => given);
const first = () => body().sections[0]!.id;
const sound = () => expect(checkBody('sheet', body())).toEqual([]);

beforeEach(showEmpty);

describe('questions by hand', () => {
  beforeEach(() => addSheet('First triads'));

  test('a kept question stays while the others change, until it is given back', () => {
    const kept = givens()[2]!;
    pin(first(), 2, kept);
    otherQuestions();
    expect(givens()[2]).toEqual(kept);
    expect(givens()[0]).not.toEqual(kept);
    sound();
    unpin(first(), 2);
    expect(givens()[2]).not.toEqual(kept);
  });

  test('questions are moved, and exchanged where they stand', () => {
    const before = givens();
    moveQuestion(first(), 0, 1);
    moveQuestion(first(), 0, -1);
    expect(givens().slice(0, 3)).toEqual([before[1], before[0], before[2]]);
    exchange(first(), 0);
    expect(givens().slice(1, 3)).toEqual([before[0], before[2]]);
    expect(givens()[0]).not.toEqual(before[1]);
    sound();
    // Another number of questions has its own order again.
    countQuestions(first(), 9);
    expect(givens()[0]).toEqual(before[0]);
  });

  test('a changed question has its own answer; what is none is told', () => {
    const [given] = givens();
    const changed = { ...given, notes: readField('D4 F#4 A4', given!['notes']) };
    const read = questionFrom('triad-name', changed);
    expect(read.ok && answerWords('triad-name', read.value.answers[0])).toBe('D, major, root position');
    const none = questionFrom('triad-name', { ...given, notes: readField('D4 H4', given!['notes']) });
    expect(none.ok ? '' : none.error.message).toContain('H4');
  });

  test.each([
    ['D4', 'D4'],
    [['C4', 'E4'], 'C4 E4'],
    [
      [
        ['C3', 'E4'],
        ['G2', 'B3'],
      ],
      'C3 E4 | G2 B3',
    ],
    [[['B4', null, null, 'G2']], 'B4 – – G2'],
    [[[], ['6', '5']], '– | 6 5'],
    [3, '3'],
    [true, 'true'],
  ])('%j is written as “%s” and read again', (value, text) => {
    expect(fieldText(value)).toBe(text);
    expect(readField(text, value)).toEqual(value);
  });

  test('a question in the teacher’s own words, with several right answers', () => {
    writeQuestion();
    const { id } = body().sections[2]!;
    pin(id, 0, { question: 'What ends a half cadence?' }, ['V', 'the dominant']);
    writeAnother(id);
    expect(sheet().sections[2]!.questions.map(({ answers }) => answers)).toEqual([
      ['V', 'the dominant'],
      ['its answer'],
    ]);
    sound();
  });

  test('the class, the date, the size and the room for working', () => {
    setClass('wednesday');
    setDate('2026-12-02');
    setSize('large');
    setScrap('letters');
    expect(body()).toMatchObject({
      classId: 'wednesday',
      date: '2026-12-02',
      size: 'large',
      scrap: 'letters',
    });
    sound();
    setClass(null);
    setDate('');
    expect('classId' in body() || 'date' in body()).toBe(false);
    expect(checkBody('sheet', { ...body(), date: 'tomorrow' })).not.toEqual([]);
    expect(checkBody('sheet', { ...body(), size: 'huge' })).not.toEqual([]);
  });

  test('marks by part are kept with the section, and taken back', () => {
    giveParts(first(), { root: 1, quality: 2, inversion: 1 });
    expect(sheet().sections[0]!.marks).toBe(4);
    sound();
    giveParts(first(), null);
    expect('parts' in body().sections[0]!).toBe(false);
    const [section] = body().sections;
    expect(checkBody('sheet', { ...body(), sections: [{ ...section, parts: { root: -1 } }] })).not.toEqual(
      [],
    );
  });

  test.each([
    [{ place: 0, given: { clef: 'treble', key: 'C major', notes: ['H4'] } }],
    [{ place: 0, given: { clef: 'treble', key: 'C major', notes: 'C4' } }],
    [{ place: 0, given: null }],
    [{ place: -0.5, given: {} }],
    [{ place: 0, given: { clef: 'grand', key: 'C major', notes: ['C4', 'E4', 'G4'], voices: [[7]] } }],
  ])('a pinned %j in a file is refused', (pinned) => {
    const [section] = body().sections;
    const broken = { ...body(), sections: [{ ...section, pinned: [pinned] }] };
    expect(checkBody('sheet', broken)).not.toEqual([]);
  });
});

test('untaught degrees are numerals in both modes and both forms of minor', () => {
  const numerals = untaughtNumerals({ name: '', notYetTaught: { major: [3], minor: [7] } });
  expect(numerals).toEqual(['iii', 'VII', 'viio']);
});

describe('files', () => {
  test('a sheet goes out and comes in the same; its class stays behind', () => {
    addSheet('Sevenths');
    setClass('somebody');
    const read = sheetFromFile(sheetToFile(body()), 'sevenths.json');
    const { classId, ...plain } = body();
    expect(classId).toBe('somebody');
    expect(read).toEqual({ ok: true, value: plain });
  });

  test('the file for pupils holds no answer, no difficulty and no seed', () => {
    addSheet('Chords in a key');
    const text = pupilsToFile(specOf(body(), null), 2);
    const { format, sheets } = JSON.parse(text) as {
      format: string;
      sheets: { version: string; sections: object[] }[];
    };
    expect([format, sheets.map(({ version }) => version)]).toEqual([PUPILS_FORMAT, ['A', 'B']]);
    expect(text).not.toMatch(/answers|difficulty|seed/);
    expect(text).not.toContain(String(body().seed) + 'A-');
    expect(sheets[0]!.sections).toHaveLength(3);
  });

  test.each([
    ['{', 'this is not the file of a sheet'],
    ['[]', 'this is not the file of a sheet'],
    ['{"format":"diatonix-workbook"}', 'this is a whole workbook'],
    [`{"format":"${PUPILS_FORMAT}"}`, 'this is the file for pupils'],
    ['{"format":"diatonix-sheet","version":9,"sheet":{}}', 'its version is 9'],
    ['{"format":"diatonix-sheet","version":1,"sheet":{"title":7}}', 'title'],
    [' '.repeat(5_000_001), 'larger than 5 MB'],
  ])('%.60s is refused in words', (text, message) => {
    const read = sheetFromFile(text, 'odd.json');
    expect(read.ok ? '' : read.message).toContain(message);
    expect(read.ok ? '' : read.message).toContain('No sheet was changed.');
  });
});
