import type { Bench } from './bench';
import { CHORDS_BENCH } from './chords';
import { CLASSROOM_BENCH } from './classroom';
import { INTERVALS_BENCH } from './intervals';
import { KEY_BENCH } from './key';
import { PROGRESSIONS_BENCH } from './progressions';
import { SCORES_BENCH } from './scores';
import { LOGBOOK_BENCH } from './logbook';
import { PRACTICE_BENCH } from './practice';
import { MARKING_BENCH } from './marking';
import { SHEETS_BENCH } from './sheets';

/** The benches in the order of work. A new one is a folder and a line here. */
export const BENCHES: readonly Bench[] = [
  KEY_BENCH,
  INTERVALS_BENCH,
  CHORDS_BENCH,
  PROGRESSIONS_BENCH,
  SCORES_BENCH,
  SHEETS_BENCH,
  CLASSROOM_BENCH,
  MARKING_BENCH,
  LOGBOOK_BENCH,
  PRACTICE_BENCH,
];

/** The bench at an address; the address of its notes or of the list is none. */
export function benchAt(path: string): Bench | undefined {
  return BENCHES.find((bench) => bench.path === path);
}
