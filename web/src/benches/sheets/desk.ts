import { createDesk, deskFlag, idField, numberField, type DeskField } from '../../documents/store/desk';
import type { Document, Documents } from '../../documents/store/document';
import type { SchoolClass } from '../../documents/kinds/schoolClass/type';
import type { SheetBody } from '../../documents/kinds/sheet/type';
import { openOf } from '../../documents/store/select';
import { useDocuments } from '../../documents/store/store';

const letters: DeskField<number> = (stored) =>
  typeof stored === 'number' && Number.isInteger(stored) && stored >= 0 && stored < 26 ? stored : 0;

/** What the Sheets bench shows: the open sheet, its version, a selected section and question, and the answers. */
export const SHEETS_DESK = createDesk<{
  readonly open: string | null;
  /** 0 for A. */
  readonly version: number;
  readonly section: string | null;
  readonly question: number;
  readonly answers: boolean;
  readonly printing: boolean;
}>('sheets', {
  open: idField,
  version: letters,
  section: idField,
  question: numberField(0),
  answers: deskFlag(false),
  printing: deskFlag(false),
});

/** The open sheet; null where the workbook has none. */
export function sheetNow(): Document<'sheet'> | null {
  return openOf(useDocuments.getState().documents, 'sheet', SHEETS_DESK.get().open ?? undefined);
}

/** The open sheet, for a component. */
export function useOpenSheet(): Document<'sheet'> | null {
  const open = SHEETS_DESK.use((desk) => desk.open);
  return useDocuments((state) => openOf(state.documents, 'sheet', open ?? undefined));
}

/** The class a sheet is for; null where it is for any, or the class is gone. */
export function classOf({ classId }: SheetBody, documents: Documents): SchoolClass | null {
  const found = classId === undefined ? undefined : documents[classId];
  return found?.kind === 'class' ? found.body : null;
}
