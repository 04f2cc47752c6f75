/** Saving: soon after an edit and not at every key, tried again by itself, and in step with other tabs. */
import 'fake-indexeddb/auto';
import { closeDatabase, database } from '../src/documents/persistence/database';
import { listAside } from '../src/documents/persistence/asideRows';
import { exportAside } from '../src/documents/files/exportOpen';
import { importWorkbook } from '../src/documents/files/importFile';
import { FIRST_PROGRESSION, type Progression } from '../src/documents/kinds/progression/type';
import { rowsSince, saveDocuments } from '../src/documents/persistence/rows';
import { flush } from '../src/documents/persistence/saving';
import {
  beginWorkbook,
  copyWorkbook,
  deletedWorkbooks,
  deleteWorkbook,
  listWorkbooks,
  nameWorkbook,
  openWorkbook,
  restoreWorkbook,
} from '../src/documents/persistence/workbooks';
import { renameProgression, typeLine } from '../src/benches/progressions/state';
import { chooseKey } from '../src/benches/key/state';
import { documentsNow, DEMO, DEMO_DOCUMENTS } from './demo';
import { closeTide, id, openTide, page, state, until, wait } from './openTide';

const saved: string[] = [];
jest.mock('../src/documents/files/download', () => ({
  ...jest.requireActual<object>('../src/documents/files/download'),
  download: (content: string) => saved.push(content),
}));

beforeEach(openTide);
afterEach(closeTide);
afterAll(closeDatabase);

test('an edit is on disk soon, without being asked', async () => {
  renameProgression('Ebb');
  expect(state().saveState.kind).toBe('saving');
  await until(async () =>
    (await rowsSince(id(), 0)).some(({ body }) => (body as Progression)?.title === 'Ebb'),
  );
  await until(() => state().saveState.kind === 'saved');
});

test('while somebody types, it is saved at least every 150 ms or so', async () => {
  const begin = performance.now();
  let first = 0;
  for (let at = 1; at <= 12 && first === 0; at++) {
    typeLine('I '.repeat(at));
    await wait(30);
    const rows = await rowsSince(id(), 0);
    if (rows.some(({ body }) => (body as Progression)?.columns?.length > 0))
      first = performance.now() - begin;
  }
  expect(first).toBeGreaterThan(0);
});

test('a document that came, and one that went, in another tab', async () => {
  const extra = {
    id: 'q',
    kind: 'progression',
    order: 2,
    body: { ...FIRST_PROGRESSION, title: 'New' },
  } as const;
  const header = { id: id(), title: 'Harbour class', writtenAt: null };
  await saveDocuments(header, [{ id: 'q', now: extra, base: null }], 'other');
  await until(() => documentsNow()['q'] !== undefined);
  const { stamp } = (await rowsSince(id(), 0)).find((one) => one.id === 'q')!;
  await saveDocuments(header, [{ id: 'q', now: null, base: { document: extra, stamp } }], 'other');
  await until(() => documentsNow()['q'] === undefined);
});

test('a name that another tab gave the workbook, and its deletion there', async () => {
  await database().workbooks.update(id(), { title: 'Evening class' });
  await until(() => state().workbook.title === 'Evening class');
  await database().workbooks.update(id(), { deletedAt: 1 });
  await until(() => /deleted in another tab/.test(state().told));
  renameProgression('Still here');
  await flush();
  expect((await listWorkbooks()).map((row) => row.id)).toContain(id());
});

test('a save that failed says why and is tried again by itself', async () => {
  const put = jest
    .spyOn(database().documents, 'put')
    .mockRejectedValueOnce(Object.assign(new Error(), { name: 'QuotaExceededError' }));
  chooseKey('D major');
  await flush();
  expect(state().saveState).toEqual({ kind: 'failed', reason: 'The browser’s storage is full.' });
  put.mockRestore();
  for (let tries = 0; tries < 30 && state().saveState.kind !== 'saved'; tries++) await wait(100);
  expect(state().saveState.kind).toBe('saved');
  expect((await rowsSince(id(), 0)).map((row) => row.id)).toContain('key');
}, 10_000);

