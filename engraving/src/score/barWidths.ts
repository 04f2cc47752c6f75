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
 * How wide each bar wants to be, by the moments in it (`inBars`, from placesByBar) and the labels under them. The
 * package spaces notes by their lengths, so that a label which needs more room than its notes widens the whole bar.
 */
export function barWidths(
  { bars, notes, parts }: Score,
  inBars: readonly (readonly number[])[],
  labels: readonly LabelRoom[],
): number[] {
  const rooms = new Map(labels.map(({ at, room }) => [at, room]));
  return bars.map(({ from, to }, at) => {
    const times: [onset: number, signs: number][] = [];
    for (const place of inBars[at]!) {
      const { onset, note, kind } = notes[place]!;
      const signs = kind === 'grace' ? 2 : note && note.alteration !== 0 ? 1 : 0;
      const last = times[times.length - 1];
      if (last?.[0] === onset) last[1] = Math.max(last[1], signs);
      else times.push([onset, signs]);
    }
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

/**
 * As many bars in each system as fit, at least one; the last shares with the one before it if it is nearly empty. A bar
 * of `breaks` begins a system in any case.
 */
export function barSystems(
  widths: readonly number[],
  room: (first: boolean) => number,
  breaks: readonly number[] = [],
): BarSystem[] {
  const systems: BarSystem[] = [];
  let from = 0;
  while (from < widths.length) {
    let to = from + 1;
    let width = widths[from]!;
    while (to < widths.length && !breaks.includes(to) && width + widths[to]! <= room(from === 0))
      width += widths[to++]!;
    systems.push([from, to]);
    from = to;
  }
  const [before, last] = systems.slice(-2);
  if (before && last && !breaks.includes(last[0]) && (last[1] - last[0]) * 3 < before[1] - before[0]) {
    const cut = Math.ceil((before[0] + last[1]) / 2);
    return [...systems.slice(0, -2), [before[0], cut], [cut, last[1]]];
  }
  return systems;
}
