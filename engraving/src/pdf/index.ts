export { sheetPdf, type PdfTools } from './make';
export { PAPER_POINTS, type PaperName, type SheetPages } from './sheetPdf';
export type { FontFiles } from './writer';
