import { fields, members } from '../../merging/part';

/** How two changes of it come together. */
export const keyMapPart = fields({ print: fields({ keys: members }) });
