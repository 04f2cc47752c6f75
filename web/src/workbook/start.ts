import { reasonOf, startAutosave } from './autosave';
import { latestWorkbook } from './database';
import { newId } from './ids';
import { emptyWorkbook, FIRST_PLACE } from './model';
import { useStore } from './store';

/**
 * Brings back the workbook saved last with the place where the teacher left
 * off; on a new machine the demo, or an empty one where the server says so.
 * Blocked storage is said, and the work goes on.
 */
export async function startWorkbook(): Promise<void> {
  const { openWorkbook, setSaveState } = useStore.getState();
  let trouble: string | null = null;
  const row = await latestWorkbook().catch((error: unknown) => {
    trouble = reasonOf(error);
    return undefined;
  });
  if (row) openWorkbook(row.workbook, { ...FIRST_PLACE, ...row.place });
  else if (document.querySelector('meta[name="diatonix-start"]')?.getAttribute('content') === 'empty')
    openWorkbook(emptyWorkbook(newId(), newId()));
  else openWorkbook((await import('./demo')).demoWorkbook());
  startAutosave();
  if (trouble !== null) setSaveState({ kind: 'failed', reason: trouble });
}
