import type { School } from '@diatonix/core';
import { temporal } from 'zundo';
import { create } from 'zustand';
import { keyBenchSlice, type KeyBenchActions } from '../benches/key/slice';
import { chordsSlice, type ChordsActions } from '../benches/chords/slice';
import { intervalsSlice, type IntervalsActions } from '../benches/intervals/slice';
import { progressionsSlice, type ProgressionsActions } from '../benches/progressions/slice';
import { emptyWorkbook, FIRST_PLACE, type Place, type Workbook } from './model';

export type SaveState =
  | { readonly kind: 'saved' }
  | { readonly kind: 'saving' }
  | { readonly kind: 'failed'; readonly reason: string };

export interface WorkbookState extends KeyBenchActions, IntervalsActions, ChordsActions, ProgressionsActions {
  readonly workbook: Workbook;
  readonly place: Place;
  readonly saveState: SaveState;
  /** Puts another workbook on the bench; its history starts anew. */
  readonly openWorkbook: (workbook: Workbook, place?: Place) => void;
  readonly setPlace: (place: Partial<Place>) => void;
  readonly setSaveState: (saveState: SaveState) => void;
  readonly renameWorkbook: (title: string) => void;
  /** Changes how labels are printed and read; nothing stored changes with it. */
  readonly chooseSchool: (school: School) => void;
  /** Changes the workbook; edits with the same `burst` within a second are undone as one. */
  readonly edit: (change: (workbook: Workbook) => Workbook, burst?: string) => void;
}

const BURST_MS = 1000;
const HISTORY_LIMIT = 500;

let burst: { name: string | undefined; at: number } = { name: undefined, at: 0 };
let sameBurst = false;

/** The application's store: what the user decided. Everything shown is derived from it. */
export const useStore = create<WorkbookState>()(
  temporal(
    (set, get) => ({
      workbook: emptyWorkbook('none', 'none'),
      place: FIRST_PLACE,
      saveState: { kind: 'saved' },
      openWorkbook: (workbook, place = FIRST_PLACE) => {
        burst = { name: undefined, at: 0 };
        set({ workbook, place });
        useStore.temporal.getState().clear();
      },
      setPlace: (place) => set({ place: { ...get().place, ...place } }),
      setSaveState: (saveState) => set({ saveState }),
      renameWorkbook: (title) => get().edit((workbook) => ({ ...workbook, title }), 'workbook-title'),
      chooseSchool: (school) => get().edit((workbook) => ({ ...workbook, school })),
      edit: (change, name) => {
        const now = performance.now();
        sameBurst = name !== undefined && burst.name === name && now - burst.at < BURST_MS;
        burst = { name, at: now };
        const workbook = change(get().workbook);
        if (workbook !== get().workbook) set({ workbook });
        sameBurst = false;
      },
      ...keyBenchSlice(get as () => WorkbookState),
      ...intervalsSlice(get as () => WorkbookState),
      ...chordsSlice(get as () => WorkbookState),
      ...progressionsSlice(get as () => WorkbookState),
    }),
    {
      partialize: ({ workbook }) => ({ workbook }),
      equality: (past, current) => past.workbook === current.workbook,
      limit: HISTORY_LIMIT,
      handleSet: (handleSet) => (pastState) => {
        // Within a burst the state from before it stays the one to go back to.
        if (!sameBurst) handleSet(pastState);
      },
    },
  ),
);

export function undo(): void {
  burst = { name: undefined, at: 0 };
  useStore.temporal.getState().undo();
}

export function redo(): void {
  burst = { name: undefined, at: 0 };
  useStore.temporal.getState().redo();
}
