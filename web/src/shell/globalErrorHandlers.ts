import { tell } from '../documents/store/store';
import { wordsOf } from './wordsOf';

/** What no part of the page caught is told in the corner; the page stays as it is. */
export function startGlobalErrorHandlers(): void {
  window.addEventListener('unhandledrejection', ({ reason }) => tell(wordsOf(reason)));
  window.addEventListener('error', ({ error }) => {
    // Browsers report a late measurement of sizes in the same way; nothing is wrong then.
    if (error) tell(wordsOf(error));
  });
}