test('the page is asked to stay while something could not be saved', async () => {
  const put = jest.spyOn(database().documents, 'put').mockRejectedValue(new Error('blocked'));
  chooseKey('G major');
  await flush();
  const leaving = new Event('beforeunload', { cancelable: true });
  page.window.dispatchEvent(leaving);
  expect(leaving.defaultPrevented).toBe(true);
  put.mockRestore();
  chooseKey('E major');
  await flush();
  const again = new Event('beforeunload', { cancelable: true });
  page.window.dispatchEvent(again);
  expect(again.defaultPrevented).toBe(false);
});

test('a save that takes long is asked about, one that has just begun is not', async () => {
  let done = (_: string): void => undefined;
  const slow = new Promise<string>((resolve) => (done = resolve));
  const put = jest.spyOn(database().documents, 'put').mockReturnValue(slow as never);
  chooseKey('A major');
  const leave = () => {
    const leaving = new Event('beforeunload', { cancelable: true });
    page.window.dispatchEvent(leaving);
    return leaving.defaultPrevented;
  };
  expect(leave()).toBe(false);
  await wait(700);
  expect(leave()).toBe(true);
  done('');
  put.mockRestore();
  await flush();
  for (let tries = 0; tries < 30 && state().saveState.kind !== 'saved'; tries++) await wait(50);
  expect(leave()).toBe(false);
});

describe('the list of workbooks', () => {
  const titles = async () => (await listWorkbooks()).map((row) => row.title);

  test('one is begun, named, copied, deleted and brought back; none replaces another', async () => {
    const first = id();
    await beginWorkbook();
    const second = id();
    expect(second).not.toBe(first);
    await nameWorkbook(second, 'Night class');
    await flush();
    renameProgression('Night line');
    await copyWorkbook(second);
    expect(state().workbook.title).toBe('Night class (copy)');
    expect(
      Object.values(documentsNow()).some(({ body }) => (body as Progression).title === 'Night line'),
    ).toBe(true);
    await nameWorkbook(first, 'Day class');
    expect(await titles()).toEqual(
      expect.arrayContaining(['Night class (copy)', 'Night class', 'Day class']),
    );
    await deleteWorkbook(second);
    expect(await titles()).not.toContain('Night class');
    expect((await deletedWorkbooks()).map((row) => row.id)).toContain(second);
    await restoreWorkbook(second);
    expect(await openWorkbook(second)).toBeNull();
    expect(state().workbook.title).toBe('Night class');
    expect(await openWorkbook('never there')).toMatch(/no longer there/);
  });

  test('deleting the open one opens another', async () => {
    const gone = id();
    await deleteWorkbook(gone);
    expect(id()).not.toBe(gone);
    expect((await listWorkbooks()).map((row) => row.id)).toContain(id());
  });

  test('a file is added beside what is there, and a broken part of it is set aside', async () => {
    const before = await titles();
    const { workbookToFile } = await import('../src/documents/files/file');
    const text = workbookToFile('From a file', DEMO_DOCUMENTS).replace('"clef": "treble"', '"clef": "viola"');
    const result = await importWorkbook(new File([text], 'class.json'));
    expect(result).toEqual({ ok: true, value: 'From a file' });
    expect(await titles()).toEqual(expect.arrayContaining([...before, 'From a file']));
    expect(state().told).toBe('Added: “From a file”. One document could not be read.');
    expect(Object.keys(documentsNow())).toHaveLength(DEMO.documents.length);
    expect((await listAside()).map(({ workbook }) => workbook)).toContain(id());
    exportAside(state().aside);
    expect(saved.at(-1)).toContain('viola');
    const refused = await importWorkbook(new File(['{'], 'broken.json'));
    expect(refused.ok).toBe(false);
    expect(state().workbook.title).toBe('From a file');
  });
});
