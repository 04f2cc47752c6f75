import { lazy, Suspense, type ComponentType, type ReactNode } from 'react';
import { loadVexFlow } from './vexflow';

/** Waits for the notation, but not for one that does not come. */
const LONGEST_WAIT_MS = 3000;

function notationIsThere(): Promise<unknown> {
  const late = new Promise((resolve) => setTimeout(resolve, LONGEST_WAIT_MS));
  return Promise.race([loadVexFlow().catch(() => undefined), late]);
}

/**
 * A part of the page whose script is fetched only when the notation has come: the work itself is shown first.
 */
export function lazyAfterNotation<Props extends object>(
  load: () => Promise<ComponentType<Props>>,
): (props: Props) => ReactNode {
  const Part = lazy(async () => {
    await notationIsThere();
    return { default: await load() };
  }) as unknown as ComponentType<Props>;
  return function AfterNotation(props: Props) {
    return (
      <Suspense fallback={null}>
        <Part {...props} />
      </Suspense>
    );
  };
}
