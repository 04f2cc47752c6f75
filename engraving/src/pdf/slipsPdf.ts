import { PAPER_POINTS, type PaperName } from './sheetPdf';
import { RED, SOFT, Writer, type Pdf, type TextStyle } from './writer';

/** What a pupil gets back: the marks, what was wrong with what is right, and what to practise. */
export interface ReturnSlip {
  readonly pupil: string;
  readonly got: number;
  readonly of: number;
  readonly wrong: readonly SlipLine[];
  /** The marks of each question in a line; empty where there is nothing to say. */
  readonly marks: string;
  readonly practise: string;
}

/** A question that was answered wrongly, or of which the teacher says something. */
export interface SlipLine {
  readonly label: string;
  readonly asked: string;
  readonly wrote: string;
  readonly right: string;
  /** The cause, what follows, the teacher's remark. */
  readonly notes: readonly string[];
  readonly working: string;
}

export interface SlipPages {
  readonly slips: readonly ReturnSlip[];
  /** Of what and when; beside the name. */
  readonly about: string;
  readonly paper: PaperName;
  readonly landscape?: boolean;
}

const EDGE = 42;
const LINE = 13;
const GAP = 7;
/** Columns as shares of the width: question, asked, written, right. */
const COLUMNS = [0, 0.11, 0.38, 0.56, 1];
const HEADS = ['Question', 'Asked', 'You wrote', 'Right is'];
const TEXT: TextStyle = { family: 'sans', size: 10 };
const SMALL: TextStyle = { family: 'sans', size: 9, colour: SOFT };

/** Writes a page for each slip, and more where one is not enough, into a document that has no page yet. */
export function writeSlips(pdf: Pdf, { slips, about, paper, landscape = false }: SlipPages): void {
  const [short, long] = PAPER_POINTS[paper];
  const size: [number, number] = landscape ? [long, short] : [short, long];
  for (const slip of slips) writeSlip(pdf, size, slip, about);
}

function writeSlip(pdf: Pdf, size: [number, number], slip: ReturnSlip, about: string): void {
  const writer = new Writer(pdf);
  const width = size[0] - 2 * EDGE;
  const xs = COLUMNS.map((share) => EDGE + share * width);
  let y = 0;
  const turn = () => {
    pdf.addPage({ size, margin: 0 });
    y = EDGE + 12;
    writer.write(slip.pupil, EDGE, y, { family: 'serif', weight: 600, size: 16 });
    writer.right(about, EDGE + width, y, SMALL);
    y += 26;
  };
  const heads = () => {
    HEADS.forEach((head, at) => writer.write(head, xs[at]!, y, { ...SMALL, weight: 600 }));
    writer.rule(EDGE, y + 5, width);
    y += 20;
  };
  turn();
  const end = writer.write(String(slip.got), EDGE, y, {
    family: 'serif',
    weight: 600,
    size: 18,
    colour: RED,
  });
  writer.write(` of ${slip.of} marks`, end, y, TEXT);
  y += 24;
  if (slip.wrong.length > 0) heads();
  for (const line of slip.wrong) {
    const cells = cellsOf(writer, line, xs);
    const height = Math.max(...cells.map(({ length }) => length)) * LINE;
    if (y + height > size[1] - EDGE) {
      turn();
      heads();
    }
    cells.forEach((lines, column) =>
      lines.forEach(({ text, style }, at) => writer.write(text, xs[column]!, y + at * LINE, style)),
    );
    writer.rule(EDGE, y + height - LINE + GAP, width, '#d5dae0', 0.4);
    y += height + GAP;
  }
  for (const [text, style] of [
    [slip.marks, SMALL],
    [slip.practise, TEXT],
  ] as const) {
    const lines = writer.lines(text, width, style);
    if (y + lines.length * LINE > size[1] - EDGE) turn();
    lines.forEach((one, at) => writer.write(one, EDGE, y + 8 + at * LINE, style));
    y += lines.length * LINE + GAP;
  }
}

/** The lines of each column of a wrong answer. */
function cellsOf(writer: Writer, line: SlipLine, xs: readonly number[]) {
  const room = (column: number) => xs[column + 1]! - xs[column]! - 10;
  const set = (text: string, column: number, style: TextStyle) =>
    writer.lines(text, room(column), style).map((one) => ({ text: one, style }));
  return [
    set(line.label, 0, TEXT),
    set(line.asked, 1, TEXT),
    set(line.wrote, 2, TEXT),
    [
      ...set(line.right, 3, { ...TEXT, colour: RED }),
      ...line.notes.flatMap((note) => set(note, 3, { ...TEXT, colour: RED })),
      ...set(line.working, 3, SMALL),
    ],
  ];
}
