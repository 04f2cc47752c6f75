import { sameValue } from '@diatonix/core';
import { useRef } from 'react';

/** The value as it was last drawn, while it says the same: what hangs on it is then not drawn again. */
export function useSameColumn<T>(value: T): T {
  const kept = useRef(value);
  if (!sameValue(kept.current, value)) kept.current = value;
  return kept.current;
}
