/** How much of the working stands on answer pages. */
export const WORKINGS = ['none', 'result', 'full'] as const;
export type SheetWorking = (typeof WORKINGS)[number];

/** So much of a working as stands on an answer page: nothing, its last sentence, or all of it. */
export function shownWorking(working: SheetWorking, sentences: readonly string[]): readonly string[] {
  if (working === 'none') return [];
  return working === 'full' ? sentences : sentences.slice(-1);
}
