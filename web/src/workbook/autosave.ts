import { saveWorkbook } from './database';
import { useStore } from './store';

const DELAY_MS = 150;

/**
 * Saves after every edit, a moment later, and at once when the page is hidden.
 * A failure is shown, and the next edit tries again. Returns the stop.
 */
export function startAutosave(): () => void {
  let timer: ReturnType<typeof setTimeout> | null = null;
  let running: Promise<void> = Promise.resolve();
  const save = () => {
    if (timer) clearTimeout(timer);
    timer = null;
    const { workbook, place, setSaveState } = useStore.getState();
    running = running
      .then(() => saveWorkbook(workbook, place))
      .then(() => {
        if (timer === null) setSaveState({ kind: 'saved' });
      })
      .catch((error: unknown) => setSaveState({ kind: 'failed', reason: reasonOf(error) }));
  };
  const unsubscribe = useStore.subscribe((state, before) => {
    if (state.workbook === before.workbook && state.place === before.place) return;
    if (state.saveState.kind === 'saved' && state.workbook !== before.workbook)
      state.setSaveState({ kind: 'saving' });
    timer ??= setTimeout(save, DELAY_MS);
  });
  const flush = () => {
    if (timer) save();
  };
  window.addEventListener('pagehide', flush);
  document.addEventListener('visibilitychange', flush);
  return () => {
    unsubscribe();
    window.removeEventListener('pagehide', flush);
    document.removeEventListener('visibilitychange', flush);
  };
}

/** Why saving failed, in plain words. */
export function reasonOf(error: unknown): string {
  const name = error instanceof Error ? error.name : '';
  const inner = error instanceof Error && 'inner' in error ? (error.inner as Error | undefined)?.name : '';
  if (name === 'QuotaExceededError' || inner === 'QuotaExceededError')
    return 'The browser’s storage is full.';
  if (/MissingAPI|InvalidState|Security|OpenFailed|DatabaseClosed|Unknown/.test(`${name} ${inner}`))
    return 'This browser does not let the page store anything.';
  return 'The browser refused to store the workbook.';
}
