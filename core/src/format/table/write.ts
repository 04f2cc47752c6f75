import { unparse } from 'papaparse';
import { printKey } from '../../key';
import { numeralParts, partsText } from '../../label';
import { labelLine } from '../../progression';
import type { LineFile } from '../lineFile';

/** The rows of the bench as a table (CSV, RFC 4180): one line a chord. A chord that cannot be read has its reason in the last field. */
export function writeCsv(file: LineFile): string {
  const rows = labelLine(file.columns, file.key, { modulate: false }).map(({ labelled, key, cadence }, at) => {
    if (!labelled.ok) return { bar: at + 1, key: printKey(key), remark: labelled.error.message };
    const { labels } = labelled;
    return {
      bar: at + 1,
      key: printKey(key),
      numeral: partsText(numeralParts(labels.numeral, key)),
      figures: labels.figures.join(' '),
      symbol: labels.symbol,
      notes: labels.letters.join(' '),
      degrees: labels.degrees,
      function: labels.function ?? '',
      cadence: cadence ?? '',
      remark: '',
    };
  });
  const columns = ['bar', 'key', 'numeral', 'figures', 'symbol', 'notes', 'degrees', 'function', 'cadence', 'remark'];
  return `${unparse(rows, { columns, newline: '\r\n' })}\r\n`;
}
