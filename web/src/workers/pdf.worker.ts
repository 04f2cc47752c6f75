import { makeSheet, type LabelStyle, type SheetSpec, type WorkingWays } from '@diatonix/core';
import { sheetPdf, slipsPdf, type FontFiles, type SheetPages, type SlipPages } from '@diatonix/engraving/pdf';
import type { SheetWorking } from '@diatonix/engraving';
import { expose } from 'comlink';
import * as vexflow from 'vexflow/bravura';

/** Pages to be made: the sheet in so many versions, and how they look. */
export interface PdfOrder {
  readonly spec: SheetSpec;
  readonly versions: number;
  readonly look: Omit<SheetPages, 'sheets'>;
  readonly working: SheetWorking;
  readonly ways: WorkingWays;
  readonly school: LabelStyle;
}

/** Return slips to be made. */
export interface SlipsOrder {
  readonly title: string;
  readonly pages: SlipPages;
}

/** Where each font lies. */
export type FontPlaces = Readonly<Record<keyof FontFiles, string>>;

async function fetched(addresses: FontPlaces): Promise<FontFiles> {
  const files = await Promise.all(
    Object.entries(addresses).map(
      async ([name, address]) => [name, new Uint8Array(await (await fetch(address)).arrayBuffer())] as const,
    ),
  );
  return Object.fromEntries(files) as unknown as FontFiles;
}

/** Makes the pages away from the page, so that a long sheet never holds up the bench. */
async function make(
  { spec, versions, look, working, ways, school }: PdfOrder,
  fonts: FontPlaces,
  onPart: (done: number, all: number) => void,
): Promise<Uint8Array> {
  const files = await fetched(fonts);
  const sheets = Array.from({ length: versions }, (_, version) => makeSheet(spec, version));
  return sheetPdf({ vexflow, fonts: files }, { ...look, sheets }, school, { working, ways, onPart });
}

async function makeSlips({ title, pages }: SlipsOrder, fonts: FontPlaces): Promise<Uint8Array> {
  return slipsPdf(await fetched(fonts), title, pages);
}

const TASK = { make, makeSlips };
export type PdfTask = typeof TASK;

expose(TASK);
