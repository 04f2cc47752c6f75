import { unparse } from 'papaparse';
import { FORMULA_STARTS } from '../../formulaStarts';
import { printKey } from '../../key/key';
import { numeralParts, partsText } from '../../label/numeralPrint';
import { functionSaid, type FunctionSaid } from '../../passage/functions';
import { printLength } from '../../time/length';
import { timedLine } from '../timedLine';
import type { LineFile } from '../lineFile';

/**
 * The rows of the bench as a table (CSV, RFC 4180): one line a chord. A chord that cannot be read has its
 * reason in the last field.
 */
export function writeCsv(file: LineFile): string {
  const rows = timedLine(file).columns.map(({ at, label, place: { bar, beat, ticks } }) => {
    const { labelled, key, cadence } = label;
    const { melody, words, entry } = file.columns[at]!;
    const time = {
      bar,
      beat,
      length: printLength(ticks),
      melody: melody?.join(' ') ?? '',
      words: words ?? '',
    };
    if (entry.kind === 'rest') return { ...time, key: printKey(key), symbol: entry.text };
    if (entry.kind === 'sought') return { ...time, key: printKey(key), remark: 'to be worked back' };
    if (!labelled.ok) return { ...time, key: printKey(key), remark: labelled.error.message };
    const { labels } = labelled;
    return {
      ...time,
      key: printKey(key),
      numeral: partsText(numeralParts(labels.numeral, key)),
      figures: labels.figures.join(' '),
      symbol: labels.symbol,
      notes: labels.letters.join(' '),
      degrees: labels.degrees,
      function: functionText(functionSaid(labels, label)),
      cadence: cadence ?? '',
      remark: '',
    };
  });
  const columns = [
    'bar',
    'beat',
    'length',
    'key',
    'numeral',
    'figures',
    'symbol',
    'notes',
    'degrees',
    'function',
    'cadence',
    'melody',
    'words',
    'remark',
  ];
  return `${unparse(rows, { columns, newline: '\r\n', escapeFormulae: FORMULA_STARTS })}\r\n`;
}

function functionText(said: FunctionSaid): string {
  if (said === null || typeof said === 'string') return said ?? '';
  return `to ${partsText(said.to)}`;
}
