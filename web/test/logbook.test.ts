/** The logbook without a page: skills, progress, causes, the table for other programs, pupils and lessons. */
import { DEFAULT_LABEL_STYLE } from '@diatonix/core';
import {
  addClassPupils,
  addLesson,
  changeLesson,
  changePupil,
  deletePupil,
  movePupil,
  removeLesson,
  renamePupilOfClass,
  teach,
} from '../src/benches/logbook/state';
import { addPile } from '../src/benches/marking/state';
import { pileNow as pileNow } from '../src/benches/marking/desk';
import { checkBody } from '../src/documents/checks/check';
import {
  causesOfPupil,
  degreesKnown,
  kindsIn,
  logbookCsv,
  markedPiles,
  namesIn,
  progressOf,
  skillGrid,
} from '../src/documents/logbook/logbook';
import { toCsv } from '../src/documents/files/csv';
import { causeRows, progressRows, skillRows, taughtRows } from '../src/documents/logbook/logbookCharts';
import { CLASS_DESK } from '../src/documents/store/openClass';
import { documentsOf } from '../src/documents/store/select';
import { undo, useDocuments } from '../src/documents/store/store';
import { everywhere, showDemo } from './demo';

const documents = () => useDocuments.getState().documents;
const classes = () => documentsOf(documents(), 'class');
const open = () => classes()[0]!;
const piles = () => markedPiles(documentsOf(documents(), 'pile'), open().id, DEFAULT_LABEL_STYLE);

beforeEach(() => {
  showDemo();
  CLASS_DESK.set({ open: open().id });
});

test('a term of the evening class: its piles from the first to the last, its pupils by name', () => {
  expect(piles().map(({ date }) => date)).toEqual(['2026-09-22', '2026-10-20', '2026-11-17']);
  expect(namesIn(piles())).toHaveLength(8);
  expect(kindsIn(piles())).toEqual([
    'note-name',
    'interval-name',
    'triad-name',
    'numeral-label',
    'figures-name',
  ]);
  // Another class has none of it.
  expect(markedPiles(documentsOf(documents(), 'pile'), classes()[1]!.id, DEFAULT_LABEL_STYLE)).toEqual([]);
  for (const { body } of documentsOf(documents(), 'pile')) expect(checkBody('pile', body)).toEqual([]);
});

test('the grid counts every answer once', () => {
  const grid = skillGrid(piles());
  const answered = [...grid.values()]
    .flatMap((row) => [...row.values()])
    .reduce((sum, one) => sum + one.answered, 0);
  const entries = documentsOf(documents(), 'pile').reduce((sum, { body }) => sum + body.entries.length, 0);
  expect(answered).toBe(entries);
  for (const row of grid.values())
    for (const { right, answered: all } of row.values()) expect(right).toBeLessThanOrEqual(all);
});

test('what was planted is found: the habit of a pupil leads the list of causes', () => {
  const first = (name: string) => causesOfPupil(piles(), name)[0]?.id;
  expect(first('Ivo Lantern')).toBeDefined();
  expect(causesOfPupil(piles(), 'Ebbe Sandholm').map(({ id }) => id)).toContain('lowest-for-root');
  expect(causesOfPupil(piles(), 'Corin Tidewell').map(({ id }) => id)).toContain('inverted');
  const all = causesOfPupil(piles(), null);
  const counts = all.map(({ count }) => count);
  expect(counts).toEqual([...counts].sort((a, b) => b - a));
  const own = namesIn(piles()).flatMap((name) => causesOfPupil(piles(), name));
  expect(own.reduce((sum, { count }) => sum + count, 0)).toBe(counts.reduce((sum, count) => sum + count, 0));
});

test('what was taught is told with what is known of it, degree by degree', () => {
  const known = degreesKnown(piles());
  const cells = [...known.entries()];
  expect(cells.length).toBeGreaterThan(3);
  const asked = piles().flatMap(({ pupils, kinds }) =>
    pupils.flatMap(({ answers }) =>
      [...answers.keys()].filter((place) => /^(?:numeral|figures)/.test(kinds[Number(place.split('.')[0])]!)),
    ),
  );
  const answered = cells.reduce((sum, [, cell]) => sum + cell.answered, 0);
  expect(answered).toBeGreaterThan(0);
  // Every numeral of the sheet is of the scale, so that each answer counts for one degree.
  expect(answered).toBe(asked.length);
  for (const [degree, { right, answered: all }] of cells) {
    expect(degree).toMatch(/^(?:major|minor) [1-7]$/);
    expect(right).toBeLessThanOrEqual(all);
  }
});

