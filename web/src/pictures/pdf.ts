import type { jsPDF } from 'jspdf';
import { loadFonts, type Fonts } from './fonts';
import { textOutline } from './outline';
import { drawSystems, type Picture } from './picture';
import { fetchScript } from '../fetchScript';

/** A4 upright, in points. */
const PAGE = { width: 595.28, height: 841.89, edge: 36 };
/** Points for each pixel of the screen: text of the rows comes out at nine points or more. */
const SCALE = 0.6;
const TITLE = { size: 16, room: 26 };
const SOURCE = { size: 9, room: 16 };
const SYSTEM_GAP = 14;

/**
 * The line as a PDF of outlines on A4 pages: broken into systems, each with its clefs and row labels, the
 * title over them and the source under them.
 */
export async function drawPdf(work: HTMLElement, title: string, source: string): Promise<Blob> {
  const [fonts, { jsPDF: Document }, { svg2pdf }] = await Promise.all([
    loadFonts(),
    fetchScript(() => import('jspdf')),
    fetchScript(() => import('svg2pdf.js')),
  ]);
  const pictures = await drawSystems(work, (PAGE.width - 2 * PAGE.edge) / SCALE, 'none');
  const page: jsPDF = new Document({ unit: 'pt', format: 'a4', compress: true });
  page.setProperties({ title, creator: 'Diatonix' });
  let y = PAGE.edge;
  const put = async (svg: string, x: number, width: number, height: number) => {
    const element = new DOMParser().parseFromString(svg, 'image/svg+xml').documentElement;
    await svg2pdf(element, page, { x, y, width, height });
  };
  if (title !== '') {
    await put(caption(title, TITLE.size, 600, fonts), PAGE.edge, PAGE.width - 2 * PAGE.edge, TITLE.room);
    y += TITLE.room;
  }
  for (const picture of pictures) {
    const { width, height } = fitted(picture);
    if (y + height > PAGE.height - PAGE.edge && y > PAGE.edge + TITLE.room) {
      page.addPage('a4');
      y = PAGE.edge;
    }
    await put(picture.svg, PAGE.edge, width, height);
    y += height + SYSTEM_GAP;
  }
  if (source !== '') {
    if (y + SOURCE.room > PAGE.height - PAGE.edge) {
      page.addPage('a4');
      y = PAGE.edge;
    }
    await put(caption(source, SOURCE.size, 400, fonts), PAGE.edge, PAGE.width - 2 * PAGE.edge, SOURCE.room);
  }
  return page.output('blob');
}

/** Its size on the page: as on the screen, or smaller where it would not fit. */
function fitted({ width, height }: Picture): { width: number; height: number } {
  const scale = Math.min(
    SCALE,
    (PAGE.width - 2 * PAGE.edge) / width,
    (PAGE.height - 2 * PAGE.edge - TITLE.room) / height,
  );
  return { width: width * scale, height: height * scale };
}

function caption(text: string, size: number, weight: number, fonts: Fonts): string {
  const room = weight >= 600 ? TITLE.room : SOURCE.room;
  const width = PAGE.width - 2 * PAGE.edge;
  const { d } = textOutline(text, 0, size, size, 'Source Serif 4', weight, fonts);
  const box = `viewBox="0 0 ${width} ${room}" width="${width}" height="${room}"`;
  return `<svg xmlns="http://www.w3.org/2000/svg" ${box}><path d="${d}" fill="#1d2a3a"/></svg>`;
}
