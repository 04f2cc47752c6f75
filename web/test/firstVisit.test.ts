/** The first visit: its workbook is kept whatever is done first, and two tabs of one moment have the same one. */
import 'fake-indexeddb/auto';
import { closeDatabase, database } from '../src/documents/persistence/database';
import { keepFirst } from '../src/documents/persistence/startPersistence';
import { FIRST_PROGRESSION } from '../src/documents/kinds/progression/type';
import { rowsSince, saveDocuments } from '../src/documents/persistence/rows';
import { showWorkbook, useDocuments } from '../src/documents/store/store';
import {
  addWorkbook,
  beginWorkbook,
  listWorkbooks,
  openWorkbook,
} from '../src/documents/persistence/workbooks';
import { renameProgression } from '../src/benches/progressions/state';
import { flush } from '../src/documents/persistence/saving';
import { id, state, title } from './openTide';

const LINE = {
  id: 'p',
  kind: 'progression',
  order: 1,
  body: { ...FIRST_PROGRESSION, title: 'Tide' },
} as const;
const showFirst = (workbook: string) =>
  showWorkbook({ id: workbook, title: 'Harbour class', writtenAt: null }, { p: LINE });

// A browser without locks: nobody has to be waited for.
Object.defineProperty(globalThis, 'navigator', { value: {}, configurable: true });

// One after the other, as the page goes: the first test is the tab in which nothing is stored yet.
beforeAll(() => database().open());
afterAll(closeDatabase);

test('another workbook is begun before the first was kept: the first is kept too, with its edits', async () => {
  showFirst('first');
  renameProgression('Ebb');
  await beginWorkbook();
  await keepFirst();
  expect((await listWorkbooks()).map((one) => one.title).sort()).toEqual(['Harbour class', 'New workbook']);
  expect((await rowsSince('first', 0))[0]!.body).toMatchObject({ title: 'Ebb' });
});

test('another tab kept its workbook first: that one is shown, unless something was edited here', async () => {
  const body = { ...LINE.body, title: 'Flood' };
  await saveDocuments(
    { id: 'theirs', title: 'Harbour class', writtenAt: null },
    [{ id: 'p', now: { ...LINE, body }, base: null }],
    'other',
  );
  await database().workbooks.update('theirs', { openedAt: Date.now() + 1000 });
  showFirst('edited');
  const edited = keepFirst();
  renameProgression('Mine');
  await edited;
  expect([id(), title()]).toEqual(['edited', 'Mine']);
  showFirst('mine');
  useDocuments.setState({ saveState: { kind: 'saving' } });
  await keepFirst();
  expect([id(), title()]).toEqual(['theirs', 'Flood']);
  expect((await listWorkbooks()).map((one) => one.id)).not.toContain('mine');
  expect(state().saveState.kind).toBe('saved');
});

test('a workbook is shown once it is kept: a page that is left at once loses nothing of it', async () => {
  let kept: Promise<boolean> | null = null;
  const stop = useDocuments.subscribe(({ workbook }, before) => {
    if (workbook.id === before.workbook.id) return;
    kept ??= rowsSince(workbook.id, 0).then((rows) => rows.length === 1);
  });
  await addWorkbook('Opened', { p: LINE });
  stop();
  expect(await kept).toBe(true);
  expect(title()).toBe('Tide');
  expect(state().saveState.kind).toBe('saved');
  renameProgression('Swell');
  await flush();
  expect((await rowsSince(id(), 0))[0]!.body).toMatchObject({ title: 'Swell' });
});

test('what could not be saved is not left for another workbook', async () => {
  const here = id();
  useDocuments.setState({ saveState: { kind: 'failed', reason: 'The disk is full.' } });
  expect(await openWorkbook('first')).toMatch(/could not be saved/);
  expect(id()).toBe(here);
  useDocuments.setState({ saveState: { kind: 'saved' } });
  expect(await openWorkbook('first')).toBeNull();
  expect(id()).toBe('first');
});
