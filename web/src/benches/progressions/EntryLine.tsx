import { entryTextIn, parseKey, parseMetre, printLine, readBarredLine } from '@diatonix/core';
import { useCallback, useMemo } from 'react';
import { LineField, type LineFault } from '../../design/LineField';
import { typeLine } from './state';
import { useSchool } from '../../documents/store/use';
import type { Progression } from '../../documents/kinds/progression/type';

/** The typed line of the whole progression, written in the workbook's school. */
export function EntryLine({ id, progression }: { id: string; progression: Progression }) {
  const school = useSchool();
  const { columns, key: keyText, metre, upbeat } = progression;
  const stored = useMemo(() => {
    const key = parseKey(keyText);
    const pieces = columns.map((column) => ({
      ...column,
      text: 'entry' in column ? entryTextIn(column.entry, key, school) : column.unread,
    }));
    return printLine(pieces, parseMetre(metre), upbeat);
  }, [columns, keyText, metre, upbeat, school]);
  const readFaults = useCallback(
    (line: string): LineFault[] => {
      const { tokens, faults } = readBarredLine(line, parseKey(keyText), parseMetre(metre), school);
      const wrong = [...tokens.flatMap((token) => ('error' in token ? [token] : [])), ...faults];
      return wrong
        .map(({ start, end, error }) => ({ start, end, message: error.message }))
        .sort((a, b) => a.start - b.start);
    },
    [keyText, metre, school],
  );
  return (
    <LineField
      label="Progression: numerals, symbols, degrees or notes"
      placeholder="Type numerals, symbols, degree numbers or (notes): I vi V65/ii ii V7 I, or in bars: | I vi | ii V7 |"
      owner={id}
      stored={stored}
      readFaults={readFaults}
      onType={typeLine}
    />
  );
}
