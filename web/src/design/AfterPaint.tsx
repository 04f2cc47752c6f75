import { startTransition, useEffect, useState, type ReactNode } from 'react';

let started = false;

/**
 * What can wait for the first picture of the page: the work itself comes first. Once the page has started
 * nothing waits.
 */
export function AfterPaint({ children }: { children: ReactNode }) {
  const [ready, setReady] = useState(started);
  useEffect(() => {
    if (ready) return;
    const frame = requestAnimationFrame(() => {
      started = true;
      startTransition(() => setReady(true));
    });
    return () => cancelAnimationFrame(frame);
  }, [ready]);
  return ready ? children : null;
}
