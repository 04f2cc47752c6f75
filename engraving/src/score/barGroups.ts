import type { Score } from '@diatonix/core';

/**
 * What is drawn, by bars and staves: each bar of each staff is a group of its own, `data-bar` as musicians count (an
 * upbeat is 0), `data-staff` from 1 downward. So a reader of the picture can count what stands in it.
 */
export class BarGroups {
  private readonly drawn = new Map<string, string[]>();
  private readonly between: string[] = [];
  private readonly first: number;

  constructor({ bars }: Score) {
    this.first = bars[0]?.number === 0 ? 0 : 1;
  }

  /** Puts something into the group of a bar and a staff, both counted from 0; of several alike each by its name. */
  add(bar: number, staff: number, markup: string, name?: 'beam' | 'tuplet' | 'tie' | 'slur'): void {
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

  markup(): string {
    const groups = [...this.drawn].map(([id, parts]) => `<g ${id}>${parts.join('')}</g>`);
    return groups.join('') + this.between.join('');
  }
}
