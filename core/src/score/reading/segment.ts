import type { State } from '../../context/states';

/** A chord of a reading: the slices it holds, and its numeral in its key. */
export interface ScoreSegment {
  readonly from: number;
  readonly to: number;
  readonly state: State;
}

/** Another reading of some slices from a boundary on, and how much more the whole costs with it. */
export interface Alternative {
  readonly length: number;
  readonly state: State;
  readonly excess: number;
}
