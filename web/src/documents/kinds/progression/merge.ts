import { fields, items, mergedMembers, together } from '../../merging/part';

const column = together(['entry', 'unread'], fields());

/** How two changes of it come together. */
export const progressionPart = fields({
  columns: items(column),
  hidden: mergedMembers,
  blank: mergedMembers,
  weights: fields(),
});
