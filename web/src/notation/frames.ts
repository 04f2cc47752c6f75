import type { StaffFrame } from '../columns/types';

/** A scale over the stacks of its degrees, with room for ledger lines. Ten units a space. */
export const SCALE_AND_STACKS: StaffFrame = { height: 236, staves: [34, 146] };

/** Treble over bass, braced. */
export const GRAND_STAFF: StaffFrame = { height: 250, staves: [52, 152], joined: true };

/** Four voices on two staves: room for the stems of alto and tenor between them. */
export const FOUR_PARTS: StaffFrame = { height: 280, staves: [52, 180], joined: true };

/** A melody over four voices. */
export const MELODY_AND_FOUR_PARTS: StaffFrame = { height: 374, staves: [48, 148, 276], joined: true };

/** A melody over treble and bass. */
export const MELODY_AND_GRAND_STAFF: StaffFrame = { height: 346, staves: [48, 148, 248], joined: true };

/** As SCALE_AND_STACKS, with room for stacks up to the thirteenth. */
export const SCALE_AND_TALL_STACKS: StaffFrame = { height: 262, staves: [34, 176] };

/** An interval over its inversion. */
export const INTERVAL_AND_INVERSION: StaffFrame = { height: 270, staves: [58, 178] };

/** One staff with room for tall chords. */
export const CHORD_STAFF: StaffFrame = { height: 150, staves: [62] };
