import { LETTERS } from './note';

/** The letters in thirds over each of the seven, the seventh uppermost, as they are stacked on scrap paper. */
export const LETTER_STACKS: readonly (readonly string[])[] = [6, 4, 2, 0].map((up) =>
  [...LETTERS].map((_, at) => LETTERS[(at + up) % 7]!),
);
