import { loadFonts, type Fonts } from './fonts';
import { outlined } from './outline';

/** A picture of the work: SVG text and its size in pixels. */
export interface Picture {
  readonly svg: string;
  readonly width: number;
  readonly height: number;
}

const EDGE = 12;
/** Pixels of a PNG for each pixel of the screen: sharp on a projector. */
const PNG_SCALE = 3;

/** Draws what stands on the bench: the whole line, or one column after the clef. Every letter becomes an outline, so that it looks the same anywhere. */
export async function drawPicture(work: HTMLElement, column: number | null): Promise<Picture> {
  const fonts = await loadFonts();
  const grid = work.querySelector<HTMLElement>('[role="grid"]');
  if (!grid) {
    const drawing = work.querySelector<SVGSVGElement>('svg[role]');
    if (!drawing) throw new Error('There is nothing on the bench to draw.');
    const box = drawing.getBoundingClientRect();
    return framed(outlined(drawing, { left: box.left - EDGE, top: box.top - EDGE }, fonts), box.width, box.height, work);
  }
  const body = grid.querySelector('.grid-columns')!;
  // Columns out of sight are laid out for the picture.
  body.classList.add('drawing');
  try {
    return drawGrid(grid, column, fonts);
  } finally {
    body.classList.remove('drawing');
  }
}

function drawGrid(grid: HTMLElement, column: number | null, fonts: Fonts): Picture {
  const head = grid.querySelector<HTMLElement>('.grid-head')!;
  const headBox = head.getBoundingClientRect();
  const body = grid.querySelector<HTMLElement>('.grid-columns')!;
  const bodyBox = body.getBoundingClientRect();
  const origin = { left: headBox.left - EDGE, top: headBox.top - EDGE };
  const parts = [outlined(head, origin, fonts)];
  // The labels stay in place while columns scroll under them: columns are set beside the labels again.
  const shown = column === null ? null : body.querySelector<HTMLElement>(`[data-column="${column}"]`);
  const from = (shown ?? body).getBoundingClientRect();
  const bodyOrigin = { left: from.left - headBox.width - EDGE, top: origin.top };
  const lines = body.querySelector('svg.staff-lines')!;
  const drawnLines = outlined(lines, { left: bodyBox.left - headBox.width - EDGE, top: origin.top }, fonts);
  parts.push(shown ? clipped(drawnLines, headBox.width + EDGE, from.width) : drawnLines);
  for (const one of shown ? [shown] : body.querySelectorAll<HTMLElement>('.grid-column')) parts.push(outlined(one, bodyOrigin, fonts));
  return framed(parts.join(''), headBox.width + from.width, headBox.height, grid);
}

/** Staff lines of one column only. */
function clipped(drawing: string, left: number, width: number): string {
  return `<clipPath id="column"><rect x="${left}" y="0" width="${width}" height="4000"/></clipPath><g clip-path="url(#column)">${drawing}</g>`;
}

function framed(drawing: string, width: number, height: number, under: Element): Picture {
  const size = { width: Math.ceil(width + 2 * EDGE), height: Math.ceil(height + 2 * EDGE) };
  const ground = getComputedStyle(under).getPropertyValue('--ground').trim();
  const svg = `<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 ${size.width} ${size.height}" width="${size.width}" height="${size.height}"><rect width="100%" height="100%" fill="${ground}"/>${drawing}</svg>`;
  return { svg, ...size };
}

/** The picture as PNG, three pixels for each of the screen. */
export async function toPng({ svg, width, height }: Picture): Promise<Blob> {
  const address = URL.createObjectURL(new Blob([svg], { type: 'image/svg+xml' }));
  try {
    const image = new Image();
    image.src = address;
    await image.decode();
    const canvas = document.createElement('canvas');
    canvas.width = width * PNG_SCALE;
    canvas.height = height * PNG_SCALE;
    canvas.getContext('2d')!.drawImage(image, 0, 0, canvas.width, canvas.height);
    return await new Promise<Blob>((resolve, reject) =>
      canvas.toBlob((blob) => (blob ? resolve(blob) : reject(new Error('The picture is too large for this browser.'))), 'image/png'),
    );
  } finally {
    URL.revokeObjectURL(address);
  }
}
