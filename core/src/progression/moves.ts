import { nameAbove, nameBelow, type Interval } from '../interval';
import { keyOf, ordinaryKey, type Key } from '../key/key';

/** A way of moving a whole line to another key. */
export interface Move {
  readonly id: string;
  readonly interval: Interval;
  readonly down: boolean;
}

const interval = (number: number, deviation: number): Interval => ({ number, deviation });

/** Moves by step and third, and to what B♭, E♭ and F instruments read (common practice). */
export const MOVES: readonly Move[] = [
  { id: 'up-half-step', interval: interval(2, -1), down: false },
  { id: 'down-half-step', interval: interval(2, -1), down: true },
  { id: 'up-step', interval: interval(2, 0), down: false },
  { id: 'down-step', interval: interval(2, 0), down: true },
  { id: 'up-minor-third', interval: interval(3, -1), down: false },
  { id: 'down-minor-third', interval: interval(3, -1), down: true },
  { id: 'for-Bb', interval: interval(2, 0), down: false },
  { id: 'for-Eb', interval: interval(6, 0), down: false },
  { id: 'for-F', interval: interval(5, 0), down: false },
];

/** The key that a move leads to, with its signature; one that has none gives way to the key that sounds the same. */
export function keyAfter(key: Key, { interval: by, down }: Move): Key {
  return ordinaryKey(keyOf(down ? nameBelow(key.tonic, by) : nameAbove(key.tonic, by), key.mode));
}
