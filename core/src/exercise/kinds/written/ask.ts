import { textIn } from '../../ask/given';
import type { Asking } from '../../ask/question';

/** A question in somebody's own words, with the answers that count as right. */
export const ASK_WRITTEN: Asking = {
  id: 'written',
  takes: [],
  usual: {},
  // Nothing writes these but people.
  roll: () => null,
  answers: (given) => {
    textIn(given, 'question');
    // What is right stands with the question where it is pinned; without that, whoever marks it says so.
    return [];
  },
  difficulty: () => ({ question: 1 }),
  steps: () => [],
};
