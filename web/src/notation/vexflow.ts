import type * as VexFlowModule from 'vexflow/bravura';

export type VexFlow = typeof VexFlowModule;

let loading: Promise<VexFlow> | null = null;

/** Loads the notation package and its own font, once; nothing is fetched from elsewhere. */
export function loadVexFlow(): Promise<VexFlow> {
  loading ??= import('vexflow/bravura').then(async (vexflow) => {
    await Promise.all([document.fonts.load('30pt Bravura'), document.fonts.load('12pt Academico')]);
    return vexflow;
  });
  return loading;
}
