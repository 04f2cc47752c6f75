/** What a class has been taught: degree by degree, triads before sevenths, key by key; sheets follow it. */
import { askQuestions, makeSheet, type MaterialText } from '@diatonix/core';
import { checkBody } from '../src/documents/checks/check';
import { taughtOf, withDegree, withKey, withSeventh } from '../src/documents/kinds/schoolClass/taught';
import { FIRST_CLASS, type SchoolClass } from '../src/documents/kinds/schoolClass/type';
import { asSet, specOf, untaughtNumerals } from '../src/documents/kinds/sheet/spec';
import type { SheetBody } from '../src/documents/kinds/sheet/type';

const sheetOf = (kind: string, material: MaterialText = {}, count = 40): SheetBody => ({
  ...{ title: 'Neap', seed: 3, versions: 1 },
  sections: [{ id: 'a', kind, count, marks: 1, instruction: '', seed: 0, material, exchanged: [] }],
});
const askedOf = (kind: string, schoolClass: SchoolClass, material?: MaterialText) =>
  makeSheet(specOf(sheetOf(kind, material), schoolClass)).sections[0]!.questions;

test('V but not V7: the triad is asked, its seventh is not', () => {
  const open = withSeventh(FIRST_CLASS, 'major', 5);
  expect([taughtOf(open.notYetTaught, 'major', 5), taughtOf(open.notYetTaught, 'minor', 5)]).toEqual([
    'triad',
    'all',
  ]);
  expect(checkBody('class', open)).toEqual([]);
  expect(untaughtNumerals(open)).toContain('V7');
  expect(untaughtNumerals(open)).not.toContain('V');
  const material = { keys: ['C major', 'G major'], inversions: [0, 1, 2, 3] };
  const asked = askedOf('numeral-label', open, material).map(({ answers }) => String(answers[0]));
  expect(asked.filter((one) => /^V(?:6|64)?$/.test(one)).length).toBeGreaterThan(0);
  expect(asked.filter((one) => /^V(?:7|65|43|42)$/.test(one))).toEqual([]);
  const before = askedOf('numeral-label', FIRST_CLASS, material).map(({ answers }) => String(answers[0]));
  expect(before.filter((one) => /^V(?:7|65|43|42)$/.test(one)).length).toBeGreaterThan(0);
});

test('a degree that comes later takes its seventh along, and comes back with it as it was', () => {
  const open = withDegree(withSeventh(FIRST_CLASS, 'minor', 7), 'minor', 7);
  expect(taughtOf(open.notYetTaught, 'minor', 7)).toBe('not yet');
  expect(taughtOf(withDegree(open, 'minor', 7).notYetTaught, 'minor', 7)).toBe('triad');
});

test('C but not E♭: no question is in a key that comes later, and what was set stays', () => {
  const open = withKey(withKey(FIRST_CLASS, 'Eb major'), 'C minor');
  expect(checkBody('class', open)).toEqual([]);
  const keys = new Set(askedOf('progression-label', open).map(({ given }) => given['key']));
  expect(keys.size).toBeGreaterThan(4);
  expect(keys.has('Eb major') || keys.has('C minor')).toBe(false);
  const set = asSet({ ...sheetOf('progression-label'), classId: 'x' }, open);
  expect(set.sections[0]!.material.keys).not.toContain('Eb major');
  expect(checkBody('sheet', set)).toEqual([]);
  // Who asks for nothing but that key means it.
  expect(askedOf('progression-label', open, { keys: ['Eb major'] })[0]!.given['key']).toBe('Eb major');
  expect(withKey(open, 'Eb major').notYetTaught.keys).toEqual(['C minor']);
  expect(
    checkBody('class', { ...open, notYetTaught: { ...open.notYetTaught, keys: ['H major'] } }),
  ).not.toEqual([]);
});

test('without a class, and with one that knows everything, sheets are as they were', () => {
  for (const kind of ['numeral-label', 'interval-name'])
    expect(specOf(sheetOf(kind), FIRST_CLASS)).toEqual(specOf(sheetOf(kind), null));
  const { questions } = askQuestions({
    kind: 'numeral-build',
    seed: 1,
    count: 30,
    material: { untaught: ['V7'] },
  });
  expect(questions.length).toBe(30);
});
