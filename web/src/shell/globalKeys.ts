import { stop } from '../sound/player';
import { useAppearance } from '../design/appearance';
import { redoHere, undoHere } from './scope';

/** Which leaf is open. */
export type OpenedByKey = 'commands' | 'keys' | 'labels' | null;

/** Keys that work on every bench, as the list of keys has them. */
export const GLOBAL_KEYS = [
  ['← →', 'move between columns'],
  ['↑ ↓', 'move between rows'],
  ['space', 'play the column or the selection'],
  ['escape', 'stop the sound; end a choice that is open'],
  ['delete', 'remove the column or the selection'],
  ['l', 'go to the typed line'],
  ['ctrl + z', 'undo on this bench; in a field, its own typing'],
  ['ctrl + shift + z, ctrl + y', 'redo'],
  ['ctrl + k', 'list of commands'],
  ['?', 'this list (can be switched off)'],
] as const;

/** Whether keys belong to a field that is being written in. */
function isTyping(target: EventTarget | null): boolean {
  return (
    (target instanceof HTMLInputElement && !/^(?:checkbox|radio|range|button)$/.test(target.type)) ||
    target instanceof HTMLTextAreaElement
  );
}

/** Brings the focus to the typed line of the bench that is shown. */
export function goToLine(): boolean {
  const line = [...document.querySelectorAll<HTMLInputElement>('input[data-line]')].find(
    (one) => one.offsetParent !== null,
  );
  line?.focus();
  return line !== undefined;
}

/** Keys that work everywhere. Returns the stop. */
export function globalKeys(open: (leaf: OpenedByKey) => void): () => void {
  const onKey = (event: KeyboardEvent) => {
    const control = event.ctrlKey || event.metaKey;
    const typing = isTyping(event.target);
    const key = event.key.toLowerCase();
    if (control && (key === 'z' || key === 'y')) {
      // In a text field it is the field's.
      if (typing) return;
      event.preventDefault();
      if (key === 'y' || event.shiftKey) redoHere();
      else undoHere();
    } else if (control && key === 'k') {
      event.preventDefault();
      open('commands');
    } else if (event.key === '?' && !typing && !control && useAppearance.getState().keyListKey) {
      event.preventDefault();
      open('keys');
    } else if (event.key === 'Escape') stop();
    else if (
      key === 'l' &&
      !typing &&
      !control &&
      !event.altKey &&
      !event.shiftKey &&
      !event.defaultPrevented
    ) {
      if (document.querySelector('[role="dialog"], [role="menu"], [role="listbox"]')) return;
      if (goToLine()) event.preventDefault();
    }
  };
  window.addEventListener('keydown', onKey);
  return () => window.removeEventListener('keydown', onKey);
}
