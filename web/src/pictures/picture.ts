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

/**
 * Draws what stands on the bench: the whole line, or one column after the clef. Every letter becomes an
 * outline, so that it looks the same anywhere.
 */
export async function drawPicture(work: HTMLElement, column: number | null): Promise<Picture> {
  return (
    await drawPictures(work, (columns) => (column === null ? [[0, columns.length - 1]] : [[column, column]]))
  )[0]!;
}

/** A column of the grid: its width in pixels, and whether a barline follows it. */
export interface Measured {
  readonly width: number;
  readonly barred: boolean;
}

/** Which columns go together in a picture, given them all and the width of the labels. */
type Parting = (columns: readonly Measured[], head: number) => readonly (readonly [number, number])[];

/**
 * Draws the line in several pictures, each with the clefs and row labels, on their ground or on none. What
 * has no columns is one picture.
 */
export async function drawPictures(work: HTMLElement, parting: Parting, grounded = true): Promise<Picture[]> {
  const fonts = await loadFonts();
  const grid = work.querySelector<HTMLElement>('[role="grid"]');
  if (!grid) {
    const drawing = work.querySelector<SVGSVGElement>('svg[role]');
    if (!drawing) throw new Error('There is nothing on the bench to draw.');
    const box = drawing.getBoundingClientRect();
    return [
      framed(
        outlined(drawing, { left: box.left - EDGE, top: box.top - EDGE }, fonts),
        box.width,
        box.height,
        grounded ? work : null,
      ),
    ];
  }
  const body = grid.querySelector('.grid-columns')!;
  // Columns out of sight are laid out for the picture.
  body.classList.add('drawing');
  try {
    const columns = [...body.querySelectorAll<HTMLElement>('.grid-column')].map((column) => ({
      width: column.getBoundingClientRect().width,
      barred: column.dataset['after'] !== undefined,
    }));
    const head = grid.querySelector('.grid-head')!.getBoundingClientRect().width;
    return parting(columns, head).map((range) => drawGrid(grid, range, columns.length, fonts, grounded));
  } finally {
    body.classList.remove('drawing');
  }
}

function drawGrid(
  grid: HTMLElement,
  [first, last]: readonly [number, number],
  columns: number,
  fonts: Fonts,
  grounded: boolean,
): Picture {
  const head = grid.querySelector<HTMLElement>('.grid-head')!;
  const headBox = head.getBoundingClientRect();
  const body = grid.querySelector<HTMLElement>('.grid-columns')!;
  const bodyBox = body.getBoundingClientRect();
  const origin = { left: headBox.left - EDGE, top: headBox.top - EDGE };
  const parts = [outlined(head, origin, fonts)];
  // The labels stay in place while columns scroll under them: columns are set beside the labels again.
  const whole = last - first + 1 >= columns;
  const shown = [...body.querySelectorAll<HTMLElement>('.grid-column')].slice(first, last + 1);
  const left = shown[0]?.getBoundingClientRect().left ?? bodyBox.left;
  const width = (shown[shown.length - 1]?.getBoundingClientRect().right ?? left) - left;
  const bodyOrigin = { left: left - headBox.width - EDGE, top: origin.top };
  const lines = body.querySelector('svg.staff-lines')!;
  // The closing line belongs to the part that ends the line.
  const linesFrom = last === columns - 1 ? bodyBox.right - width : bodyBox.left;
  const drawnLines = outlined(lines, { left: linesFrom - headBox.width - EDGE, top: origin.top }, fonts);
  parts.push(whole ? drawnLines : clipped(drawnLines, headBox.width + EDGE, width));
  for (const one of shown) parts.push(outlined(one, bodyOrigin, fonts));
  return framed(parts.join(''), headBox.width + width, headBox.height, grounded ? grid : null);
}

/** Staff lines of some columns only. */
function clipped(drawing: string, left: number, width: number): string {
  return `<clipPath id="column"><rect x="${left - 1}" y="0" width="${width + 3}" height="4000"/></clipPath><g clip-path="url(#column)">${drawing}</g>`;
}

function framed(drawing: string, width: number, height: number, under: Element | null): Picture {
  const size = { width: Math.ceil(width + 2 * EDGE), height: Math.ceil(height + 2 * EDGE) };
  const ground = under && getComputedStyle(under).getPropertyValue('--ground').trim();
  const rect = ground ? `<rect width="${size.width}" height="${size.height}" fill="${ground}"/>` : '';
  const svg = `<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 ${size.width} ${size.height}" width="${size.width}" height="${size.height}">${rect}${drawing}</svg>`;
  return { svg: plainColours(svg), ...size };
}

/** Mixed colours as plain ones, which every program reads. */
function plainColours(svg: string): string {
  return svg.replace(/color\(srgb ([\d.]+) ([\d.]+) ([\d.]+)(?: \/ [\d.]+)?\)/g, (_, ...parts: string[]) => {
    const [red, green, blue] = parts.slice(0, 3).map((part) => Math.round(Number(part) * 255));
    return `rgb(${red}, ${green}, ${blue})`;
  });
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
      canvas.toBlob(
        (blob) => (blob ? resolve(blob) : reject(new Error('The picture is too large for this browser.'))),
        'image/png',
      ),
    );
  } finally {
    URL.revokeObjectURL(address);
  }
}
