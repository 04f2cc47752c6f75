import { TheoryError } from '../errors';
import type { ExerciseKind } from './exerciseKind';
import { checkGiven } from './givenFields';
import { kindOf } from './kindRegister';
import type { GivenData, Question, ToMark } from './question';

/** What was found to be as its kind says, by the kind. */
const CHECKED = new WeakMap<GivenData, ExerciseKind>();

/**
 * The kind of a question, whose fields were checked: whatever comes from outside passes here before a kind looks at
 * it. Throws TheoryError `request` for a kind that is none, and for a field that is missing or holds something else.
 */
export function checkedKind({ kind: id, given }: Pick<Question, 'kind' | 'given'>): ExerciseKind {
  const kind = kindOf(id);
  if (CHECKED.get(given) !== kind) {
    checkGiven(kind.fields, given);
    CHECKED.set(given, kind);
  }
  return kind;
}

/**
 * A question that came from outside: every field holds what its kind says, nothing that it needs is missing, and its
 * right answers, where it brings them, are of its kind. Throws TheoryError `request` otherwise.
 */
export function checkQuestion(question: ToMark): void {
  const kind = checkedKind(question);
  question.answers?.forEach((answer, at) => {
    if (!kind.answer.isAnswer(answer, question.given))
      throw new TheoryError(
        'request',
        `answer ${at + 1}`,
        'it is not an answer to a question of this kind.',
        'Give the question as ask gave it.',
      );
  });
}
