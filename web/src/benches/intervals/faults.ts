import { readIntervalLine, type IntervalReading } from '@diatonix/core';
import type { LineFault } from '../../design/LineField';

/** Pieces of a typed line of intervals that are not understood. */
export function readFaults(line: string, reading: IntervalReading): LineFault[] {
  return readIntervalLine(line, reading).flatMap((token) =>
    'error' in token ? [{ start: token.start, end: token.end, message: token.error.message }] : [],
  );
}
