import { DEFAULT_LABEL_STYLE, makeSheet, TheoryError, type LabelStyle, type SheetSpec } from '@diatonix/core';
import { PAPER_POINTS, sheetPdf, type FontFiles, type PaperName } from '@diatonix/engraving/pdf';
import { readFileSync, writeFileSync } from 'node:fs';
import { createRequire } from 'node:module';
import * as vexflow from 'vexflow/bravura';

const files = createRequire(import.meta.url);
const font = (path: string): Uint8Array => readFileSync(files.resolve(path));
const sans = (weight: number) =>
  font(`@fontsource/source-sans-3/files/source-sans-3-latin-${weight}-normal.woff`);
const serif = (weight: number) =>
  font(`@fontsource/source-serif-4/files/source-serif-4-latin-${weight}-normal.woff`);

/** The fonts of the pages, from the installed packages. */
function fonts(): FontFiles {
  return {
    bravura: font('@vexflow-fonts/bravura/bravura.otf'),
    sans400: sans(400),
    sans600: sans(600),
    serif400: serif(400),
    serif600: serif(600),
    single: font('@fontsource/dejavu-sans/files/dejavu-sans-latin-400-normal.woff'),
    double: font('@fontsource/noto-music/files/noto-music-music-400-normal.woff'),
  };
}

export interface PdfWanted {
  readonly spec: SheetSpec;
  /** The versions that are printed, 0 for A. */
  readonly versions: readonly number[];
  readonly paper: string;
  readonly out: string;
  readonly school: LabelStyle | undefined;
}

/** Writes the pupils' pages and the answers with their working to a file. Throws TheoryError. */
export async function writeSheetPdf({ spec, versions, paper, out, school }: PdfWanted): Promise<void> {
  if (!(paper in PAPER_POINTS))
    throw new TheoryError('request', paper, 'there is no such paper.', 'Choose A4, A3 or Letter.');
  const sheets = versions.map((version) => makeSheet(spec, version));
  const pages = {
    sheets,
    paper: paper as PaperName,
    zoom: 1,
    scrap: 'none',
    about: '',
    answers: true,
    names: [],
  } as const;
  const bytes = await sheetPdf({ vexflow, fonts: fonts() }, pages, school ?? DEFAULT_LABEL_STYLE, {
    working: 'full',
  });
  try {
    writeFileSync(out, bytes);
  } catch {
    throw new TheoryError(
      'request',
      out,
      'this file cannot be written.',
      'Give a path in a folder that exists.',
    );
  }
}
