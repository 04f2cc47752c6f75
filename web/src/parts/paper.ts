import { createDesk, deskFlag, deskOneOf } from '../documents/store/desk';

/** Papers to print on: their width and height in millimetres. */
export const PAPERS = { A4: [210, 297], A3: [297, 420], Letter: [215.9, 279.4] } as const;
export type Paper = keyof typeof PAPERS;

/** What is printed on, for every bench alike. */
export const PAPER_DESK = createDesk<{ readonly paper: Paper; readonly landscape: boolean }>('paper', {
  paper: deskOneOf(['A4', 'A3', 'Letter'], 'A4'),
  landscape: deskFlag(false),
});

export const MARGIN_MM = 12;
const PIXELS_A_MM = 96 / 25.4;
/** What is printed is smaller than on the screen, so that rows come out at nine points or more. */
export const PRINT_ZOOM = 0.8;

/** The room for a line on a page, in pixels of the screen before it is made smaller. */
export function lineRoom(paper: Paper, landscape: boolean): number {
  const width = PAPERS[paper][landscape ? 1 : 0];
  return Math.floor(((width - 2 * MARGIN_MM) * PIXELS_A_MM) / PRINT_ZOOM);
}
