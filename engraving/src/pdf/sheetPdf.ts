import { answeredStaff, instructionWords, staffLayout, type Sheet, type SheetSection } from '@diatonix/core';
import { frameOf } from '../questionStaff';
import { PdfQuestionCell, type CellLook } from './questionCell';
import { INK, SOFT, Writer, type Pdf, type TextStyle } from './writer';

/** Sizes of paper in points. */
export const PAPER_POINTS = { A4: [595.28, 841.89], A3: [841.89, 1190.55], Letter: [612, 792] } as const;
export type PaperName = keyof typeof PAPER_POINTS;

/** What is printed: the versions of a sheet, for pupils and with answers. */
export interface SheetPages {
  readonly sheets: readonly Sheet[];
  readonly paper: PaperName;
  readonly landscape?: boolean;
  /** 1 is the usual size; 1.45 is large print. */
  readonly zoom: number;
  readonly scrap: CellLook['scrap'];
  /** For whom and when; beside the title. */
  readonly about: string;
  readonly answers: boolean;
  /** Names of pupils: the first page then says who gets which version. */
  readonly names: readonly string[];
}

const EDGE = 42;
/** Points for a unit of a staff: a staff is some 6.3 mm high. */
const SCALE = 0.45;
const FOOT = 24;
const ABOVE_FOOT = 14;

/** Something that stands together on a page. */
interface Block {
  readonly height: number;
  readonly draw: (y: number) => void;
}

/** Writes the pages of a sheet into a document that has no page yet. `onPages` tells how many parts are done. */
export function writeSheets(
  pdf: Pdf,
  { sheets, paper, landscape = false, zoom, scrap, about, answers, names }: SheetPages,
  look: Omit<CellLook, 'scale' | 'zoom' | 'answers' | 'scrap'>,
  onPart: (done: number, all: number) => void = () => {},
): void {
  const [short, long] = PAPER_POINTS[paper];
  const size: [number, number] = landscape ? [long, short] : [short, long];
  const parts = [
    ...sheets.map((sheet) => ({ sheet, answers: false })),
    ...(answers ? sheets.map((sheet) => ({ sheet, answers: true })) : []),
  ];
  if (names.length > 0) writeNames(pdf, size, sheets, names, about);
  parts.forEach((part, at) => {
    writePart(pdf, size, part.sheet, about, {
      ...look,
      scale: SCALE * zoom,
      zoom,
      scrap,
      answers: part.answers,
    });
    onPart(at + 1, parts.length);
  });
}

function writePart(pdf: Pdf, size: [number, number], sheet: Sheet, about: string, look: CellLook): void {
  const writer = new Writer(pdf);
  const { zoom, answers } = look;
  const [width, height] = [size[0] - 2 * EDGE, size[1] - FOOT - ABOVE_FOOT];
  const soft: TextStyle = { family: 'sans', size: 9, colour: SOFT };
  let page = 0;
  const turn = () => {
    pdf.addPage({ size, margin: 0 });
    page++;
    writer.write(sheet.code, EDGE, size[1] - FOOT, soft);
    writer.right(`${sheet.marks} marks`, EDGE + width, size[1] - FOOT, soft);
    writer.centred(String(page), EDGE + width / 2, size[1] - FOOT, soft);
    if (page > 1) return EDGE;
    const title: TextStyle = { family: 'serif', weight: 600, size: 16 };
    const line = answers ? `answers, version ${sheet.version}` : 'Name ______________________';
    const room = width - writer.width(line, soft) - 20;
    writer.right(line, EDGE + width, EDGE + 12, soft);
    let y = EDGE + 12;
    for (const text of writer.lines(sheet.title || ' ', room, title)) {
      writer.write(text, EDGE, y, title);
      y += 20;
    }
    if (about !== '') writer.write(about, EDGE, y - 5, soft);
    return y + (about === '' ? -6 : 6);
  };
  let y = turn();
  const put = (block: Block, before = 0) => {
    if (y + before + block.height > height && y > EDGE) y = turn();
    else y += before;
    block.draw(y);
    y += block.height;
  };
  sheet.sections.forEach((section, at) => {
    const [first, ...rows] = blocksOf(writer, section, at + 1, width, look);
    // The instruction never stands alone at the foot of a page.
    put(first!, at === 0 ? 0 : 10 * zoom);
    rows.forEach((row) => put(row));
  });
}

/** A section as what stands together: its instruction with the first row, then row by row. */
function blocksOf(
  writer: Writer,
  section: SheetSection,
  number: number,
  width: number,
  look: CellLook,
): Block[] {
  const { zoom } = look;
  const { marks, questions } = section;
  const frame = frameOf([...questions.map(staffLayout), ...questions.map(answeredStaff)]);
  const cells = questions.map((question, at) => new PdfQuestionCell(writer, question, at + 1, frame, look));
  const fitting = Math.max(1, Math.floor(width / Math.max(...cells.map(({ least }) => least))));
  // Rows are as full as each other: six questions stand three and three.
  const columns = Math.ceil(cells.length / Math.ceil(cells.length / fitting));
  const room = width / columns;
  const rows: Block[] = [];
  for (let from = 0; from < cells.length; from += columns) {
    const row = cells.slice(from, from + columns);
    // Staves of a row are level, however long what is asked over them.
    const over = Math.max(...row.map((cell) => cell.promptHeight(room)));
    rows.push({
      height: Math.max(...row.map((cell) => cell.draw(0, 0, room, over, false))),
      draw: (y) => row.forEach((cell, at) => cell.draw(EDGE + at * room, y, room, over, true)),
    });
  }
  const style: TextStyle = { family: 'sans', size: 10.5 * zoom, colour: INK };
  const lines = writer.lines(instructionWords(section), width - 60, style);
  const head = (lines.length * 13 + 4) * zoom;
  const [first, ...others] = rows;
  return [
    {
      height: head + (first?.height ?? 0),
      draw: (y) => {
        writer.write(String(number), EDGE, y + 11 * zoom, { ...style, weight: 600 });
        lines.forEach((line, at) => writer.write(line, EDGE + 14 * zoom, y + (11 + 13 * at) * zoom, style));
        if (marks > 0)
          writer.right(String(marks * questions.length), EDGE + width, y + 11 * zoom, {
            ...style,
            colour: SOFT,
          });
        first?.draw(y + head);
      },
    },
    ...others,
  ];
}

/** Who gets which version: neighbours in the list get different ones. */
function writeNames(
  pdf: Pdf,
  size: [number, number],
  sheets: readonly Sheet[],
  names: readonly string[],
  about: string,
): void {
  const writer = new Writer(pdf);
  const style: TextStyle = { family: 'sans', size: 11 };
  let y = size[1];
  names.forEach((name, at) => {
    if (y > size[1] - EDGE - FOOT) {
      pdf.addPage({ size, margin: 0 });
      writer.write(`${sheets[0]!.title}: who has which version`, EDGE, EDGE + 12, {
        family: 'serif',
        weight: 600,
        size: 16,
      });
      if (about !== '') writer.write(about, EDGE, EDGE + 28, { ...style, size: 9, colour: SOFT });
      y = EDGE + 56;
    }
    const sheet = sheets[at % sheets.length]!;
    writer.write(name, EDGE, y, style);
    writer.write(sheet.version, EDGE + 240, y, { ...style, weight: 600 });
    writer.write(sheet.code, EDGE + 280, y, { ...style, colour: SOFT });
    writer.rule(EDGE, y + 5, size[0] - 2 * EDGE, '#aab2bd', 0.4);
    y += 20;
  });
}
