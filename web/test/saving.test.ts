/** Why saving failed, in plain words; and bringing older workbooks up to date. */
import { reasonOf } from '../src/workbook/autosave';
import { migrateWorkbook, WORKBOOK_VERSION } from '../src/workbook/migrate';
import { emptyWorkbook, openProgressionOf } from '../src/workbook/model';

const named = (name: string, inner?: string) =>
  Object.assign(new Error(name), {
    name,
    ...(inner ? { inner: Object.assign(new Error(inner), { name: inner }) } : {}),
  });

test.each([
  [named('QuotaExceededError'), 'The browser’s storage is full.'],
  [named('AbortError', 'QuotaExceededError'), 'The browser’s storage is full.'],
  [named('MissingAPIError'), 'This browser does not let the page store anything.'],
  [named('OpenFailedError', 'InvalidStateError'), 'This browser does not let the page store anything.'],
  [named('ConstraintError'), 'The browser refused to store the workbook.'],
  ['text', 'The browser refused to store the workbook.'],
])('%s is said as “%s”', (error, reason) => {
  expect(reasonOf(error)).toBe(reason);
});

test('an older workbook keeps what it has and gains what is new', () => {
  const old = {
    id: 'w',
    keyBench: { key: 'D minor', top: 7, clef: 'bass' },
    notYetTaught: { major: [], minor: [2] },
    progressions: [],
  };
  const { keyBench, intervals, chords } = emptyWorkbook('a', 'b');
  const second = {
    ...old,
    keyBench: { key: 'D minor', form: 'harmonic', top: 7, clef: 'bass', fingering: false },
    intervals,
    chords,
  };
  expect(migrateWorkbook(old, 1, 2)).toEqual(second);
  expect(migrateWorkbook(second, 2)).toEqual(migrateWorkbook(old, 1));
  expect(migrateWorkbook(old, 1)).toEqual({
    id: 'w',
    keyBench: { ...keyBench, key: 'D minor', top: 7, clef: 'bass' },
    intervals,
    chords,
    classes: [{ id: 'class', name: 'My class', notYetTaught: { major: [], minor: [2] } }],
    openClass: 'class',
    progressions: [],
  });
  expect(migrateWorkbook(old, WORKBOOK_VERSION)).toBe(old);
  for (const odd of [null, 3, 'text', []]) expect(migrateWorkbook(odd, 1)).toBe(odd);
});

test('the open progression is the first when its name is not found', () => {
  const workbook = emptyWorkbook('w', 'p');
  expect(openProgressionOf(workbook)!.id).toBe('p');
  expect(openProgressionOf({ ...workbook, openProgression: 'gone' })!.id).toBe('p');
  expect(openProgressionOf({ ...workbook, progressions: [] })).toBeNull();
});
