export { sheetPdf, slipsPdf, type PdfTools } from './make';
export type { ReturnSlip, SlipLine, SlipPages } from './slipsPdf';
export { PAPER_POINTS, type PaperName, type SheetPages } from './sheetPdf';
export type { FontFiles } from './writer';
