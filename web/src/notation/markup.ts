import type { RenderContext } from 'vexflow/bravura';
import type { Surface, VexFlow } from '@diatonix/engraving';

/** A drawing of the notation package away from the page, in the current colour. */
export function drawingContext(
  vexflow: VexFlow,
  width: number,
  height: number,
): { context: RenderContext; element: HTMLElement } {
  const element = document.createElement('div');
  const renderer = new vexflow.Renderer(element as HTMLDivElement, vexflow.Renderer.Backends.SVG);
  renderer.resize(width, height);
  const context = renderer.getContext();
  context.setFillStyle('currentColor');
  context.setStrokeStyle('currentColor');
  return { context, element };
}

/**
 * The drawing inside the svg element: black becomes the current colour, style attributes go (the page forbids
 * them).
 */
export function clean(element: HTMLElement): string {
  const svg = element.querySelector('svg')!;
  const inner = svg.innerHTML
    .replace(/ style="[^"]*"/g, '')
    .replace(/(fill|stroke)="(?:black|#[0-9a-f]{3,6})"/gi, '$1="currentColor"')
    .replace(/ class="[^"]*"| id="[^"]*"/g, '');
  // The package leaves its default font to the svg element; the drawing takes it along.
  return `<g font-family="Bravura, Academico" font-size="10pt">${inner}</g>`;
}

/** Drawings for the engraver, made away from the page. */
export const onPage: Surface = (vexflow, width, height) => {
  const { context, element } = drawingContext(vexflow, width, height);
  return { context, markup: () => clean(element) };
};
