import { Suspense, type ComponentType, type ReactNode } from 'react';
import { part } from '../design/part';
import { loadVexFlow } from './vexflow';

/** Waits for the notation, but not for one that does not come. */
const LONGEST_WAIT_MS = 3000;

function notationIsThere(): Promise<unknown> {
  const late = new Promise((resolve) => setTimeout(resolve, LONGEST_WAIT_MS));
  return Promise.race([loadVexFlow().catch(() => undefined), late]);
}

/** The frame after the one that draws the staff; a page out of sight has no frames to wait for. */
function staffIsPainted(): Promise<void> {
  if (document.hidden) return Promise.resolve();
  return new Promise((resolve) =>
    requestAnimationFrame(() => requestAnimationFrame(() => setTimeout(resolve, 0))),
  );
}

/**
 * A part of the page whose script is fetched only when the notation has come: the work itself is shown first.
 */
export function lazyAfterNotation<Props extends object>(
  load: () => Promise<ComponentType<Props>>,
): (props: Props) => ReactNode {
  const Part = part(async () => {
    await notationIsThere();
    await staffIsPainted();
    return load();
  });
  return function AfterNotation(props: Props) {
    return (
      <Suspense fallback={null}>
        <Part {...props} />
      </Suspense>
    );
  };
}
