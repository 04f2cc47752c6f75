import type { StaffFrame } from '../columns/types';

/** One staff with room for ledger lines above and below. Ten units a space. */
export const SINGLE_STAFF: StaffFrame = { height: 150, staves: [62] };

/** Treble over bass. */
export const GRAND_STAFF: StaffFrame = { height: 250, staves: [52, 152] };

/** One staff for single notes. */
export const SCALE_STAFF: StaffFrame = { height: 112, staves: [38] };
