import { fields } from '../../merging/part';

/** How two changes of it come together. */
export const labelsPart = fields({ symbols: fields() });
