/**
 * What every build that ever landed left behind, as it was found when each was run (`scripts/freeze.mjs`): the rows of
 * its database and the workbook that it exported. Builds whose work has the same shape stand once.
 */
import 'fake-indexeddb/auto';
import { readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import Dexie from 'dexie';
import { listAside } from '../src/documents/persistence/asideRows';
import { closeDatabase } from '../src/documents/persistence/database';
import type { Document } from '../src/documents/store/document';
import { workbookFromFile } from '../src/documents/files/importFile';
import { readWorkbook } from '../src/documents/persistence/rows';
import { listWorkbooks } from '../src/documents/persistence/workbooks';

const FROZEN = join(__dirname, 'frozen');
const BUILDS = readdirSync(FROZEN)
  .filter((name) => name.endsWith('.rows.json'))
  .map((name) => name.replace('.rows.json', ''))
  .sort();
const read = (name: string) => readFileSync(join(FROZEN, name), 'utf8');

interface Rows {
  readonly version: number;
  readonly stores: Readonly<Record<string, readonly object[]>>;
}

/** The stores of each version of the database, as they were made then. */
const STORES: Readonly<Record<number, Record<string, string>>> = {
  1: { workbooks: 'id, savedAt', settings: 'name' },
  2: {},
  3: {},
  4: {
    workbooks: 'id, openedAt',
    documents: '[workbook+id], [workbook+stamp]',
    desks: 'workbook',
    lost: '++id',
  },
};

async function leave({ version, stores }: Rows): Promise<void> {
  const old = new Dexie('diatonix');
  for (const [number, own] of Object.entries(STORES))
    if (Number(number) <= version / 10) old.version(Number(number)).stores(own);
  for (const [name, rows] of Object.entries(stores)) await old.table(name).bulkAdd([...rows]);
  old.close();
}

beforeEach(async () => {
  closeDatabase();
  await Dexie.delete('diatonix');
});
afterAll(closeDatabase);

/** What a person would look for: the line that was typed last, the intervals, and that the class is there. */
function expectWork(documents: readonly Document[]): void {
  const lines = documents.flatMap((one) => (one.kind === 'progression' ? [one.body.columns] : []));
  const typed = lines.map((columns) =>
    columns.map((one) => ('entry' in one && 'text' in one.entry ? one.entry.text : '?')).join(' '),
  );
  expect(typed).toContain('I vi ii V7 I');
  expect(lines.length).toBeGreaterThan(1);
  expect(documents.some(({ kind }) => kind === 'class')).toBe(true);
  expect(documents.some(({ kind }) => kind === 'labels')).toBe(true);
}

test('there is one of each shape, and no other', () => {
  expect(BUILDS).toHaveLength(12);
});

describe.each(BUILDS)('%s', (build) => {
  test('its rows open with all that they held, and nothing is set aside', async () => {
    const rows = JSON.parse(read(`${build}.rows.json`)) as Rows;
    await leave(rows);
    const [workbook] = await listWorkbooks();
    const opened = (await readWorkbook(workbook!.id))!;
    expect(opened.aside).toEqual([]);
    expect(await listAside()).toEqual([]);
    expectWork(opened.documents);
    const before = rows.stores['documents'];
    if (before) expect(opened.documents).toHaveLength(before.length);
  });

  test('its file opens with all that it held, and nothing is set aside', async () => {
    const text = read(`${build}.file.json`);
    const opened = await workbookFromFile(text, 'old.json');
    if (!opened.ok) throw new Error(opened.message);
    expect(opened.value.aside).toEqual([]);
    expectWork(opened.value.documents);
    const { progressions, documents } = (JSON.parse(text) as { workbook: Record<string, object[]> }).workbook;
    const lines = opened.value.documents.filter(({ kind }) => kind === 'progression');
    if (progressions) expect(lines).toHaveLength(progressions.length);
    if (documents) expect(opened.value.documents).toHaveLength(documents.length);
  });
});
