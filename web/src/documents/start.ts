import { byId } from './select';
import { fetchDemo, type ShippedWorkbook } from './demo';
import { firstDocuments } from './document';
import { newId } from './ids';
import { withPatience } from './patience';
import { readWorkbook } from './rows';
import { nothingStored, startSaving } from './saving';
import { showWorkbook, useDocuments } from './store';
import { reasonOf } from './trouble';
import { clearDeleted, listWorkbooks, showRead } from './workbooks';

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
    const { title, documents } = await firstWorkbook();
    showWorkbook({ id: newId(), title, writtenAt: null }, byId(documents));
    nothingStored();
  }
  performance.mark('workbook-open');
  startSaving();
  if (trouble !== null) useDocuments.setState({ saveState: { kind: 'failed', reason: trouble } });
  void clearDeleted().catch(() => undefined);
}

/** The demo, or an empty workbook where the server says so or the demo does not come. */
async function firstWorkbook(): Promise<ShippedWorkbook> {
  const asked = document.querySelector('meta[name="diatonix-start"]')?.getAttribute('content');
  const demo = asked === 'empty' ? null : await fetchDemo().catch(() => null);
  return demo ?? { title: 'New workbook', documents: firstDocuments(newId) };
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
