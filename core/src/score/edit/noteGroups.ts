import { parseTime } from '../../time/length';
import type { ScoreRows } from '../model/scoreRows';

/**
 * The rows of the notes of a score by part and bar: `0 3` for the first part's fourth bar, grouped in the order in
 * which they stand. A note that begins in no bar belongs to the last one before it. Throws TheoryError `request` for a
 * time that is none.
 */
export function noteGroups({ bars, notes }: ScoreRows): ReadonlyMap<string, readonly string[]> {
  const begins = bars.map((row) => parseTime(row.split(' ')[1] ?? ''));
  const groups = new Map<string, string[]>();
  for (const row of notes) {
    const [part = '', , , onset = ''] = row.split(' ');
    const key = `${part} ${barAt(begins, parseTime(onset))}`;
    const group = groups.get(key);
    if (group) group.push(row);
    else groups.set(key, [row]);
  }
  return groups;
}

/** The notes of groups as rows, from the first part and bar to the last. */
export function notesOfGroups(groups: ReadonlyMap<string, readonly string[]>): string[] {
  const placed = [...groups].map(([key, rows]) => {
    const [part = 0, bar = 0] = key.split(' ').map(Number);
    return { part, bar, rows };
  });
  return placed.sort((a, b) => a.part - b.part || a.bar - b.bar).flatMap(({ rows }) => rows);
}

/** The last of the bars that begins no later; the first where none does. */
function barAt(begins: readonly number[], time: number): number {
  let [low, high] = [0, begins.length - 1];
  while (low < high) {
    const middle = (low + high + 1) >> 1;
    if (begins[middle]! <= time) low = middle;
    else high = middle - 1;
  }
  return low;
}
