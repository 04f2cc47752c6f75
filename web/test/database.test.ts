/**
 * The browser's database: rows of every older shape open, an edit writes only what it changed, tabs that write
 * the same workbook lose nothing, and what cannot be read is kept.
 */
import 'fake-indexeddb/auto';
import Dexie from 'dexie';
import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { deleteAside, listAside } from '../src/documents/persistence/asideRows';
import { closeDatabase, database, type DocumentRow } from '../src/documents/persistence/database';
import { FIRST_PROGRESSION, type Progression } from '../src/documents/kinds/progression/type';
import { FIRST_KEY_MAP } from '../src/documents/kinds/key/type';
import { VERSION } from '../src/documents/migrations/version';
import { admitRows, readWorkbook, saveDocuments, type Unsaved } from '../src/documents/persistence/rows';
import { reasonOf } from '../src/documents/persistence/trouble';
import type { Document } from '../src/documents/store/document';

const frozen = (version: string) =>
  JSON.parse(readFileSync(join(__dirname, 'frozen', `workbook-${version}.json`), 'utf8')) as {
    version: number;
    workbook: { title: string; progressions: { id: string; title: string }[] };
  };

const HEADER = { id: 'w', title: 'Harbour class', writtenAt: null };
const line = (id: string, part: Partial<Progression> = {}): Document<'progression'> => ({
  id,
  kind: 'progression',
  order: 1,
  body: { ...FIRST_PROGRESSION, title: 'Tide', ...part },
});
const fresh = (now: Document): Unsaved => ({ id: now.id, now, base: null });
const rowOf = (id: string) => database().documents.get(['w', id]);

beforeEach(async () => {
  closeDatabase();
  await Dexie.delete('diatonix');
});
afterAll(closeDatabase);

/** A database as an older page left it: version 3 of the database, rows of any version of the workbook. */
async function oldDatabase(rows: readonly unknown[]): Promise<void> {
  const old = new Dexie('diatonix');
  old.version(1).stores({ workbooks: 'id, savedAt', settings: 'name' });
  old.version(3);
  await old.table('workbooks').bulkAdd(rows as object[]);
  await old.table('settings').put({ name: 'appearance', value: { theme: 'board', boardSize: false } });
  old.close();
}

test.each(['1', '2', '2a', '3', '4'])('a row of version %s opens with all that it held', async (version) => {
  const { workbook } = frozen(version);
  await oldDatabase([{ id: 'w', savedAt: 5, workbook, place: { bench: 'progressions', notePanel: true } }]);
  const read = await readWorkbook('w');
  expect(read?.row).toMatchObject({ title: workbook.title, openedAt: 5, writtenAt: null, deletedAt: null });
  expect(read?.aside).toEqual([]);
  const lines = read!.documents.filter(({ kind }) => kind === 'progression');
  const inOrder = [...lines].sort((a, b) => a.order - b.order);
  expect(inOrder.map(({ id }) => id)).toEqual(workbook.progressions.map(({ id }) => id));
  const desk = await database().desks.get('w');
  expect(desk?.desk).toMatchObject({ shell: { bench: 'progressions' }, notes: { open: true } });
  expect((await database().settings.get('appearance'))?.value).toMatchObject({ theme: 'board' });
});

test('rows that were saved unmigrated, and rows that hold nothing, harm no other', async () => {
  const { workbook } = frozen('4');
  const odd = [
    { id: 'nothing', savedAt: 9 },
    { id: 'text', savedAt: 8, workbook: 'text' },
    {
      id: 'gap',
      savedAt: 7,
      workbook: { ...workbook, progressions: [null, { id: 'x', metre: null }, workbook.progressions[0]] },
    },
    { id: 'half', savedAt: 6, workbook: { ...workbook, keyBench: null, school: [] } },
    { id: 'sound', savedAt: 1, workbook },
  ];
  await oldDatabase(odd);
  expect((await database().workbooks.toArray()).map(({ id }) => id).sort()).toEqual(['gap', 'half', 'sound']);
  expect((await listAside()).map(({ raw }) => (raw as { id: string }).id).sort()).toEqual([
    'nothing',
    'text',
  ]);
  const gap = await readWorkbook('gap');
  expect(gap!.documents.filter(({ kind }) => kind === 'progression')).toHaveLength(1);
  expect(gap!.aside).toHaveLength(2);
  const half = await readWorkbook('half');
  // What is missing takes its default.
  expect(half!.aside).toEqual([]);
  expect(half!.documents.map(({ kind }) => kind)).toEqual(expect.arrayContaining(['key', 'labels']));
  expect((await readWorkbook('sound'))!.aside).toEqual([]);
});

