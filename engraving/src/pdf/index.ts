export { scorePdf, scorePicture, sheetPdf, slipsPdf, type PdfTools } from './make';
export type { ScoreLabel } from '../score/layOut';
export { UNITS_A_MM } from '../score/scoreSvg';
export type { ReturnSlip, SlipLine, SlipPages } from './slipsPdf';
export { PAPER_POINTS, type PaperName, type SheetPages } from './sheetPdf';
export type { FontFiles } from './writer';
