import { flushSync } from 'react-dom';
import { useDrawingMode } from '../columns/drawingMode';
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

/** What lies under a picture: the ground of paper, white, or nothing; the same from both surfaces. */
export const GROUNDS = ['paper', 'white', 'none'] as const;
export type Ground = (typeof GROUNDS)[number];

const FILLS: Record<Ground, string | null> = { paper: '#fffefb', white: '#ffffff', none: null };

/**
 * Draws what stands on the bench: the whole line as one, or one column after the clef. Every letter becomes an
 * outline, so that it looks the same anywhere, and the colours are those of paper.
 */
export async function drawPicture(
  work: HTMLElement,
  column: number | null,
  ground: Ground,
): Promise<Picture> {
  const fonts = await loadFonts();
  return onPaper(() =>
    inWidth(null, () => {
      const score = scoreSystems(work);
      if (score.length > 0) return drawScore(score, column, fonts, ground);
      const grid = work.querySelector<HTMLElement>('.grid');
      if (!grid) return drawFree(work, fonts, ground);
      const system = grid.querySelector<HTMLElement>('.grid-system')!;
      return drawSystem(system, column, fonts, ground);
    }),
  );
}

/** Draws the line in systems of a width in pixels, each with its clefs and row labels. */
export async function drawSystems(work: HTMLElement, width: number, ground: Ground): Promise<Picture[]> {
  const fonts = await loadFonts();
  return onPaper(() =>
    inWidth(width, () => {
      const score = scoreSystems(work);
      if (score.length > 0) return score.map((system) => drawScore([system], null, fonts, ground));
      const systems = [...work.querySelectorAll<HTMLElement>('.grid .grid-system')];
      if (systems.length === 0) return [drawFree(work, fonts, ground)];
      return systems.map((system) => drawSystem(system, null, fonts, ground));
    }),
  );
}

function scoreSystems(work: HTMLElement): HTMLElement[] {
  return [...work.querySelectorAll<HTMLElement>('.score-system')];
}

/** Systems of a piece under each other; where a chord is given, the one that holds it. */
function drawScore(
  systems: readonly HTMLElement[],
  chord: number | null,
  fonts: Fonts,
  ground: Ground,
): Picture {
  const shown =
    chord === null ? systems : systems.filter((one) => one.querySelector(`[data-chord="${chord}"]`) !== null);
  const boxes = shown.map((one) => one.getBoundingClientRect());
  const [left, top] = [Math.min(...boxes.map((box) => box.left)), Math.min(...boxes.map((box) => box.top))];
  const origin = { left: left - EDGE, top: top - EDGE };
  const markup = shown.map((one) => outlined(one, origin, fonts)).join('');
  const right = Math.max(...boxes.map((box) => box.right));
  const bottom = Math.max(...boxes.map((box) => box.bottom));
  return framed(markup, right - left, bottom - top, ground);
}

/** What has no columns: a drawing as it stands. */
function drawFree(work: HTMLElement, fonts: Fonts, ground: Ground): Picture {
  const drawing = work.querySelector<SVGSVGElement>('svg[role]');
  if (!drawing) throw new Error('There is nothing on the bench to draw.');
  const box = drawing.getBoundingClientRect();
  const markup = outlined(drawing, { left: box.left - EDGE, top: box.top - EDGE }, fonts);
  return framed(markup, box.width, box.height, ground);
}

/** Lays the grid out at a width, draws, and puts the page back as it was. */
function inWidth<T>(width: number | null, draw: () => T): T {
  const before = useDrawingMode.getState();
  flushSync(() => useDrawingMode.setState({ width }));
  // Columns out of sight are laid out for the picture.
  const bodies = [...document.querySelectorAll('.grid-columns, .grid-system, .score-system')];
  for (const body of bodies) body.classList.add('drawing');
  try {
    return draw();
  } finally {
    for (const body of bodies) body.classList.remove('drawing');
    flushSync(() => useDrawingMode.setState(before));
  }
}

/** Draws with the colours of paper, whichever surface is showing. */
function onPaper<T>(draw: () => T): T {
  const root = document.documentElement;
  const theme = root.dataset['theme'];
  root.dataset['theme'] = 'paper';
  try {
    return draw();
  } finally {
    if (theme === undefined) delete root.dataset['theme'];
    else root.dataset['theme'] = theme;
  }
}

/** A system with its head, or one column of it after the head. */
function drawSystem(system: HTMLElement, column: number | null, fonts: Fonts, ground: Ground): Picture {
  const head = system.querySelector<HTMLElement>('.grid-head')!;
  const headBox = head.getBoundingClientRect();
  const body = system.querySelector<HTMLElement>('.grid-columns')!;
  const bodyBox = body.getBoundingClientRect();
  const all = [...body.querySelectorAll<HTMLElement>('.grid-column')];
  const shown = column === null ? all : all.filter((one) => one.dataset['column'] === String(column));
  const left = shown[0]?.getBoundingClientRect().left ?? bodyBox.left;
  const width = (shown[shown.length - 1]?.getBoundingClientRect().right ?? left) - left;
  // The labels stay in place while columns scroll under them: columns are set beside the labels again.
  const top = headBox.top - EDGE;
  const parts = [outlined(head, { left: headBox.left - EDGE, top }, fonts)];
  const lines = body.querySelector('svg.staff-lines')!;
  // The closing line belongs to the part that ends the line.
  const linesFrom = shown.at(-1) === all.at(-1) ? bodyBox.right - width : bodyBox.left;
  const drawnLines = outlined(lines, { left: linesFrom - headBox.width - EDGE, top }, fonts);
  parts.push(column === null ? drawnLines : clipped(drawnLines, headBox.width + EDGE, width));
  for (const one of shown) parts.push(outlined(one, { left: left - headBox.width - EDGE, top }, fonts));
  return framed(parts.join(''), headBox.width + width, headBox.height, ground);
}

/** Staff lines of some columns only. */
function clipped(drawing: string, left: number, width: number): string {
  return (
    `<clipPath id="column"><rect x="${left - 1}" y="0" width="${width + 3}" height="4000"/></clipPath>` +
    `<g clip-path="url(#column)">${drawing}</g>`
  );
}

function framed(drawing: string, width: number, height: number, ground: Ground): Picture {
  const size = { width: Math.ceil(width + 2 * EDGE), height: Math.ceil(height + 2 * EDGE) };
  const fill = FILLS[ground];
  const rect = fill ? `<rect width="${size.width}" height="${size.height}" fill="${fill}"/>` : '';
  const box = `viewBox="0 0 ${size.width} ${size.height}" width="${size.width}" height="${size.height}"`;
  const svg = `<svg xmlns="http://www.w3.org/2000/svg" ${box}>${rect}${drawing}</svg>`;
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
