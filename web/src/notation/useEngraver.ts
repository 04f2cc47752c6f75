import { useEffect, useState } from 'react';
import { Engraver } from './engraver';
import { loadVexFlow } from './vexflow';

let engraver: Engraver | null = null;

/** The engraver once the notation package is there; null until then, when only staff lines show. */
export function useEngraver(): Engraver | null {
  const [ready, setReady] = useState(engraver);
  useEffect(() => {
    if (ready) return;
    let live = true;
    void loadVexFlow().then((vexflow) => {
      engraver ??= new Engraver(vexflow);
      if (live) setReady(engraver);
    });
    return () => {
      live = false;
    };
  }, [ready]);
  return ready;
}
