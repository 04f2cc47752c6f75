import { sameValue } from '@diatonix/core';

/** How a list goes over into another: so many at its beginning and its end stay, and others come between. */
export interface ListChange<T> {
  readonly head: number;
  readonly between: readonly T[];
  readonly tail: number;
}

/** What has to be sent of a list where the old one is known; what says the same stays. */
export function changeOf<T>(old: readonly T[], now: readonly T[]): ListChange<T> {
  const most = Math.min(old.length, now.length);
  let head = 0;
  while (head < most && sameValue(old[head], now[head])) head++;
  let tail = 0;
  while (tail < most - head && sameValue(old[old.length - 1 - tail], now[now.length - 1 - tail])) tail++;
  return { head, between: now.slice(head, now.length - tail), tail };
}

/** The new list out of the old one: what stays is the same object. */
export function changed<T>(old: readonly T[], { head, between, tail }: ListChange<T>): T[] {
  return [...old.slice(0, head), ...between, ...old.slice(old.length - tail)];
}
