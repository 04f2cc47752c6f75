import { CHART_PARTS, CHART_RATES, HIGHEST_FRET, type ChartPart, type ChartRate } from '@diatonix/core';
import {
  createDesk,
  deskFlag,
  idField,
  numberField,
  deskOneOf,
  type DeskField,
} from '../../documents/store/desk';
import type { Document } from '../../documents/store/document';
import { openOf } from '../../documents/store/select';
import { useDocuments } from '../../documents/store/store';

export const MARGIN_TABS = ['chord', 'key', 'voices', 'compare'] as const;

/** Instruments that a chart is named for. */
export const CHART_PART_IDS = Object.keys(CHART_PARTS) as ChartPart[];

/** A fret from 0 to the highest. */
const fret: DeskField<number> = (stored) =>
  typeof stored === 'number' && Number.isInteger(stored) && stored >= 0 && stored <= HIGHEST_FRET
    ? stored
    : 0;

/** What the Scores bench shows: which piece is open, the chord at a time in ticks, the tab of the margin. */
export const SCORES_DESK = createDesk<{
  readonly open: string | null;
  readonly at: number;
  readonly tab: (typeof MARGIN_TABS)[number];
  /** Whether the field for a typed piece is open. */
  readonly typing: boolean;
  /** Whether single notes are selected and changed. */
  readonly notes: boolean;
  /** Whether what is printed is shown. */
  readonly printing: boolean;
  /** Whether the field for somebody's labels is open. */
  readonly comparing: boolean;
  /** Whether the chart is shown, how often it names a chord, whether sevenths become triads, and the fret of a capo. */
  readonly charted: boolean;
  readonly rate: ChartRate;
  readonly simple: boolean;
  readonly capo: number;
  /** For whom the chart is named. */
  readonly part: ChartPart;
  /** What is played: one of HEARD, or `part 0`; and whether the bar is played again and again. */
  readonly heard: string;
  readonly loop: boolean;
}>('scores', {
  open: idField,
  at: numberField(0),
  tab: deskOneOf(MARGIN_TABS, 'chord'),
  typing: deskFlag(false),
  notes: deskFlag(false),
  printing: deskFlag(false),
  comparing: deskFlag(false),
  charted: deskFlag(false),
  rate: deskOneOf(CHART_RATES, 'chord'),
  simple: deskFlag(true),
  capo: fret,
  part: deskOneOf(CHART_PART_IDS, 'C'),
  heard: (stored) => (typeof stored === 'string' && stored.length < 20 ? stored : 'piece'),
  loop: deskFlag(false),
});

/** The open piece; null where the workbook has none. */
export function pieceNow(): Document<'score'> | null {
  return openOf(useDocuments.getState().documents, 'score', SCORES_DESK.get().open ?? undefined);
}

/** The open piece, for a component. */
export function useOpenScore(): Document<'score'> | null {
  const open = SCORES_DESK.use((desk) => desk.open);
  return useDocuments((state) => openOf(state.documents, 'score', open ?? undefined));
}
