import { useEffect, type ReactNode } from 'react';
import { create } from 'zustand';

interface Curtain {
  /** What stands in the place of a bench while the class is asked; null where nothing does. */
  readonly content: ReactNode;
  /** How many benches that are seen have it in their place. */
  readonly shown: number;
}

export const useCurtain = create<Curtain>()(() => ({ content: null, shown: 0 }));

/** What stands in the place of this bench, where the class can be asked from it; null where nothing does. */
export function useCovered(asks: boolean): ReactNode {
  const content = useCurtain((state) => (asks ? state.content : null));
  const covered = content !== null;
  // A bench that is put away while another is open runs no effect: it counts when it is seen.
  useEffect(() => {
    if (!covered) return;
    const count = (by: number) => useCurtain.setState(({ shown }) => ({ shown: shown + by }));
    count(1);
    return () => count(-1);
  }, [covered]);
  return content;
}
