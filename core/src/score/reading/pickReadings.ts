import type { Chord } from '../../chord/chord';
import type { State } from '../../context/states';
import { sameKey } from '../../key/key';
import { sameNumeral } from '../../label/numeral';
import type { ReadChord } from './scoreReading';
import type { SearchResult } from './search';
import type { Alternative, ScoreSegment } from './segment';

const MOST_READINGS = 8;

/** A reading over the time of a chord: its slices counted from the first of the chord. */
export interface Picked extends ScoreSegment {
  readonly excess: number;
}

/** What is known of a chord that was found, as long as nothing changes round it. */
export interface KnownChord {
  readonly state: State;
  readonly length: number;
  /** The alternatives that begin before it and may last into it, and those within it. */
  readonly around: readonly (readonly Alternative[])[];
  /** Distinct readings over its time, its own first, then the likeliest. */
  readonly picked: readonly Picked[];
  /** The chord as it was told last, with the reading in which it was, counted, and the chord after it. */
  told: { readonly one: ReadChord; readonly round: number; readonly next: Chord | null } | null;
}

/** Picks the readings that stand beside each chord, anew only where the search was. */
export class PickReadings {
  private readonly known = new WeakMap<readonly Alternative[], KnownChord>();

  of({ from, to, state }: ScoreSegment, { alternatives, longest }: SearchResult): KnownChord {
    const start = Math.max(0, from - longest + 1);
    const own = alternatives[from]!;
    const before = this.known.get(own);
    if (before?.state === state && before.length === to - from) {
      const { around } = before;
      const isSame =
        around.length === to - start && around.every((one, at) => one === alternatives[start + at]);
      if (isSame) return before;
    }
    const around = alternatives.slice(start, to);
    const picked = pick({ from: from - start, to: to - start, state }, around);
    const known: KnownChord = { state, length: to - from, around, picked, told: null };
    this.known.set(own, known);
    return known;
  }
}

/** The best alternative of each state that shares time with a chord, as far as they are other numerals. */
function pick({ from, to, state }: ScoreSegment, around: KnownChord['around']): Picked[] {
  const best = new Map<State, Picked>();
  for (let start = to - 1; start >= 0; start--)
    for (const { length, state: other, excess } of around[start]!) {
      if (start + length <= from) continue;
      const known = best.get(other);
      if (!known || excess < known.excess)
        best.set(other, { from: start - from, to: start + length - from, state: other, excess });
    }
  const picked: Picked[] = [{ from: 0, to: to - from, state, excess: 0 }];
  for (const one of [...best.values()].sort((a, b) => a.excess - b.excess)) {
    if (picked.length === MOST_READINGS) break;
    if (!picked.some(({ state: known }) => sameReading(known, one.state))) picked.push(one);
  }
  return picked;
}

/** Whether two states are the same numeral in the same key. */
export function sameReading(a: State, b: State): boolean {
  return a === b || (sameKey(a.key, b.key) && sameNumeral(a.numeral, b.numeral));
}
