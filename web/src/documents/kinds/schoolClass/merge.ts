import { fields, items, mergedMembers } from '../../merging/part';

/** How two changes of it come together. */
export const schoolClassPart = fields({
  notYetTaught: fields({
    ...{ major: mergedMembers, minor: mergedMembers, keys: mergedMembers },
    sevenths: fields({ major: mergedMembers, minor: mergedMembers }),
  }),
  pupils: items(fields()),
  lessons: items(fields()),
});
