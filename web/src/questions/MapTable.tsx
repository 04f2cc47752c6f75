import {
  attempt,
  numeralParts,
  parseKey,
  parseNumeral,
  layoutOf,
  withSigns,
  type Question,
  type LabelStyle,
} from '@diatonix/core';
import type { ReactNode } from 'react';
import { NumeralText } from '../parts/NumeralText';
import { keyTextOf } from './PromptText';

type Cells = readonly (string | readonly string[])[];
const ORDER = ['numerals', 'symbols', 'qualities', 'notes'];
const NAMES: Readonly<Record<string, string>> = {
  numerals: 'Numeral',
  symbols: 'Chord',
  qualities: 'Quality',
  notes: 'Notes',
};

interface MapTableProps {
  readonly question: Question;
  readonly school: LabelStyle;
  readonly answers: boolean;
}

/** The map of a key: what stands in ink, the blank rows as lines or with what is right. */
export function MapTable({ question, school, answers }: MapTableProps) {
  const key = parseKey(keyTextOf(question) ?? 'C major');
  const right = (question.answers[0] ?? {}) as Readonly<Record<string, Cells>>;
  const rows = [
    ...layoutOf(question).rows.map(([row, cells]) => ({ row: row as string, cells, blank: false })),
    ...Object.entries(right).map(([row, cells]) => ({ row, cells, blank: true })),
  ].sort((a, b) => ORDER.indexOf(a.row) - ORDER.indexOf(b.row));
  const cell = (row: string, value: string | readonly string[]): ReactNode => {
    if (row === 'numerals') {
      const parts = attempt(() => numeralParts(parseNumeral(String(value), key), key, school));
      if (parts.ok) return <NumeralText parts={parts.value} />;
    }
    const text = typeof value === 'string' ? value : value.join(' ');
    return row === 'qualities' ? text.replace(/-/g, ' ') : withSigns(text);
  };
  return (
    <table className="map">
      <thead>
        <tr>
          <th scope="col">Degree</th>
          {[1, 2, 3, 4, 5, 6, 7].map((degree) => (
            <th key={degree} scope="col">
              {degree}
            </th>
          ))}
        </tr>
      </thead>
      <tbody>
        {rows.map(({ row, cells, blank }) => (
          <tr key={row} className={blank ? 'blank' : ''}>
            <th scope="row">{NAMES[row]}</th>
            {cells.map((value, at) => (
              <td key={at} className={row === 'qualities' ? 'small' : ''}>
                {(!blank || answers) && cell(row, value)}
              </td>
            ))}
          </tr>
        ))}
      </tbody>
    </table>
  );
}
