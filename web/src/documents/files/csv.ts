import { FORMULA_STARTS } from '@diatonix/core';
import { unparse } from 'papaparse';

/** Rows as a table for other programs (CSV, RFC 4180). A cell that begins as a formula would is kept a text. */
export const toCsv = (rows: readonly (readonly (string | number)[])[]): string =>
  unparse(rows as (string | number)[][], { newline: '\r\n', escapeFormulae: FORMULA_STARTS });
