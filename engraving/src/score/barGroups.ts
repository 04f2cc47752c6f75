import { barTicks, type Score } from '@diatonix/core';

/**
 * What is drawn, by bars and staves: each bar of each staff is a group of its own, `data-bar` as musicians count (an
 * upbeat is 0), `data-staff` from 1 downward. So a reader of the picture can count what stands in it.
 */
export class BarGroups {
  private readonly drawn = new Map<string, string[]>();
  private readonly between: string[] = [];
  private readonly first: number;

  constructor(private readonly score: Score) {
    this.first = isUpbeat(score) ? 0 : 1;
  }

  /** Puts something into the group of a bar and a staff, both counted from 0; of several alike each by its name. */
  add(bar: number, staff: number, markup: string, name?: 'beam' | 'tuplet' | 'tie'): void {
    if (markup === '') return;
    const id = `data-bar="${bar + this.first}" data-staff="${staff + 1}"`;
    const named = name ? `<g class="${name}">${markup}</g>` : markup;
    const known = this.drawn.get(id);
    if (known) known.push(named);
    else this.drawn.set(id, [named]);
  }

  /** What joins staves, or stands before them. */
  join(markup: string): void {
    this.between.push(markup);
  }

  /** The bar in which a time lies, counted from 0. */
  barAt(time: number): number {
    const { bars } = this.score;
    let [low, high] = [0, bars.length - 1];
    while (low < high) {
      const middle = (low + high + 1) >> 1;
      if (bars[middle]!.from <= time) low = middle;
      else high = middle - 1;
    }
    return low;
  }

  markup(): string {
    const groups = [...this.drawn].map(([id, parts]) => `<g ${id}>${parts.join('')}</g>`);
    return groups.join('') + this.between.join('');
  }
}

/** Whether a piece begins with an upbeat, which is counted as bar 0. */
export function isUpbeat({ bars }: Score): boolean {
  const [first] = bars;
  if (!first || bars.length < 2) return false;
  return first.number === 0 || first.to - first.from < barTicks(first.metre);
}
