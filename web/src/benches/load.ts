// Each bench is loaded when it is first gone to; the others follow when the page is idle.
export const loadKey = () => import('./key/KeyBench');
export const loadIntervals = () => import('./intervals/IntervalsBench');
export const loadProgressions = () => import('./progressions/ProgressionsBench');

/** Starts loading the bench of an address, while the workbook is still being read. */
export function preloadBench(path: string): void {
  void (path.startsWith('/progressions') ? loadProgressions() : path.startsWith('/intervals') ? loadIntervals() : loadKey());
}
