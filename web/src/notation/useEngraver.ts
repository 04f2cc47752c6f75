import { useEffect, useState } from 'react';
import type { Engraver } from '@diatonix/engraving';
import { fetchScript } from '../fetchScript';
import { loadVexFlow } from './vexflow';

/** Notation that could not be fetched is asked for again so much later. */
const AGAIN_MS = 3000;

let engraver: Engraver | null = null;

async function loadEngraver(): Promise<Engraver> {
  const [vexflow, { asText, Engraver }] = await Promise.all([
    loadVexFlow(),
    fetchScript(() => import('./engraving')),
  ]);
  return new Engraver(vexflow, asText);
}

/** The engraver once the notation package is there; null until then, when only staff lines show. */
export function useEngraver(): Engraver | null {
  const [ready, setReady] = useState(engraver);
  useEffect(() => {
    if (ready) return;
    let live = true;
    let again: ReturnType<typeof setTimeout>;
    const load = () =>
      void loadEngraver().then(
        (loaded) => {
          engraver ??= loaded;
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
