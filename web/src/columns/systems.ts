/** A column as it is measured: its width, and whether a barline follows it. */
export interface Measured {
  readonly width: number;
  readonly barred: boolean;
}

/**
 * As many columns in each system as its width holds, at least one; broken at a barline where it holds one.
 * With `even`, a last system that would be nearly empty shares with the one before it.
 */
export function systemsOf(columns: readonly Measured[], most: number, even = false): [number, number][] {
  const systems: [number, number][] = [];
  let from = 0;
  while (from < columns.length) {
    let to = from;
    let width = columns[from]!.width;
    while (to + 1 < columns.length && width + columns[to + 1]!.width <= most) width += columns[++to]!.width;
    if (to < columns.length - 1) {
      let bar = to;
      while (bar > from && !columns[bar]!.barred) bar--;
      if (columns[bar]!.barred) to = bar;
    }
    systems.push([from, to]);
    from = to + 1;
  }
  return even ? balanced(systems, columns) : systems;
}

/** A last system that would be nearly empty shares its columns with the one before it. */
function balanced(systems: [number, number][], columns: readonly Measured[]): [number, number][] {
  const [before, last] = systems.slice(-2);
  if (!before || !last) return systems;
  const count = last[1] - before[0] + 1;
  if (last[1] - last[0] + 1 > count / 4) return systems;
  let cut = before[0] + Math.ceil(count / 2) - 1;
  if (columns[before[1]]!.barred) while (cut < before[1] && !columns[cut]!.barred) cut++;
  return [...systems.slice(0, -2), [before[0], cut], [cut + 1, last[1]]];
}
