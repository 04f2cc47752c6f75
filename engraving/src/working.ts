/** How much of the working stands on answer pages. */
export const WORKINGS = ['none', 'result', 'full'] as const;
export type SheetWorking = (typeof WORKINGS)[number];
