/** What keeps the work: comes before the page where there is something to bring back, and after it where not. */
import { withPatience } from './patience';
import { readWorkbook } from './rows';
import { flush, nothingStored, startSaving } from './saving';
import { useDocuments } from './store';
import { reasonOf } from './trouble';
import { clearDeleted, listWorkbooks, showRead } from './workbooks';

/** Brings back the workbook that was opened last; why it could not, and whether there was one. */
export async function bringBack(): Promise<{ readonly found: boolean; readonly trouble: string | null }> {
  try {
    return { found: await withPatience(openLast()), trouble: null };
  } catch (error) {
    return { found: false, trouble: reasonOf(error) };
  }
}

/** Keeps the workbook of a first visit, which stands nowhere yet. */
export async function keepFirst(): Promise<void> {
  keep(true, null);
  try {
    await withPatience(flush());
  } catch (error) {
    useDocuments.setState({ saveState: { kind: 'failed', reason: reasonOf(error) } });
  }
}

/** Keeps everything from now on; `isNew` for a workbook that stands nowhere yet. */
export function keep(isNew: boolean, trouble: string | null): void {
  if (isNew) nothingStored();
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
