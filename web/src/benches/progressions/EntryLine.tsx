import { entryTextIn, parseKey, readLine } from '@diatonix/core';
import { useCallback, useMemo } from 'react';
import { LineField, type LineFault } from '../../design/LineField';
import type { Progression } from '../../workbook/model';
import { useStore } from '../../workbook/store';

/** The typed line of the whole progression, written in the workbook's school. */
export function EntryLine({ progression }: { progression: Progression }) {
  const school = useStore((state) => state.workbook.school);
  const typeLine = useStore((state) => state.typeLine);
  const { columns, key: keyText } = progression;
  const stored = useMemo(() => {
    const key = parseKey(keyText);
    return columns.map((column) => ('entry' in column ? entryTextIn(column.entry, key, school) : column.unread)).join(' ');
  }, [columns, keyText, school]);
  const readFaults = useCallback(
    (line: string): LineFault[] =>
      readLine(line, parseKey(keyText), school).flatMap((token) =>
        'error' in token ? [{ start: token.start, end: token.end, message: token.error.message }] : [],
      ),
    [keyText, school],
  );
  return (
    <LineField
      label="Progression: numerals, symbols, degrees or notes"
      placeholder="Type numerals, symbols, degree numbers or (notes): I vi V65/ii ii V7 I"
      owner={progression.id}
      stored={stored}
      readFaults={readFaults}
      onType={typeLine}
    />
  );
}
