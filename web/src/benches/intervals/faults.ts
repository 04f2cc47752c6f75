import { readIntervalLine } from '@diatonix/core';
import type { LineFault } from '../../design/LineField';

/** Pieces of a typed line of intervals that are not understood. */
export function readFaults(line: string): LineFault[] {
  return readIntervalLine(line).flatMap((token) =>
    'error' in token ? [{ start: token.start, end: token.end, message: token.error.message }] : [],
  );
}
