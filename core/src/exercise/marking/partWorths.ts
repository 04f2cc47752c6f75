import type { Question } from '../question';
import { markAnswer } from './mark';
import { partGroup } from './parts';

/** A part that marks can be given for, and what it has where nobody gives it any. */
export interface PartWorth {
  readonly name: string;
  readonly marks: number;
}

/** The parts of the right answer of a question that marks can be given for; one alone is no parts. */
export function partWorths(question: Pick<Question, 'kind' | 'given' | 'answers'>): PartWorth[] {
  const worths = new Map<string, number>();
  for (const { part, of } of markAnswer(question, question.answers[0]).parts)
    worths.set(partGroup(part), (worths.get(partGroup(part)) ?? 0) + of);
  return worths.size > 1 ? [...worths].map(([name, marks]) => ({ name, marks })) : [];
}
