import { sameValue } from '@diatonix/core';
import { useRef } from 'react';

/** Plain data that keeps its identity while it says the same. */
export function useSame<T>(value: T): T {
  const kept = useRef(value);
  if (!sameValue(kept.current, value)) kept.current = value;
  return kept.current;
}