test('progress from sheet to sheet, of one and of all; nothing where somebody was away', () => {
  const away = progressOf(piles(), 'Ivo Lantern').map(({ share }) => share);
  expect(away[1]).toBeNull();
  const whole = progressOf(piles(), null).map(({ share }) => share!);
  for (const share of whole) {
    expect(share).toBeGreaterThan(0.3);
    expect(share).toBeLessThanOrEqual(1);
  }
});

test('the course of one exercise counts its answers alone', () => {
  const [kind] = kindsIn(piles());
  const cells = skillGrid(piles()).get('Fenna Quayle')!.get(kind!)!;
  const shares = progressOf(piles(), 'Fenna Quayle', kind!).map(({ share }) => share);
  // Note names were asked on the first sheet alone.
  expect(shares).toEqual([cells.right / cells.answered, null, null]);
  expect(progressOf(piles(), null, 'no-such-kind').every(({ share }) => share === null)).toBe(true);
});

test('piles that did not change are not marked again', () => {
  const [before] = piles();
  expect(piles()[0]).toBe(before);
});

test('the table for other programs has a line for each answer, and no formulas', () => {
  const lines = logbookCsv(piles(), DEFAULT_LABEL_STYLE).split('\r\n');
  const entries = documentsOf(documents(), 'pile').reduce((sum, { body }) => sum + body.entries.length, 0);
  expect(lines).toHaveLength(entries + 1);
  expect(lines[0]).toBe('date,sheet,pupil,question,exercise,answer,verdict,marks,of,cause');
  const [pile] = piles();
  const odd = { ...pile!, title: '=SUM("1,2")' };
  expect(logbookCsv([odd], DEFAULT_LABEL_STYLE).split('\r\n')[1]).toContain('"\'=SUM(""1,2"")"');
});

test('every chart is a table for other programs too', () => {
  const skills = skillRows(piles());
  expect(skills[0]).toHaveLength(1 + 2 * kindsIn(piles()).length);
  expect(skills).toHaveLength(1 + namesIn(piles()).length);
  const answered = skills
    .slice(1)
    .flatMap((row) => row.slice(1).filter((_, at) => at % 2 === 1) as number[])
    .reduce((sum, one) => sum + one, 0);
  expect(answered).toBe(
    documentsOf(documents(), 'pile').reduce((sum, { body }) => sum + body.entries.length, 0),
  );
  const progress = progressRows(piles(), 'Ivo Lantern');
  expect(progress[0]).toEqual(['date', 'sheet', 'Ivo Lantern: % right', 'class: % right']);
  expect(progress[2]![2]).toBe('');
  expect(causeRows(piles(), null, DEFAULT_LABEL_STYLE)).toHaveLength(1 + causesOfPupil(piles(), null).length);
  const taught = taughtRows(piles(), open().body);
  expect(taught).toHaveLength(15);
  expect(taught[3]!.slice(0, 3)).toEqual(['major', 3, 'not yet']);
  expect(toCsv(taught).split('\r\n')[0]).toBe('mode,degree,taught,right,answered');
});

test('pupils are added once, noted, left out of new piles when they have left', () => {
  addClassPupils(['Sorrel Wick', 'Ansa Brock', 'Sorrel Wick'], '2026-11-26');
  const pupils = open().body.pupils!;
  expect(pupils).toHaveLength(9);
  const sorrel = pupils[8]!;
  expect(sorrel).toMatchObject({ name: 'Sorrel Wick', since: '2026-11-26', left: false });
  changePupil(sorrel.id, { note: 'sings alto' });
  changePupil(pupils[0]!.id, { left: true });
  expect(checkBody('class', open().body)).toEqual([]);
  const [sheet] = documentsOf(documents(), 'sheet');
  addPile({ ...sheet!.body, classId: open().id }, open().body);
  expect(pileNow()!.body.pupils.map(({ name }) => name)).toEqual(pupils.slice(1).map(({ name }) => name));
  expect(checkBody('class', { ...open().body, pupils: [{ id: 'x', name: 7 }] })).not.toEqual([]);
});

