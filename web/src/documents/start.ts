import { byId } from './select';
import { firstDocuments } from './document';
import { newId } from './ids';
import { readWorkbook } from './rows';
import { nothingStored, startSaving } from './saving';
import { showWorkbook, useDocuments } from './store';
import { reasonOf } from './trouble';
import { clearDeleted, listWorkbooks, showRead } from './workbooks';

/** A database that does not answer for so long is taken for blocked. */
const PATIENCE_MS = 4000;

/**
 * Brings back the workbook opened last with what its benches showed; on a new machine the demo, or an empty
 * one where the server says so. Blocked storage is said, and the work goes on.
 */
export async function startDocuments(): Promise<void> {
  let trouble: string | null = null;
  performance.mark('workbook-asked');
  const found = await withPatience(openLast()).catch((error: unknown) => {
    trouble = reasonOf(error);
    return false;
  });
  if (!found) {
    const empty = document.querySelector('meta[name="diatonix-start"]')?.getAttribute('content') === 'empty';
    const { title, documents } = empty
      ? { title: 'New workbook', documents: firstDocuments(newId) }
      : (await import('./demo')).demoWorkbook();
    showWorkbook({ id: newId(), title, writtenAt: null }, byId(documents));
    nothingStored();
  }
  performance.mark('workbook-open');
  startSaving();
  if (trouble !== null) useDocuments.setState({ saveState: { kind: 'failed', reason: trouble } });
  void clearDeleted().catch(() => undefined);
}

/** The workbook opened last, or the next one where it cannot be read. */
async function openLast(): Promise<boolean> {
  for (const { id } of await listWorkbooks()) {
    const read = await readWorkbook(id).catch(() => undefined);
    if (!read) continue;
    await showRead(read);
    return true;
  }
  return false;
}

function withPatience<T>(work: Promise<T>): Promise<T> {
  const late = new Promise<T>((_, reject) => {
    setTimeout(
      () => reject(Object.assign(new Error('The database does not answer.'), { name: 'UnknownError' })),
      PATIENCE_MS,
    );
  });
  return Promise.race([work, late]);
}
