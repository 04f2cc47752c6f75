import { useCallback, useRef } from 'react';

/** A function that keeps its identity while what it does follows the latest drawing. */
export function useSteady<Taken extends unknown[], Given>(
  does: (...taken: Taken) => Given,
): (...taken: Taken) => Given {
  const now = useRef(does);
  now.current = does;
  return useCallback((...taken: Taken) => now.current(...taken), []);
}
