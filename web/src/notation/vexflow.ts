import { copyLightly, type VexFlow } from '@diatonix/engraving';
import { fetchScript } from '../fetchScript';

let loading: Promise<VexFlow> | null = null;

/** Loads the notation package and its own font, once; nothing is fetched from elsewhere. */
export function loadVexFlow(): Promise<VexFlow> {
  loading ??= fetchScript(() => import('vexflow/bravura')).then(async (vexflow) => {
    copyLightly(vexflow);
    await Promise.all([document.fonts.load('30pt Bravura'), document.fonts.load('12pt Academico')]);
    return vexflow;
  });
  // One that did not come is asked for again.
  loading.catch(() => {
    loading = null;
  });
  return loading;
}
