import { attempt } from '../../errors';
import { askQuestions } from '../generating/questions';
import { markAnswer } from './mark';

/** Where nothing else is known. */
const USUAL = 2;
const MOST = 30;

/** The marks that a question of a kind has where the teacher gives none: one for each part of its answer. */
export function usualMarks(kind: string): number {
  const marks = attempt(() => {
    const [question] = askQuestions({ kind, seed: 1, count: 1 }).questions;
    return question ? markAnswer(question, question.answers[0]).marks.of : USUAL;
  });
  return marks.ok ? Math.min(MOST, Math.max(1, marks.value)) : USUAL;
}
