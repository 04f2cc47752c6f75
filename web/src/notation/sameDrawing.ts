import { sameList } from '../columns/steadyLists';
import type { SystemOptions } from '@diatonix/engraving/score';

/** Whether two systems are drawn alike: of their scores only what stands in their own bars is looked at. */
export function sameDrawing(a: SystemOptions, b: SystemOptions): boolean {
  return (
    a.plan === b.plan &&
    a.width === b.width &&
    a.loose === b.loose &&
    a.dynamics === b.dynamics &&
    a.bars[0] === b.bars[0] &&
    a.bars[1] === b.bars[1] &&
    sameList(a.widths.slice(...a.bars), b.widths.slice(...b.bars)) &&
    a.bracketed.size === b.bracketed.size &&
    [...a.bracketed].every((place) => b.bracketed.has(place)) &&
    (a.score === b.score || sameBars(a, b))
  );
}

function sameBars(
  { score: a, inBars: placesA, bars: [from, to] }: SystemOptions,
  { score: b, inBars: placesB }: SystemOptions,
): boolean {
  // A bar looks back to the one before it for what changes; the last of all ends otherwise.
  if (a.bars[from - 1] !== b.bars[from - 1]) return false;
  if ((to === a.bars.length) !== (to === b.bars.length)) return false;
  if (a.signatures !== b.signatures || a.signs !== b.signs || a.noChord !== b.noChord) return false;
  for (let bar = from; bar < to; bar++) {
    if (a.bars[bar] !== b.bars[bar] || !sameList(placesA[bar]!, placesB[bar]!)) return false;
    if (!placesA[bar]!.every((place) => a.notes[place] === b.notes[place])) return false;
  }
  return true;
}

/** Systems of which each stays the object that it was while it is drawn alike. */
export class SteadySystems {
  private last: readonly SystemOptions[] = [];

  of(systems: readonly SystemOptions[]): readonly SystemOptions[] {
    this.last = systems.map((now, at) => {
      const before = this.last[at];
      return before && sameDrawing(before, now) ? before : now;
    });
    return this.last;
  }
}