test('an edit writes the row of its document and the workbook’s own, and no other', async () => {
  const all = Array.from({ length: 20 }, (_, at) => fresh(line(`p${at}`, { title: `Line ${at}` })));
  const { stamp } = await saveDocuments(HEADER, all, 'tab');
  const before = await database().documents.toArray();
  const now = line('p7', { title: 'Ebb' });
  const base = { document: line('p7', { title: 'Line 7' }), stamp };
  const second = await saveDocuments(HEADER, [{ id: 'p7', now, base }], 'tab');
  const after = await database().documents.toArray();
  const changed = after.filter((row, at) => JSON.stringify(row) !== JSON.stringify(before[at]));
  expect(changed.map(({ id }) => id)).toEqual(['p7']);
  expect(changed[0]).toMatchObject({ version: VERSION, stamp: second.stamp, tab: 'tab', deleted: false });
  expect(second.merged).toEqual([]);
  expect(second.stamp).toBe(stamp + 1);
});

test('two tabs that edit different documents keep both', async () => {
  const { stamp } = await saveDocuments(HEADER, [fresh(line('a')), fresh(line('b'))], 'one');
  const base = (id: string) => ({ document: line(id), stamp });
  await saveDocuments(HEADER, [{ id: 'a', now: line('a', { title: 'From one' }), base: base('a') }], 'one');
  await saveDocuments(HEADER, [{ id: 'b', now: line('b', { title: 'From two' }), base: base('b') }], 'two');
  const read = await readWorkbook('w');
  expect(read!.documents.map(({ body }) => (body as Progression).title)).toEqual(['From one', 'From two']);
});

test('two tabs that edit different fields of one document are merged', async () => {
  const { stamp } = await saveDocuments(HEADER, [fresh(line('a'))], 'one');
  const base = { document: line('a'), stamp };
  await saveDocuments(HEADER, [{ id: 'a', now: line('a', { tempo: 120 }), base }], 'two');
  const { merged } = await saveDocuments(
    HEADER,
    [{ id: 'a', now: line('a', { title: 'Ebb' }), base }],
    'one',
  );
  expect(merged[0]!.document!.body).toMatchObject({ title: 'Ebb', tempo: 120 });
  const row = await rowOf('a');
  expect(row!.body).toMatchObject({ title: 'Ebb', tempo: 120 });
  expect(await database().clashes.toArray()).toEqual([]);
});

test('of two edits of one field the later stands, and both values are kept until somebody chooses', async () => {
  const { stamp } = await saveDocuments(HEADER, [fresh(line('a'))], 'one');
  const base = { document: line('a'), stamp };
  await saveDocuments(HEADER, [{ id: 'a', now: line('a', { title: 'Earlier' }), base }], 'two');
  await saveDocuments(HEADER, [{ id: 'a', now: line('a', { title: 'Later' }), base }], 'one');
  expect(await rowOf('a')).toMatchObject({ tab: 'one', body: { title: 'Later' } });
  const [clash] = await database().clashes.toArray();
  expect(clash).toMatchObject({ document: 'a', path: ['title'], stands: { value: 'Later' } });
  expect(clash!.others).toEqual([{ value: 'Earlier' }]);
});

test('a document that one tab deleted and another edited stands again', async () => {
  const { stamp } = await saveDocuments(HEADER, [fresh(line('a'))], 'one');
  const base = { document: line('a'), stamp };
  await saveDocuments(HEADER, [{ id: 'a', now: null, base }], 'two');
  expect((await readWorkbook('w'))!.documents).toEqual([]);
  // Nothing of it stays but the mark.
  expect(await rowOf('a')).toMatchObject({ deleted: true, body: null });
  await saveDocuments(HEADER, [{ id: 'a', now: line('a', { title: 'Edited' }), base }], 'one');
  expect((await readWorkbook('w'))!.documents[0]!.body).toMatchObject({ title: 'Edited' });
  expect((await database().clashes.toArray())[0]).toMatchObject({ path: [], others: [{}] });
});

