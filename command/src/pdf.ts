import { DEFAULT_LABEL_STYLE, makeSheet, type LabelStyle, type SheetSpec } from '@diatonix/core';
import { sheetPdf } from '@diatonix/engraving/pdf';
import * as vexflow from 'vexflow/bravura';
import { fonts } from './fonts';
import { paperNamed } from './paper';
import { writeOut } from './writeOut';

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
  const named = paperNamed(paper);
  const sheets = versions.map((version) => makeSheet(spec, version));
  const pages = {
    sheets,
    paper: named,
    zoom: 1,
    scrap: 'none',
    about: '',
    answers: true,
    names: [],
  } as const;
  const bytes = await sheetPdf({ vexflow, fonts: fonts() }, pages, school ?? DEFAULT_LABEL_STYLE, {
    working: 'full',
  });
  writeOut(out, bytes);
}
