import { TICKS_A_QUARTER, type Score } from '@diatonix/core';

/** Staff units: room of a bar besides its notes, of a note by its length, of an accidental. */
const BAR = 26;
const LEAST = 15;
const QUARTER = 19;
const SIGN = 7;
/** Labels widen a bar so many times at most. */
const MOST_STRETCH = 2.6;

/** A chord that is named under the staves: when, and how much room its labels take. */
export interface LabelRoom {
  readonly at: number;
  readonly room: number;
}

/**
 * How wide each bar wants to be, by the moments in it and the labels under them. The package spaces notes by
 * their lengths, so that a label which needs more room than its notes widens the whole bar.
 */
export function barWidths(score: Score, labels: readonly LabelRoom[]): number[] {
  const { bars, notes, parts } = score;
  const moments: Map<number, number>[] = bars.map(() => new Map());
  let bar = 0;
  const order = [...notes].sort((a, b) => a.onset - b.onset);
  for (const { onset, note, kind } of order) {
    while (bars[bar + 1] && bars[bar + 1]!.from <= onset) bar++;
    const signs = note && note.alteration !== 0 ? 1 : 0;
    const own = moments[bar]!;
    own.set(onset, Math.max(own.get(onset) ?? 0, kind === 'grace' ? 2 : signs));
  }
  const rooms = new Map(labels.map(({ at, room }) => [at, room]));
  return bars.map(({ from, to }, at) => {
    const times = [...moments[at]!].sort((a, b) => a[0] - b[0]);
    if (times.length === 0) return BAR + QUARTER * Math.sqrt((to - from) / TICKS_A_QUARTER);
    const own = times.map(([time, signs], index) => {
      const length = ((times[index + 1]?.[0] ?? to) - time) / TICKS_A_QUARTER;
      return LEAST + QUARTER * Math.sqrt(length) + (parts.length > 1 ? SIGN : 0) + SIGN * signs;
    });
    // Up to the next label all moments are room of a label.
    let factor = 1;
    let [label, held] = [0, 0];
    const close = () => {
      if (label > 0 && held > 0) factor = Math.max(factor, label / held);
    };
    times.forEach(([time], index) => {
      const room = rooms.get(time);
      if (room !== undefined) {
        close();
        [label, held] = [room, 0];
      }
      held += own[index]!;
    });
    close();
    return BAR + own.reduce((sum, one) => sum + one, 0) * Math.min(MOST_STRETCH, factor);
  });
}

/** A system: its first bar and the one after its last. */
export type BarSystem = readonly [from: number, to: number];

/** As many bars in each system as fit, at least one; the last shares with the one before it if it is nearly empty. */
export function barSystems(widths: readonly number[], room: (first: boolean) => number): BarSystem[] {
  const systems: BarSystem[] = [];
  let from = 0;
  while (from < widths.length) {
    let to = from + 1;
    let width = widths[from]!;
    while (to < widths.length && width + widths[to]! <= room(from === 0)) width += widths[to++]!;
    systems.push([from, to]);
    from = to;
  }
  const [before, last] = systems.slice(-2);
  if (before && last && (last[1] - last[0]) * 3 < before[1] - before[0]) {
    const cut = Math.ceil((before[0] + last[1]) / 2);
    return [...systems.slice(0, -2), [before[0], cut], [cut, last[1]]];
  }
  return systems;
}
