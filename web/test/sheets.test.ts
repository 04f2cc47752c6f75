/** The Sheets bench without a page: sections, exchanged questions, the check of documents, staves that are level. */
import { KINDS, askQuestions, makeSheet, staffLayout, staffPosition } from '@diatonix/core';
import { checkBody } from '../src/documents/checks/check';
import { undo } from '../src/documents/store/store';
import { sheetNow, SHEETS_DESK } from '../src/benches/sheets/desk';
import { frameOf } from '@diatonix/engraving';
import { STARTS } from '../src/benches/sheets/starts';
import {
  addSection,
  addSheet,
  copySheet,
  countQuestions,
  exchange,
  moveSection,
  otherQuestions,
  removeSection,
  setMaterial,
} from '../src/benches/sheets/state';
import { everywhere, showEmpty } from './demo';

const sections = () => sheetNow()!.body.sections;
const kinds = () => sections().map(({ kind, count }) => `${kind} ${count}`);
const sheet = () => makeSheet(sheetNow()!.body);

beforeEach(showEmpty);

test.each(STARTS.map(({ name }) => name))(
  '“%s” begins a sound sheet whose questions can all be made',
  (name) => {
    addSheet(name);
    expect(checkBody('sheet', sheetNow()!.body)).toEqual([]);
    for (const version of [0, 1, 2])
      expect(makeSheet(sheetNow()!.body, version).sections.map(({ questions }) => questions.length)).toEqual(
        sections().map(({ count }) => count),
      );
  },
);

test.each([
  ['note-name', 3],
  ['triad-name', 3],
  ['interval-name', 2],
  ['cadence-name', 1],
  ['score-label', 6],
  ['chord-map', 14],
])('a section of %s has a mark for each part of an answer: %i', (kind, marks) => {
  addSheet('Sevenths');
  addSection(kind);
  expect(sheet().sections[2]!.marks).toBe(marks);
});

test('sections are added, counted, moved and taken away; their questions go with them', () => {
  addSheet('Sevenths');
  addSection('note-name');
  countQuestions(sections()[2]!.id, 7);
  expect(kinds()).toEqual(['seventh-name 8', 'seventh-build 4', 'note-name 7']);
  const before = sheet().sections[2]!.questions;
  moveSection(sections()[2]!.id, -1);
  expect(kinds()).toEqual(['seventh-name 8', 'note-name 7', 'seventh-build 4']);
  expect(sheet().sections[1]!.questions).toEqual(before);
  moveSection(sections()[0]!.id, -1);
  removeSection(sections()[0]!.id);
  expect(kinds()).toEqual(['note-name 7', 'seventh-build 4']);
  undo(everywhere());
  expect(kinds()).toEqual(['seventh-name 8', 'note-name 7', 'seventh-build 4']);
});

test('one question is exchanged for another, as often as one likes, and the others stay', () => {
  addSheet('First triads');
  const given = () => sheet().sections[0]!.questions.map((one) => JSON.stringify(one.given));
  const first = given();
  exchange(sections()[0]!.id, 2);
  const second = given();
  exchange(sections()[0]!.id, 2);
  const third = given();
  for (const now of [second, third]) expect(now.filter((one, at) => one !== first[at])).toHaveLength(1);
  expect(new Set([first[2], second[2], third[2]]).size).toBe(3);
  expect(new Set(third).size).toBe(third.length);
  otherQuestions();
  expect(sections()[0]!.exchanged).toEqual([]);
  expect(given()).not.toEqual(first);
});

test('a copy asks other questions of the same sections', () => {
  addSheet('Figured bass');
  const before = sheet();
  copySheet();
  expect(sheetNow()!.body.title).toBe('Figured bass (another)');
  expect(sheet().sections.map(({ kind }) => kind)).toEqual(before.sections.map(({ kind }) => kind));
  expect(sheet().code).not.toBe(before.code);
  expect(SHEETS_DESK.get().open).toBe(sheetNow()!.id);
});

test('material is set by field, and given back', () => {
  addSheet('Intervals and inversions');
  const { id } = sections()[0]!;
  setMaterial(id, 'clefs', ['alto']);
  setMaterial(id, 'accidentals', undefined);
  expect(sections()[0]!.material).toEqual({ clefs: ['alto'] });
  expect(sheet().sections[0]!.questions.every(({ given }) => given['clef'] === 'alto')).toBe(true);
});

test.each([
  ['a kind that is none', { kind: 'magic' }],
  ['material of another kind of value', { material: { clefs: 'bass' } }],
  ['material that no kind has', { material: { nonsense: [] } }],
  ['a list for material', { material: [] }],
  ['too many questions', { count: 5000 }],
  ['no questions', { count: 0 }],
  ['marks below nothing', { marks: -1 }],
])('a document with %s is refused', (_, wrong) => {
  addSheet('Sevenths');
  const { body } = sheetNow()!;
  const reasons = checkBody('sheet', { ...body, sections: [{ ...body.sections[0], ...wrong }] });
  expect(reasons.length).toBeGreaterThan(0);
  expect(reasons.join(' ')).toMatch(/^sections 1 › /);
});

test('the staves of a section are level, and nothing of a question stands outside its frame', () => {
  for (const { id } of KINDS) {
    const puts = askQuestions({ kind: id, seed: 3, count: 12 }).questions.map(staffLayout);
    const frame = frameOf(puts);
    if (!frame) {
      expect(puts.every(({ clefs }) => clefs.length === 0)).toBe(true);
      continue;
    }
    const bottom = { treble: 30, bass: 18, alto: 24, tenor: 22 };
    for (const { clefs, staves } of puts)
      staves.forEach((moments, at) => {
        for (const note of moments.flat()) {
          const y = frame.staves[at]! + 40 - (staffPosition(note) - bottom[clefs[at]!]) * 5;
          expect(y).toBeGreaterThan(0);
          expect(y).toBeLessThan(frame.height);
        }
      });
  }
});
