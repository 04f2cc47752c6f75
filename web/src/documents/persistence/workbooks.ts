import { keepAside } from './asideRows';
import { byId } from '../store/select';
import { database, type WorkbookRow } from './database';
import { firstDocuments, type Documents } from '../store/document';
import { download, fileName } from '../files/download';
import { workbookToFile } from '../files/file';
import { newId } from '../store/ids';
import { readWorkbook, rowsSince, type ReadWorkbook } from './rows';
import { exportWorkbook } from '../files/exportOpen';
import { flush, nothingStored, nowStored, storeNew } from './saving';
import { showWorkbook, useDocuments, type SetAside } from '../store/store';
import { fetchDemo } from './demo';

/** The workbooks of this browser, the one opened last first. Rejects where storage is blocked. */
export async function listWorkbooks(): Promise<WorkbookRow[]> {
  const rows = await database().workbooks.orderBy('openedAt').reverse().toArray();
  return rows.filter(({ deletedAt }) => deletedAt === null);
}

/** Puts a workbook that was read on the desk. */
export async function showRead({ row, documents, aside, stamps }: ReadWorkbook): Promise<void> {
  const desk = await database()
    .desks.get(row.id)
    .catch(() => undefined);
  const stored = typeof desk?.desk === 'object' && desk.desk !== null ? desk.desk : {};
  const header = { id: row.id, title: String(row.title), writtenAt: row.writtenAt ?? null };
  showWorkbook(header, byId(documents), stored as Record<string, unknown>, aside);
  useDocuments.setState({ changed: row.changedAt > (row.writtenAt ?? 0) });
  nowStored(stamps, row.stamp);
}

/** Opens a workbook of the list; what is open is saved first. Returns why it could not be opened, or null. */
export async function openWorkbook(id: string): Promise<string | null> {
  await flush();
  // What is on the desk alone would be gone.
  if (useDocuments.getState().saveState.kind === 'failed')
    return 'What is open could not be saved, so it stays open. Save it as a file first.';
  const read = await readWorkbook(id);
  if (!read) return 'This workbook is no longer there.';
  await showRead(read);
  await database().workbooks.update(id, { openedAt: Date.now() });
  return null;
}

/** Puts documents on the desk as a workbook of their own, beside those that are there. */
export async function addWorkbook(
  title: string,
  documents: Documents,
  aside: readonly SetAside[] = [],
): Promise<void> {
  await flush();
  const header = { id: newId(), title, writtenAt: null };
  // It is kept before anything is told; where nothing can be stored it is here until the page is closed.
  if (aside.length > 0) await keepAside(header.id, aside).catch(() => undefined);
  const kept = await storeNew(header, documents).catch(() => null);
  showWorkbook(header, documents, {}, aside);
  if (kept) return nowStored(kept.stamps, kept.stamp);
  nothingStored();
  await flush();
}

/** Begins an empty workbook. */
export function beginWorkbook(): Promise<void> {
  return addWorkbook('New workbook', byId(firstDocuments(newId)));
}

/** Adds a copy of a workbook and opens it. */
export async function copyWorkbook(id: string): Promise<void> {
  await flush();
  const read = await readWorkbook(id);
  if (read) await addWorkbook(`${read.row.title} (copy)`, byId(read.documents), read.aside);
}

/** Names a workbook of the list, whether or not it is open. */
export async function nameWorkbook(id: string, title: string): Promise<void> {
  const { workbook } = useDocuments.getState();
  if (workbook.id === id) useDocuments.setState({ workbook: { ...workbook, title }, changed: true });
  else await database().workbooks.update(id, { title });
}

/**
 * Takes a workbook off the list; it can be brought back. Where it is the open one, another is opened, or an
 * empty one begun.
 */
export async function deleteWorkbook(id: string): Promise<void> {
  await flush();
  await database().workbooks.update(id, { deletedAt: Date.now() });
  if (useDocuments.getState().workbook.id !== id) return;
  const [next] = await listWorkbooks();
  if (next) await openWorkbook(next.id);
  else await beginWorkbook();
}

/** Brings a deleted workbook back to the list. */
export async function restoreWorkbook(id: string): Promise<void> {
  await database().workbooks.update(id, { deletedAt: null });
}

/** How long a deleted workbook can still be brought back: a month. */
const KEPT_MS = 30 * 24 * 3600 * 1000;

/** Workbooks that were deleted and can be brought back, the latest first. */
export async function deletedWorkbooks(): Promise<WorkbookRow[]> {
  const rows = await database().workbooks.toArray();
  return rows
    .filter(({ deletedAt }) => deletedAt !== null && deletedAt > Date.now() - KEPT_MS)
    .sort((a, b) => b.deletedAt! - a.deletedAt!);
}

/** Removes for good what was deleted a month ago and more. */
export async function clearDeleted(): Promise<void> {
  const db = database();
  await db.transaction('rw', db.workbooks, db.documents, db.desks, db.clashes, async () => {
    for (const { id, deletedAt } of await db.workbooks.toArray()) {
      if (deletedAt === null || deletedAt > Date.now() - KEPT_MS) continue;
      await db.documents.bulkDelete((await rowsSince(id, 0)).map((one) => [id, one.id]));
      await db.desks.delete(id);
      await db.clashes.where('workbook').equals(id).delete();
      await db.workbooks.delete(id);
    }
  });
}

/** Saves a workbook of the list as a file without opening it. */
export async function exportStored(id: string): Promise<void> {
  if (useDocuments.getState().workbook.id === id) return exportWorkbook();
  const read = await readWorkbook(id);
  if (!read) return;
  const { row, documents } = read;
  download(
    workbookToFile(row.title, byId(documents)),
    `${fileName(row.title)}.diatonix.json`,
    'application/json',
  );
  await database().workbooks.update(id, { writtenAt: Date.now() });
}

/** Adds the demo workbook to the list and opens it. */
export async function addDemo(): Promise<void> {
  const { title, documents } = await fetchDemo();
  await addWorkbook(title, byId(documents));
}
