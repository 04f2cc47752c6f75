import { nameAbove, nameBelow, type Interval } from '../interval/interval';
import { keyOf, ordinaryKey, type Key } from '../key/key';
import type { KeyMove } from './moveLine';

/** A way of moving a whole line to another key. */
export interface Move {
  readonly id: string;
  readonly interval: Interval;
  readonly down: boolean;
}

const interval = (number: number, deviation: number): Interval => ({ number, deviation });

const UP: readonly (readonly [string, Interval])[] = [
  ['half-step', interval(2, -1)],
  ['step', interval(2, 0)],
  ['minor-third', interval(3, -1)],
  ['major-third', interval(3, 0)],
  ['fourth', interval(4, 0)],
  ['fifth', interval(5, 0)],
];

/** Moves by intervals up and down, and to what B♭, E♭ and F instruments read (common practice). */
export const MOVES: readonly Move[] = [
  ...UP.map(([id, by]): Move => ({ id: `up-${id}`, interval: by, down: false })),
  ...UP.map(([id, by]): Move => ({ id: `down-${id}`, interval: by, down: true })),
  { id: 'for-Bb', interval: interval(2, 0), down: false },
  { id: 'for-Eb', interval: interval(6, 0), down: false },
  { id: 'for-F', interval: interval(5, 0), down: false },
];

/**
 * The key that a move leads to, with its signature; one that has none gives way to the key that sounds the
 * same.
 */
export function keyAfter(key: Key, { interval: by, down }: Move): Key {
  return ordinaryKey(keyOf(down ? nameBelow(key.tonic, by) : nameAbove(key.tonic, by), key.mode));
}

/** A move by an interval, up or down. */
export function moveBy(move: Move): KeyMove {
  return { to: (key) => keyAfter(key, move), way: move.down ? 'down' : 'up' };
}
