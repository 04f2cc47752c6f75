import { createDesk, deskFlag, idField, type DeskField } from '../../documents/store/desk';
import type { Document } from '../../documents/store/document';
import { openOf } from '../../documents/store/select';
import { useDocuments } from '../../documents/store/store';

const text: DeskField<string | null> = (stored) =>
  typeof stored === 'string' && stored.length <= 60 ? stored : null;

/** What the Practice bench shows: the open plan, a chosen day, and the item that is practised. */
export const PRACTICE_DESK = createDesk<{
  readonly open: string | null;
  readonly day: string | null;
  readonly item: string | null;
  readonly printing: boolean;
}>('practice', { open: idField, day: text, item: text, printing: deskFlag(false) });

/** The open plan; null where the workbook has none. */
export function planNow(): Document<'plan'> | null {
  return openOf(useDocuments.getState().documents, 'plan', PRACTICE_DESK.get().open ?? undefined);
}

/** The open plan, for a component. */
export function useOpenPlan(): Document<'plan'> | null {
  const open = PRACTICE_DESK.use((desk) => desk.open);
  return useDocuments((state) => openOf(state.documents, 'plan', open ?? undefined));
}
