import { createDesk, deskFlag, idField } from '../../documents/store/desk';
import type { Document } from '../../documents/store/document';
import { openOf } from '../../documents/store/select';
import { useDocuments } from '../../documents/store/store';

/** What the Progressions bench shows: which line is open, and the selected column. */
export const PROGRESSIONS_DESK = createDesk<{
  readonly open: string | null;
  readonly column: string | null;
  /** Whether a long line stays in one instead of breaking into systems. */
  readonly oneLine: boolean;
  /** Whether the pages to print are shown. */
  readonly printing: boolean;
}>('progressions', { open: idField, column: idField, oneLine: deskFlag(false), printing: deskFlag(false) });

/** The open progression; null where the workbook has none. */
export function progressionNow(): Document<'progression'> | null {
  return openOf(useDocuments.getState().documents, 'progression', PROGRESSIONS_DESK.get().open ?? undefined);
}

/** The open progression, for a component. */
export function useOpenProgression(): Document<'progression'> | null {
  const open = PROGRESSIONS_DESK.use((desk) => desk.open);
  return useDocuments((state) => openOf(state.documents, 'progression', open ?? undefined));
}
