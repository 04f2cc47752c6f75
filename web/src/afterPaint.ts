/** How long the first picture of a page may still be drawing. */
const LONGEST_MS = 500;

/** Does something once the page has been painted, and nothing else is waited for. */
export function afterPaint(work: () => void): void {
  requestAnimationFrame(() =>
    setTimeout(() => {
      if ('requestIdleCallback' in window) requestIdleCallback(work, { timeout: LONGEST_MS });
      else work();
    }),
  );
}
