import type { State } from '../context/states';

/** A chord of a reading: the slices it holds, and its numeral in its key. */
export interface Segment {
  readonly from: number;
  readonly to: number;
  readonly state: State;
}

/** Another reading of the time from a slice to another, and how much more the whole costs with it. */
export interface Alternative extends Segment {
  readonly excess: number;
}
