import { redo, undo } from '../workbook/store';

/** Which list is open. */
export type Opened = 'commands' | 'keys' | 'labels' | null;

/** Keys that work everywhere. Returns the stop. */
export function globalKeys(open: (list: Opened) => void): () => void {
  const onKey = (event: KeyboardEvent) => {
    const control = event.ctrlKey || event.metaKey;
    const typing = event.target instanceof HTMLInputElement || event.target instanceof HTMLTextAreaElement;
    const key = event.key.toLowerCase();
    if (control && key === 'z') {
      event.preventDefault();
      // The line shows what is stored again, so that undoing is seen in it.
      if (event.target instanceof HTMLInputElement) event.target.blur();
      if (event.shiftKey) redo();
      else undo();
    } else if (control && key === 'k') {
      event.preventDefault();
      open('commands');
    } else if (event.key === '?' && !typing && !control) {
      event.preventDefault();
      open('keys');
    }
  };
  window.addEventListener('keydown', onKey);
  return () => window.removeEventListener('keydown', onKey);
}
