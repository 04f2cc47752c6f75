import { fields, items, members, together } from '../../merging/part';

const column = together(['entry', 'unread'], fields());

/** How two changes of it come together. */
export const progressionPart = fields({
  columns: items(column),
  hidden: members,
  blank: members,
  weights: fields(),
});
