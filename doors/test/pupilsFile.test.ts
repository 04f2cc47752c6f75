/** The file for pupils: what is written is read back, it holds no answer, and hostile files are told. */
import {
  givenOfSent,
  makeSheet,
  printPupilsFile,
  pupilSheet,
  TheoryError,
  type SheetSpec,
} from '@diatonix/core';
import { readPupilsFile } from '../src';

const SPEC: SheetSpec = {
  title: 'Slack water',
  seed: 77,
  sections: [
    { kind: 'interval-name', count: 3, marks: 2 },
    { kind: 'chord-map', count: 1, marks: 4 },
    { kind: 'key-find', count: 2, marks: 1 },
  ],
};
const sheets = [0, 1].map((version) => pupilSheet(makeSheet(SPEC, version)));

test.each([true, false])('what is written is read back (practice: %s)', (practice) => {
  const text = printPupilsFile({ sheets, practice });
  expect(readPupilsFile('slack.json', text)).toEqual({ sheets, practice });
  expect(text).not.toMatch(/answers|seed|rightAnswers/);
});

test('the names of the class come with their versions', () => {
  const names = [
    { name: 'Nesta Quill', version: 0 },
    { name: 'Odo Marr', version: 1 },
  ];
  const text = printPupilsFile({ sheets, practice: false, names });
  expect(readPupilsFile('slack.json', text)).toEqual({ sheets, practice: false, names });
});

const file = (change: object) =>
  JSON.stringify({ ...JSON.parse(printPupilsFile({ sheets, practice: false })), ...change });

test.each([
  ['', /cannot be read as JSON/],
  ['[1]', /not the file of a sheet/],
  ['null', /not the file of a sheet/],
  ['{"format":"diatonix-workbook"}', /whole workbook/],
  ['{"format":"diatonix-sheet"}', /teacher’s own file/],
  [file({ version: 9 }), /its version is 9.*This page reads version 1/],
  [file({ sheets: [] }), /1 to 26 versions/],
  [file({ sheets: Array.from({ length: 27 }, () => sheets[0]) }), /1 to 26 versions/],
  [file({ sheets: [{ title: 'x' }] }), /version 1 of the sheet is not whole/],
  [file({ sheets: [sheets[0], { ...sheets[1], sections: [{ kind: 7, questions: [] }] }] }), /version 2/],
  [
    file({ sheets: [{ ...sheets[0], sections: [{ kind: 'x', questions: [{ id: '1', given: [] }] }] }] }),
    /not whole/,
  ],
  [
    file({
      sheets: [
        {
          ...sheets[0],
          sections: [
            { kind: 'x', questions: Array.from({ length: 2001 }, (_, at) => ({ id: `1.${at}`, given: {} })) },
          ],
        },
      ],
    }),
    /2001 questions, and a sheet has 2000 at most/,
  ],
  [file({ names: 'all' }), /its list of names should hold 300 names at most/],
  [file({ names: [{ name: 'Odo', version: 2 }] }), /name 1 of its list is not whole/],
  [' '.repeat(5_000_001), /larger than 5 MB/],
])('%.40s… is told', (text, wrong) => {
  expect(() => readPupilsFile('odd.json', text)).toThrow(TheoryError);
  expect(() => readPupilsFile('odd.json', text)).toThrow(wrong);
  expect(() => readPupilsFile('odd.json', text)).toThrow(/“odd.json”/);
});

test('where the answer would stand in letters, what is drawn is sent; the page has the same question', () => {
  const spec: SheetSpec = {
    title: 'Ebb',
    seed: 5,
    sections: [
      { kind: 'note-name', count: 40, marks: 1, material: { accidentals: 'double' } },
      { kind: 'work-back', count: 8, marks: 1 },
    ],
  };
  for (let version = 0; version < 4; version++) {
    const sheet = makeSheet(spec, version);
    const text = printPupilsFile({ sheets: [pupilSheet(sheet)], practice: false });
    expect(text).not.toMatch(/"note":|"roles":/);
    const [read] = readPupilsFile('ebb.json', text).sheets;
    sheet.sections.forEach(({ questions }, at) =>
      questions.forEach((_one, place) =>
        expect(read!.sections[at]!.questions[place]!.given).not.toHaveProperty('roles'),
      ),
    );
    sheet.sections.forEach(({ kind, questions }, at) =>
      questions.forEach(({ given }, place) =>
        expect(givenOfSent({ kind, given: read!.sections[at]!.questions[place]!.given })).toEqual(given),
      ),
    );
  }
  // What an older teacher's page saved is read as it stands.
  const old = '{"id":"1.1","given":{"clef":"treble","key":"C major","note":"F#5"}}';
  const drawn = printPupilsFile({ sheets: [pupilSheet(makeSheet(spec, 0))], practice: false });
  const file = JSON.parse(drawn) as { sheets: { sections: { questions: unknown[] }[] }[] };
  file.sheets[0]!.sections[0]!.questions[0] = JSON.parse(old);
  const read = readPupilsFile('old.json', JSON.stringify(file));
  expect(read.sheets[0]!.sections[0]!.questions[0]!.given).toMatchObject({ note: 'F#5' });
});
