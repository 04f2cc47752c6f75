/** Marks and explains an answer on the pupil's own page, where the teacher allows it. Fetched when first needed. */
import {
  answerWords,
  kindOf,
  attempt,
  causeSentence,
  likelyCause,
  markAnswer,
  questionWorking,
  type Question,
} from '@diatonix/core';
import type { PupilQuestion } from './work';

/** What is said of an answer. */
export interface Said {
  readonly verdict: 'right' | 'wrong' | 'unreadable';
  readonly sentences: readonly string[];
}

/** Why what was typed cannot be read; null where it can, whether it is right or wrong. */
export function whyUnread(
  { kind, given }: Pick<PupilQuestion, 'kind' | 'given'>,
  typed: string,
): string | null {
  const marking = attempt(() => markAnswer({ kind, given }, typed));
  return marking.ok && marking.value.verdict === 'unreadable' ? (marking.value.error?.message ?? null) : null;
}

/** Marks what was typed: right, or what went wrong, what is right, and how it is worked out. */
export function explain({ id, kind, given }: PupilQuestion, typed: string): Said {
  const answers = attempt(() => kindOf(kind).solve(given));
  if (!answers.ok) return { verdict: 'unreadable', sentences: ['Ask your teacher about this one.'] };
  const question = { kind, id, given, answers: answers.value } as unknown as Question;
  const marking = markAnswer(question, typed);
  if (marking.verdict === 'right') return { verdict: 'right', sentences: ['Right.'] };
  if (marking.verdict === 'unreadable')
    return { verdict: 'unreadable', sentences: [marking.error?.message ?? 'This cannot be read.'] };
  const cause = likelyCause(marking);
  const right = answers.value
    .slice(0, 3)
    .map((one) => answerWords(kind, one))
    .join(' or ');
  return {
    verdict: 'wrong',
    sentences: [...(cause ? [causeSentence(cause)] : []), `Right is ${right}.`, ...questionWorking(question)],
  };
}
