/** What keeps the work: comes before the page where there is something to bring back, and after it where not. */
import { readWorkbook } from './rows';
import { turn } from './firstVisit';
import { withStorageTimeout } from './storageTimeout';
import { flush, isStored, nothingStored, startSaving } from './saving';
import { useDocuments } from '../store/store';
import { reasonOf } from './trouble';
import { clearDeleted, listWorkbooks, showRead } from './workbooks';

/** Brings back the workbook that was opened last; why it could not, and whether there was one. */
export async function bringBack(): Promise<{ readonly found: boolean; readonly trouble: string | null }> {
  try {
    return { found: await withStorageTimeout(openLast()), trouble: null };
  } catch (error) {
    return { found: false, trouble: reasonOf(error) };
  }
}

/** So long another tab's first visit is waited for before this one keeps a workbook of its own. */
const TURN_MS = 20_000;

/**
 * Keeps the workbook of a first visit, which stands nowhere yet. Where another tab has kept its own meanwhile, and
 * nothing was edited here, that one is shown instead: opened in the same moment, two tabs have the same workbook.
 */
export async function keepFirst(): Promise<void> {
  const { documents } = useDocuments.getState();
  await Promise.race([turn(), new Promise((after) => setTimeout(after, TURN_MS))]);
  const isUntouched = () => !isStored() && useDocuments.getState().documents === documents;
  if (isUntouched()) {
    const [other] = await withStorageTimeout(listWorkbooks()).catch(() => []);
    const read = other && (await readWorkbook(other.id).catch(() => undefined));
    if (read && isUntouched()) {
      await showRead(read);
      return keep(false, null);
    }
  }
  keep(true, null);
  try {
    await withStorageTimeout(flush());
  } catch (error) {
    useDocuments.setState({ saveState: { kind: 'failed', reason: reasonOf(error) } });
  }
}

/** Keeps everything from now on; `isNew` for a workbook that stands nowhere yet. */
export function keep(isNew: boolean, trouble: string | null): void {
  if (isNew && !isStored()) nothingStored();
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
