/** What is asked for besides the answer itself, as its last entry: the cadence of a line, the note over a gap. */
export type AdditionalTask = 'cadence' | 'note above the gap';

/** The question without what is asked besides. */
export const withoutTask = <Given extends object>(given: Given): Given => ({ ...given, also: undefined });
