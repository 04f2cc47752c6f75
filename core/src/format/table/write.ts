import { unparse } from 'papaparse';
import { printKey } from '../../key/key';
import { numeralParts, partsText } from '../../label/numeralPrint';
import { labelLine } from '../../context/labelLine';
import { parseMetre } from '../../time/metre';
import { placesOf } from '../../time/bars';
import { printLength } from '../../time/length';
import type { LineFile } from '../lineFile';

/**
 * The rows of the bench as a table (CSV, RFC 4180): one line a chord. A chord that cannot be read has its
 * reason in the last field.
 */
export function writeCsv(file: LineFile): string {
  const places = placesOf(file.columns, parseMetre(file.metre), file.pickup);
  const rows = labelLine(file.columns, file.key, { modulate: false }).map(
    ({ labelled, key, cadence }, at) => {
      const { bar, beat, ticks } = places[at]!;
      const { melody, words, entry } = file.columns[at]!;
      const time = {
        bar,
        beat,
        length: printLength(ticks),
        melody: melody?.join(' ') ?? '',
        words: words ?? '',
      };
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
        function: labels.function ?? '',
        cadence: cadence ?? '',
        remark: '',
      };
    },
  );
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
  return `${unparse(rows, { columns, newline: '\r\n' })}\r\n`;
}
