import type * as VexFlowModule from 'vexflow/bravura';
import type { RenderContext } from 'vexflow/bravura';

export type VexFlow = typeof VexFlowModule;

/** Something to draw on, in the current colour, and what was drawn as markup of a picture. */
export interface Drawing {
  readonly context: RenderContext;
  readonly markup: () => string;
}

/** Makes a drawing of a size in staff units: on a page, or as text where there is none. */
export type Surface = (vexflow: VexFlow, width: number, height: number) => Drawing;
