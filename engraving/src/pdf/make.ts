import {
  questionWorking,
  type Question,
  type LabelStyle,
  type Score,
  type WorkingWays,
} from '@diatonix/core';
import { create } from 'fontkit';
import PDFDocument from 'pdfkit';
import { Engraver } from '../engraver';
import type { VexFlow } from '../surface';
import { shownWorking, type SheetWorking } from '../working';
import { unpacked } from './sfnt';
import { asText, measureWithout, type Measure } from '../textSurface';
import { scoreSvg, type ScoreSvgOptions } from '../score/scoreSvg';
import { writeScore, type ScorePages } from './scorePdf';
import { writeSheets, type SheetPages } from './sheetPdf';
import { writeSlips, type SlipPages } from './slipsPdf';
import type { FontFiles, Pdf } from './writer';

export interface PdfTools {
  readonly vexflow: VexFlow;
  readonly fonts: FontFiles;
}

/**
 * Pages of a sheet as a PDF: vectors, the fonts embedded, every text selectable. Needs no page to draw on. The
 * working of the answers stands under them where it is asked for.
 */
export function sheetPdf(
  { vexflow, fonts }: PdfTools,
  pages: SheetPages,
  school: LabelStyle,
  {
    working = 'none',
    ways = {},
    onPart,
  }: {
    readonly working?: SheetWorking;
    readonly ways?: WorkingWays;
    readonly onPart?: (done: number, all: number) => void;
  } = {},
): Promise<Uint8Array> {
  measureWithout(vexflow, measureIn(fonts.bravura));
  const engraver = new Engraver(vexflow, asText);
  const sentences = (question: Question) => shownWorking(working, questionWorking(question, school, ways));
  return written(fonts, pages.sheets[0]?.title ?? '', (pdf) =>
    writeSheets(pdf, pages, { engraver, school, working: sentences }, onPart),
  );
}

/** Return slips as a PDF, a page or more for each pupil. */
export function slipsPdf(fonts: FontFiles, title: string, pages: SlipPages): Promise<Uint8Array> {
  return written(fonts, title, (pdf) => writeSlips(pdf, pages));
}

/** A piece as a PDF of pages. */
export function scorePdf({ vexflow, fonts }: PdfTools, score: Score, pages: ScorePages): Promise<Uint8Array> {
  measureWithout(vexflow, measureIn(fonts.bravura));
  return written(fonts, score.title, (pdf) => writeScore(pdf, vexflow, score, pages));
}

/** A piece as one SVG, its signs measured by the outlines of the music font. */
export function scorePicture(
  { vexflow, bravura }: { readonly vexflow: VexFlow; readonly bravura: Uint8Array },
  score: Score,
  options: ScoreSvgOptions,
): string {
  measureWithout(vexflow, measureIn(bravura));
  return scoreSvg(vexflow, score, options);
}

/** A document with its fonts, once it is written. */
function written(fonts: FontFiles, title: string, write: (pdf: Pdf) => void): Promise<Uint8Array> {
  const pdf = new PDFDocument({
    autoFirstPage: false,
    // No font but those that are registered: the usual one of the package is not shipped.
    font: null as unknown as string,
    info: { Title: title, Creator: 'Diatonix', Producer: 'Diatonix' },
  });
  for (const [name, file] of Object.entries(fonts)) pdf.registerFont(name, unpacked(file) as Buffer);
  const chunks: Uint8Array[] = [];
  const made = new Promise<Uint8Array>((resolve, reject) => {
    pdf.on('data', (chunk: Uint8Array) => chunks.push(chunk));
    pdf.on('end', () => resolve(joined(chunks)));
    pdf.on('error', reject);
  });
  write(pdf);
  pdf.end();
  return made;
}

/** Measures by the outlines of a music font. */
function measureIn(file: Uint8Array): Measure {
  const font = create(file as Buffer);
  if (!('layout' in font)) throw new Error('The music font is a collection.');
  const known = new Map<string, ReturnType<typeof font.layout>>();
  return (text, pixels) => {
    let run = known.get(text);
    if (!run) known.set(text, (run = font.layout(text)));
    const scale = pixels / font.unitsPerEm;
    const { minX, minY, maxX, maxY } = run.bbox;
    return {
      width: run.advanceWidth * scale,
      box: { left: minX * scale, right: maxX * scale, up: maxY * scale, down: -minY * scale },
    };
  };
}

function joined(chunks: readonly Uint8Array[]): Uint8Array {
  const whole = new Uint8Array(chunks.reduce((sum, { length }) => sum + length, 0));
  let at = 0;
  for (const chunk of chunks) {
    whole.set(chunk, at);
    at += chunk.length;
  }
  return whole;
}
