import { createDesk, flag, idField, numberField, oneOf } from '../../documents/desk';
import type { Document } from '../../documents/document';
import { openOf } from '../../documents/select';
import { useDocuments } from '../../documents/store';

export const MARGIN_TABS = ['chord', 'key', 'voices', 'compare'] as const;

/** What the Scores bench shows: which piece is open, the chord at a time in ticks, the tab of the margin. */
export const SCORES_DESK = createDesk<{
  readonly open: string | null;
  readonly at: number;
  readonly tab: (typeof MARGIN_TABS)[number];
  /** Whether the field for a typed piece is open. */
  readonly typing: boolean;
}>('scores', { open: idField, at: numberField(0), tab: oneOf(MARGIN_TABS, 'chord'), typing: flag(false) });

/** The open piece; null where the workbook has none. */
export function openNow(): Document<'score'> | null {
  return openOf(useDocuments.getState().documents, 'score', SCORES_DESK.get().open ?? undefined);
}

/** The open piece, for a component. */
export function useOpenScore(): Document<'score'> | null {
  const open = SCORES_DESK.use((desk) => desk.open);
  return useDocuments((state) => openOf(state.documents, 'score', open ?? undefined));
}
