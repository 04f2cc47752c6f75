import { fields, items, members } from '../../merging/part';

/** How two changes of it come together. */
export const schoolClassPart = fields({
  notYetTaught: fields({ major: members, minor: members }),
  pupils: items(fields()),
  lessons: items(fields()),
});
