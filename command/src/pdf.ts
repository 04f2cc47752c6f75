import { DEFAULT_LABEL_STYLE, makeSheet, TheoryError, type LabelStyle, type SheetSpec } from '@diatonix/core';
import { PAPER_POINTS, sheetPdf, type PaperName } from '@diatonix/engraving/pdf';
import { writeFileSync } from 'node:fs';
import * as vexflow from 'vexflow/bravura';
import { fonts } from './fonts';

export { engrave } from './engrave';

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
