import { TICKS_A_QUARTER } from '../../time/length';
import { barTicks, type Metre } from '../../time/metre';
import { BarClock, exactTicks } from './barClock';
import { all, childrenOf, find, numberIn, tagOf, type XmlNode } from './dom';
import { metreIn } from './readMarks';

/** Where the bars of all parts begin and end, in ticks; a bar is the same for all parts. */
export interface BarTimes {
  readonly from: number;
  readonly to: number;
  readonly metre: Metre;
  /** Parts whose notes fill less than the bar, or more. */
  readonly uneven: readonly number[];
}

const USUAL: Metre = { over: 4, under: 4 };

/**
 * A bar lasts as long as its metre where a part fills it so, else as long as the longest part, as it stands: an
 * upbeat, or a bar that is not filled.
 */
export function barTimes(parts: readonly (readonly XmlNode[])[]): BarTimes[] {
  const states = parts.map(() => ({ divisions: 1 }));
  const measures = parts.map((part) => all(part, 'measure'));
  const count = Math.max(0, ...measures.map((list) => list.length));
  const times: BarTimes[] = [];
  let metre = USUAL;
  let from = 0;
  for (let bar = 0; bar < count; bar++) {
    const lengths = measures.map((list, part) => {
      const measure = list[bar];
      if (!measure) return 0;
      const nodes = childrenOf(measure);
      if (part === 0 || bar === 0)
        for (const attributes of all(nodes, 'attributes')) metre = metreIn(childrenOf(attributes)) ?? metre;
      return lengthOf(nodes, states[part]!);
    });
    const whole = barTicks(metre);
    const longest = Math.max(0, ...lengths);
    const length = lengths.includes(whole) || longest === 0 ? whole : longest;
    const uneven = lengths.flatMap((own, part) => (own !== 0 && own !== length ? [part] : []));
    times.push({ from, to: from + length, metre, uneven });
    from += length;
  }
  return times;
}

function lengthOf(nodes: readonly XmlNode[], state: { divisions: number }): number {
  const clock = new BarClock();
  for (const node of nodes) {
    const tag = tagOf(node);
    if (tag !== 'note' && tag !== 'backup' && tag !== 'forward' && tag !== 'attributes') continue;
    const children = childrenOf(node);
    if (tag === 'attributes') {
      const said = numberIn(find(children, 'divisions'));
      if (said !== null && said > 0) state.divisions = said;
      continue;
    }
    if (tag === 'note' && (find(children, 'chord') || find(children, 'grace'))) continue;
    const said = numberIn(find(children, 'duration')) ?? 0;
    const ticks = Math.max(0, Math.round((said * TICKS_A_QUARTER) / state.divisions));
    if (tag === 'note') clock.advance(ticks, exactTicks(children, ticks, state.divisions));
    else clock.move(tag === 'backup' ? -ticks : ticks);
  }
  return clock.furthest;
}
