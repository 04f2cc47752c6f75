import { createDesk, idField, numberField, deskOneOf } from '../../documents/store/desk';
import type { Document } from '../../documents/store/document';
import { openOf } from '../../documents/store/select';
import { useDocuments } from '../../documents/store/store';

export const MARKING_VIEWS = ['page', 'question', 'class', 'slips'] as const;
export type MarkingView = (typeof MARKING_VIEWS)[number];

/** What the Marking bench shows: the open pile, a pupil, a question, and how it is looked at. */
export const MARKING_DESK = createDesk<{
  readonly open: string | null;
  readonly pupil: string | null;
  readonly question: number;
  readonly view: MarkingView;
}>('marking', {
  open: idField,
  pupil: idField,
  question: numberField(0),
  view: deskOneOf(MARKING_VIEWS, 'page'),
});

/** The open pile; null where the workbook has none. */
export function pileNow(): Document<'pile'> | null {
  return openOf(useDocuments.getState().documents, 'pile', MARKING_DESK.get().open ?? undefined);
}

/** The open pile, for a component. */
export function useOpenPile(): Document<'pile'> | null {
  const open = MARKING_DESK.use((desk) => desk.open);
  return useDocuments((state) => openOf(state.documents, 'pile', open ?? undefined));
}