test('a workbook that was deleted comes back when it is edited', async () => {
  await saveDocuments(HEADER, [fresh(line('a'))], 'one');
  await database().workbooks.update('w', { deletedAt: 1 });
  expect(await readWorkbook('w')).toBeUndefined();
  await saveDocuments(HEADER, [], 'one');
  expect(await readWorkbook('w')).toBeDefined();
});

test('a row of a newer version is set aside and stays as it is', async () => {
  const row = {
    workbook: 'w',
    id: 'key',
    kind: 'key',
    order: 1,
    stamp: 1,
    tab: '',
    deleted: false,
    body: FIRST_KEY_MAP,
  };
  const read = await admitRows([{ ...row, version: VERSION + 1 } as DocumentRow]);
  expect(read.documents).toEqual([]);
  expect(read.aside[0]!.reasons[0]).toMatch(/newer version/);
  expect((await admitRows([{ ...row, version: VERSION } as DocumentRow])).documents).toHaveLength(1);
});

test('what cannot be read is kept until it is deleted, whatever is edited in its place', async () => {
  const { stamp } = await saveDocuments(HEADER, [fresh(line('a')), fresh(line('b'))], 'one');
  const rows = await database().documents.toArray();
  const broken = { ...rows[0]!, body: { title: 'No columns' } };
  const half = { ...rows[1]!, body: { ...(rows[1]!.body as Progression), tempo: 7, surprise: 1 } };
  await database().documents.bulkPut([broken, half]);
  const read = (await readWorkbook('w'))!;
  expect(read.documents.map(({ id }) => id)).toEqual(['b']);
  expect(read.documents[0]!.body).toMatchObject({ title: 'Tide', tempo: FIRST_PROGRESSION.tempo });
  // A new document of the same id, as the bench of a single kind writes one.
  await saveDocuments(HEADER, [fresh(line('a', { title: 'New' }))], 'one');
  expect((await readWorkbook('w'))!.documents.map(({ body }) => (body as Progression).title)).toContain(
    'New',
  );
  const kept = await listAside();
  expect(kept.map(({ name }) => name).sort()).toEqual(['2 parts of “Tide”', '“No columns”']);
  expect(JSON.stringify(kept)).toContain('"raw":7');
  // It is found once, and what was mended is sound from now on.
  await readWorkbook('w');
  expect(await listAside()).toHaveLength(2);
  expect((await readWorkbook('w'))!.aside).toEqual([]);
  expect((await rowOf('b'))!.stamp).toBeGreaterThan(stamp);
  await deleteAside(kept.map(({ id }) => id));
  await readWorkbook('w');
  expect(await listAside()).toEqual([]);
});

test('what a newer page wrote is kept where something is written in its place', async () => {
  await saveDocuments(HEADER, [fresh(line('a'))], 'one');
  const [row] = await database().documents.toArray();
  await database().documents.put({ ...row!, version: VERSION + 1, body: { new: 'shape' } });
  const read = (await readWorkbook('w'))!;
  expect(read.aside[0]!.reasons[0]).toMatch(/newer version/);
  expect(await listAside()).toEqual([]);
  expect(await rowOf('a')).toMatchObject({ version: VERSION + 1 });
  await saveDocuments(HEADER, [fresh(line('a', { title: 'New' }))], 'one');
  expect((await listAside())[0]!.raw).toMatchObject({ version: VERSION + 1, body: { new: 'shape' } });
});

test('a row that was changed after it was written is checked, one that was not is taken as it is', async () => {
  await saveDocuments(HEADER, [fresh(line('a')), fresh(line('b'))], 'one');
  const [a, b] = await database().documents.toArray();
  const odd = { ...b!, body: { ...(b!.body as Progression), metre: null } };
  const read = await admitRows([a!, odd]);
  expect(read.documents.map(({ id }) => id)).toEqual(['a', 'b']);
  expect([...read.mended]).toEqual(['b']);
  expect(read.aside[0]!.reasons.join(' ')).toMatch(/metre/);
  const unsealed: Partial<typeof odd> = { ...odd };
  delete unsealed.seal;
  expect((await admitRows([unsealed as typeof odd])).aside).toHaveLength(1);
});

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
  [
    named('DatabaseClosedError'),
    'The browser’s storage was closed, perhaps by a newer Diatonix in another tab. Reload this page.',
  ],
  [named('ConstraintError'), 'The browser refused to store the workbook.'],
  ['text', 'The browser refused to store the workbook.'],
])('%s is said as “%s”', (error, reason) => {
  expect(reasonOf(error)).toBe(reason);
});
