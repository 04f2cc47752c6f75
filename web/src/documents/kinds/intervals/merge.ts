import { fields, items } from '../../merging/part';

/** How two changes of it come together. */
export const intervalLinePart = fields({ answers: fields(), inversionAnswers: fields(), items: items() });
