import { sameKey, type Key } from '../../key/key';
import { sameNumeral } from '../../label/numeral';
import type { Settled } from './rulings';
import type { SearchIn } from './searchIn';
import { sameSounds } from './sounds';

/** How many slices at the beginning and at the end are the same in two searches. */
export interface Unchanged {
  readonly head: number;
  readonly tail: number;
}

export function unchangedIn(old: SearchIn, now: SearchIn): Unchanged {
  const [before, after] = [old.sounds.length, now.sounds.length];
  const most = Math.min(before, after);
  let head = 0;
  while (head < most && sameAt(old, head, now, head)) head++;
  let tail = 0;
  while (tail < most - head && sameAt(old, before - 1 - tail, now, after - 1 - tail)) tail++;
  return { head, tail };
}

/** Whether a slice and what is ruled of it and of the boundary before it are the same. */
function sameAt(old: SearchIn, a: number, now: SearchIn, b: number): boolean {
  const [first, second] = [old.rulings, now.rulings];
  return (
    sameSounds(old.sounds[a]!, now.sounds[b]!) &&
    old.walls.has(a) === now.walls.has(b) &&
    first.cuts.has(a) === second.cuts.has(b) &&
    first.joins.has(a) === second.joins.has(b) &&
    sameKeyOrNone(first.keyAt(a), second.keyAt(b)) &&
    sameSettled(first.numerals.get(a), a, second.numerals.get(b), b)
  );
}

function sameKeyOrNone(a: Key | null, b: Key | null): boolean {
  return a === null || b === null ? a === b : sameKey(a, b);
}

function sameSettled(a: Settled | undefined, from: number, b: Settled | undefined, start: number): boolean {
  if (!a || !b) return a === b;
  return a.to - from === b.to - start && sameKey(a.key, b.key) && sameNumeral(a.numeral, b.numeral);
}
