/** What gives the key before a question is heard: its tonic, its scale, or I–IV–V–I (common practice). */
export const KEY_GIVEN = ['none', 'tonic', 'scale', 'cadence'] as const;
export type KeyGivenBy = (typeof KEY_GIVEN)[number];
