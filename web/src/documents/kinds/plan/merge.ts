import { fields, items, members, whole } from '../../merging/part';
import type { TheoryItem, Tick } from './type';

/** How two changes of it come together. */
export const planPart = fields({
  drills: members,
  theory: items(whole, (one: TheoryItem) => JSON.stringify(one)),
  ticks: items(whole, ({ item, on, grade }: Tick) => `${item} ${on} ${grade}`),
});
