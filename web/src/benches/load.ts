// Each bench is loaded when it is first gone to; the others follow when the page is idle.
export const loadKey = () => import('./key/KeyBench');
export const loadIntervals = () => import('./intervals/IntervalsBench');
export const loadChords = () => import('./chords/ChordsBench');
export const loadProgressions = () => import('./progressions/ProgressionsBench');

const LOADERS: Record<string, () => Promise<unknown>> = { '/intervals': loadIntervals, '/chords': loadChords, '/progressions': loadProgressions };

/** Starts loading the bench of an address, while the workbook is still being read. */
export function preloadBench(path: string): void {
  void (LOADERS[path] ?? loadKey)();
}
