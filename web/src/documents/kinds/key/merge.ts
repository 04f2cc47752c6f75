import { fields, mergedMembers } from '../../merging/part';

/** How two changes of it come together. */
export const keyMapPart = fields({ print: fields({ keys: mergedMembers }) });
