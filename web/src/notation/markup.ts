import type { RenderContext } from 'vexflow/bravura';
import type { VexFlow } from './vexflow';

/** Accidentals by half steps, as the notation package names them. */
export const CODES: Record<number, string> = {
  [-3]: 'bbs',
  [-2]: 'bb',
  [-1]: 'b',
  0: 'n',
  1: '#',
  2: '##',
  3: '###',
};
/** Signatures from seven flats to seven sharps. */
export const SIGNATURES = ['Cb', 'Gb', 'Db', 'Ab', 'Eb', 'Bb', 'F', 'C', 'G', 'D', 'A', 'E', 'B', 'F#', 'C#'];
/** The notation package puts a staff's top line this far below its own y. */
export const TOP_LINE = 40;

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
