/** Answers as a pupil hands them in: what is sound is taken, the rest is refused by the name of its file. */
import { readAnswerFile } from '../src';

const file = (change: object) =>
  JSON.stringify({ pupil: 'Nell', code: 'h4nz-b', answers: { '1.1': 'm6', '2.1': [['C', 'E']] }, ...change });

test('a file is read, its code in capitals', () => {
  expect(readAnswerFile('nell.json', file({}))).toEqual({
    pupil: 'Nell',
    code: 'H4NZ-B',
    version: undefined,
    answers: { '1.1': 'm6', '2.1': [['C', 'E']] },
  });
  expect(readAnswerFile('nell.json', file({ code: null, version: 'B' }))).toMatchObject({
    code: null,
    version: 'B',
  });
});

test.each([
  ['{', /cannot be read as JSON/],
  ['[]', /not a file of answers/],
  [file({ pupil: ' ' }), /does not say whose it is/],
  [file({ pupil: 'x'.repeat(201) }), /does not say whose it is/],
  [file({ answers: ['m6'] }), /its “answers” cannot be read/],
  [file({ answers: undefined }), /its “answers” cannot be read/],
  [file({ answers: { '1.1': [[[[[['C']]]]]] } }), /nested too deeply/],
  [
    file({ answers: Object.fromEntries(Array.from({ length: 2001 }, (_, at) => [`1.${at}`, 'C'])) }),
    /it answers 2001 questions, and a sheet has 2000 at most/,
  ],
  [file({ code: 'herring?' }), /its code “herring\?” is none that a page has/],
  [file({ code: 7 }), /its code is none that a page has/],
  [file({ version: 2 }), /its version is not a letter/],
  [' '.repeat(2_000_001), /larger than 2 MB/],
])('%.60s is refused', (text, message) => {
  expect(() => readAnswerFile('odd.json', text)).toThrow(message);
  expect(() => readAnswerFile('odd.json', text)).toThrow(/^“odd\.json”/);
});
