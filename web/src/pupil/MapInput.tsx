import type { KeyboardEvent } from 'react';
import { MAP_ROWS } from '@diatonix/core';

const DEGREES = 7;
const ROWS = {
  numerals: { word: 'Numeral', example: 'vi' },
  symbols: { word: 'Chord', example: 'Am' },
  qualities: { word: 'Quality', example: 'minor' },
  notes: { word: 'Notes', example: 'A C E' },
} as const;

interface MapInputProps {
  readonly blank: readonly string[];
  readonly typed: string;
  readonly locked: boolean;
  readonly onType: (text: string) => void;
  readonly onKeyDown: (event: KeyboardEvent) => void;
}

/** The cells of each blank row, as they stand in the line that is kept: commas between cells, semicolons after rows. */
const cellsOf = (typed: string, rows: number): string[][] => {
  const written = typed.split(/; ?/).map((row) => row.split(/, ?/));
  return Array.from({ length: rows }, (_, row) =>
    Array.from({ length: DEGREES }, (_, at) => written[row]?.[at] ?? ''),
  );
};

const lineOf = (cells: readonly (readonly string[])[]): string =>
  cells.flat().every((cell) => cell.trim() === '') ? '' : cells.map((row) => row.join(', ')).join('; ');

/** A chord map to be filled in, a field a cell; degree by degree, so that it fits a telephone. */
export function MapInput({ blank, typed, locked, onType, onKeyDown }: MapInputProps) {
  const rows = MAP_ROWS.filter((row) => blank.includes(row));
  const cells = cellsOf(typed, rows.length);
  const put = (row: number, at: number, text: string) =>
    onType(
      lineOf(
        cells.map((own, i) =>
          own.map((cell, j) => (i === row && j === at ? text.replace(/[,;]/g, ' ') : cell)),
        ),
      ),
    );
  return (
    <div className="map-input" role="group" aria-label="Your answer">
      {Array.from({ length: DEGREES }, (_, at) => (
        <fieldset key={at}>
          <legend>Degree {at + 1}</legend>
          {rows.map((row, index) => (
            <label key={row}>
              {ROWS[row].word}
              <input
                value={cells[index]![at]}
                aria-label={`${ROWS[row].word} of degree ${at + 1}`}
                placeholder={at === DEGREES - 2 ? `such as ${ROWS[row].example}` : ''}
                maxLength={24}
                autoComplete="off"
                autoCapitalize="off"
                spellCheck={false}
                readOnly={locked}
                onChange={(event) => put(index, at, event.target.value)}
                onKeyDown={onKeyDown}
              />
            </label>
          ))}
        </fieldset>
      ))}
    </div>
  );
}