test('a pupil is deleted with everything, in one go', () => {
  const fenna = open().body.pupils!.find(({ name }) => name === 'Fenna Quayle')!;
  const before = JSON.stringify(documents());
  expect(before).toContain('Fenna Quayle');
  deletePupil(fenna);
  expect(JSON.stringify(documents())).not.toContain('Fenna Quayle');
  for (const { body } of documentsOf(documents(), 'pile'))
    expect(body.entries.some(({ pupil }) => pupil === fenna.id)).toBe(false);
  undo(everywhere());
  expect(JSON.stringify(documents())).toContain('Fenna Quayle');
});

test('the plan of a deleted pupil goes with them', () => {
  const dilys = open().body.pupils!.find(({ name }) => name === 'Dilys Marrack')!;
  expect(documentsOf(documents(), 'plan').some(({ body }) => body.pupil === dilys.name)).toBe(true);
  deletePupil(dilys);
  expect(JSON.stringify(documents())).not.toContain('Dilys Marrack');
});

test('a pupil is renamed wherever the name stands, and never to that of another', () => {
  const dilys = open().body.pupils!.find(({ name }) => name === 'Dilys Marrack')!;
  const before = skillGrid(piles()).get(dilys.name);
  expect(renamePupilOfClass(dilys, '  ')).toMatch(/needs a name/);
  expect(renamePupilOfClass(dilys, 'Fenna Quayle')).toMatch(
    /There is a “Fenna Quayle” in this class already/,
  );
  expect(JSON.stringify(documents())).toContain('Dilys Marrack');
  expect(renamePupilOfClass(dilys, 'Dilys Marrack-Shore')).toBeNull();
  expect(JSON.stringify(documents())).not.toMatch(/Dilys Marrack(?!-Shore)/);
  expect(skillGrid(piles()).get('Dilys Marrack-Shore')).toEqual(before);
  undo(everywhere());
  expect(skillGrid(piles()).get('Dilys Marrack')).toEqual(before);
});

test('a pupil who moves takes the plans along, and leaves the answers in the log of the class', () => {
  const dilys = open().body.pupils!.find(({ name }) => name === 'Dilys Marrack')!;
  const other = classes()[1]!;
  const before = skillGrid(piles()).get(dilys.name);
  expect(movePupil(dilys, other.id)).toBeNull();
  expect(open().body.pupils!.some(({ id }) => id === dilys.id)).toBe(false);
  expect(classes()[1]!.body.pupils).toContainEqual(dilys);
  expect(documentsOf(documents(), 'plan').find(({ body }) => body.pupil === dilys.name)!.body.classId).toBe(
    other.id,
  );
  expect(skillGrid(piles()).get(dilys.name)).toEqual(before);
  addClassPupils(['Dilys Marrack'], '2026-11-27');
  const again = open().body.pupils!.at(-1)!;
  expect(movePupil(again, other.id)).toMatch(/Rename one of the two first/);
});

test('lessons are kept with what was taught and set; a degree that is taught is asked from then on', () => {
  addLesson('2026-11-24');
  const lesson = open().body.lessons!.at(-1)!;
  changeLesson(lesson.id, { taught: 'The mediant', set: 'Sheet 4', remark: 'calm' });
  expect(open().body.lessons!.at(-1)).toEqual({
    id: lesson.id,
    date: '2026-11-24',
    taught: 'The mediant',
    set: 'Sheet 4',
    remark: 'calm',
  });
  teach('major', 3);
  expect(open().body.notYetTaught.major).not.toContain(3);
  teach('major', 3);
  expect(open().body.notYetTaught.major).toContain(3);
  expect(checkBody('class', open().body)).toEqual([]);
  removeLesson(lesson.id);
  expect(open().body.lessons).toHaveLength(3);
});

test('a cell that a table program would work out is kept a text, however it begins', () => {
  for (const sign of ['=', '+', '-', '@', '\t', '\r', '\n', '＝', '＋', '－', '＠'])
    expect(toCsv([[`${sign}1+1`]])).toContain(`'${sign}1+1`);
  expect(toCsv([[-3, 'm6']])).toBe('-3,m6');
  expect(toCsv([['one\rtwo', 'a "b"', 'c,d']])).toBe('"one\rtwo","a ""b""","c,d"');
});
