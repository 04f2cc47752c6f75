import { fields, items, mergedMembers, whole } from '../../merging/part';
import type { TheoryItem, Tick } from './type';

/** How two changes of it come together. */
export const planPart = fields({
  drills: mergedMembers,
  theory: items(whole, (one: TheoryItem) => JSON.stringify(one)),
  ticks: items(whole, ({ item, on, grade }: Tick) => `${item} ${on} ${grade}`),
});
