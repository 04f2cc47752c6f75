import demo from '@diatonix/demo/workbook.json';
import { newId } from './ids';
import type { Workbook } from './model';

/** The demo workbook under an identity of its own. */
export function demoWorkbook(): Workbook {
  return { ...(demo.workbook as unknown as Workbook), id: newId() };
}
