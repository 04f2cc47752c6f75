import { byId } from '../store/select';
import { fetchDemo, type ShippedWorkbook } from './demo';
import { firstDocuments } from '../store/document';
import { fetchScript } from '../../fetchScript';
import { firstVisitDone, isFirstVisit } from './firstVisit';
import { newId } from '../store/ids';
import { showWorkbook, useDocuments } from '../store/store';
import { reasonOf } from './trouble';

const fetchKeeping = () => fetchScript(() => import('./startPersistence'));

/**
 * Brings back the workbook opened last with what its benches showed; on a new machine the demo, or an empty
 * one where the server says so. Blocked storage is said, and the work goes on. Gives what is to be done once the page
 * is shown.
 */
export async function startDocuments(): Promise<() => void> {
  performance.mark('workbook-asked');
  if (await isFirstVisit()) {
    await showFirst();
    // It is not kept until what keeps it has come.
    useDocuments.setState({ saveState: { kind: 'saving' } });
    performance.mark('workbook-open');
    return () => void keepFirst();
  }
  const { bringBack, keep } = await fetchKeeping();
  const { found, trouble } = await bringBack();
  if (!found) await showFirst();
  performance.mark('workbook-open');
  keep(!found, trouble);
  return () => undefined;
}

async function keepFirst(): Promise<void> {
  try {
    const keeping = await fetchKeeping();
    await keeping.keepFirst();
  } catch (error) {
    useDocuments.setState({ saveState: { kind: 'failed', reason: reasonOf(error) } });
  } finally {
    firstVisitDone();
  }
}

async function showFirst(): Promise<void> {
  const { title, documents } = await firstWorkbook();
  showWorkbook({ id: newId(), title, writtenAt: null }, byId(documents));
}

/** The demo, or an empty workbook where the server says so or the demo does not come. */
async function firstWorkbook(): Promise<ShippedWorkbook> {
  const asked = document.querySelector('meta[name="diatonix-start"]')?.getAttribute('content');
  const demo = asked === 'empty' ? null : await fetchDemo().catch(() => null);
  return demo ?? { title: 'New workbook', documents: firstDocuments(newId) };
}
