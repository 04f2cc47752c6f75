import type { StaffFrame } from '../columns/types';

/** A scale over the stacks of its degrees, with room for ledger lines. Ten units a space. */
export const SCALE_AND_STACKS: StaffFrame = { height: 236, staves: [34, 146] };

/** Treble over bass, braced. */
export const GRAND_STAFF: StaffFrame = { height: 250, staves: [52, 152], joined: true };
