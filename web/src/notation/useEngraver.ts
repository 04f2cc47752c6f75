import { useEffect, useState } from 'react';
import { Engraver } from '@diatonix/engraving';
import { onPage } from './markup';
import { loadVexFlow } from './vexflow';

/** Notation that could not be fetched is asked for again so much later. */
const AGAIN_MS = 3000;

let engraver: Engraver | null = null;

/** The engraver once the notation package is there; null until then, when only staff lines show. */
export function useEngraver(): Engraver | null {
  const [ready, setReady] = useState(engraver);
  useEffect(() => {
    if (ready) return;
    let live = true;
    let again: ReturnType<typeof setTimeout>;
    const load = () =>
      void loadVexFlow().then(
        (vexflow) => {
          engraver ??= new Engraver(vexflow, onPage);
          if (live) setReady(engraver);
        },
        () => {
          if (live) again = setTimeout(load, AGAIN_MS);
        },
      );
    load();
    return () => {
      live = false;
      clearTimeout(again);
    };
  }, [ready]);
  return ready;
}
