import {
  kindWords,
  likelyCause,
  mistakeName,
  remedyOf,
  type BenchQuestions,
  type Cause,
} from '@diatonix/core';
import type { PileQuestion, MarkedPupil } from './markPile';

/** What a class did with a question: how many were right, and which wrong answer was given how often. */
export interface QuestionResult {
  readonly id: string;
  readonly label: string;
  readonly kind: string;
  readonly right: number;
  readonly answered: number;
  readonly wrong: readonly {
    readonly answer: string;
    readonly count: number;
    readonly cause: Cause | null;
  }[];
}

/** A cause by how often it was found, and by how many pupils. */
export interface CauseResult {
  readonly id: string;
  readonly count: number;
  readonly pupils: readonly string[];
  /** The questions in which it was found. */
  readonly questions: readonly string[];
}

/** Question by question what the class answered; versions count together by their places. */
export function questionResults(
  marked: readonly MarkedPupil[],
  asked: readonly PileQuestion[],
): QuestionResult[] {
  return asked.map(({ id, label, question: { kind } }) => {
    const answers = marked.flatMap(({ answers: own }) => own.get(id) ?? []);
    const wrong = new Map<string, { answer: string; count: number; cause: Cause | null }>();
    for (const { verdict, entry, marking } of answers) {
      if (verdict === 'right') continue;
      const cause = likelyCause(marking);
      const answer = entry.answer.trim();
      // The same answer in another version may have another cause.
      const key = `${answer} ${cause?.mistakes.join(' ')}`;
      const known = wrong.get(key) ?? { answer, count: 0, cause };
      wrong.set(key, { ...known, count: known.count + 1 });
    }
    return {
      id,
      label,
      kind,
      right: answers.filter(({ verdict }) => verdict === 'right').length,
      answered: answers.length,
      wrong: [...wrong.values()].sort((a, b) => b.count - a.count),
    };
  });
}

/** The causes that were found, the commonest first. */
export function causeResults(marked: readonly MarkedPupil[], asked: readonly PileQuestion[]): CauseResult[] {
  const labels = new Map(asked.map(({ id, label }) => [id, label]));
  const found = new Map<string, { count: number; pupils: Set<string>; questions: Set<string> }>();
  for (const { pupil, answers } of marked)
    for (const [question, { marking }] of answers)
      for (const id of marking?.causes[0]?.mistakes ?? []) {
        const one = found.get(id) ?? { count: 0, pupils: new Set(), questions: new Set() };
        one.count++;
        one.pupils.add(pupil.name);
        one.questions.add(labels.get(question) ?? question);
        found.set(id, one);
      }
  return [...found.entries()]
    .map(([id, { count, pupils, questions }]) => ({
      id,
      count,
      pupils: [...pupils],
      questions: [...questions],
    }))
    .sort((a, b) => b.pupils.length - a.pupils.length || b.count - a.count);
}

/** A cause that several pupils share, with the exercise that would train it. */
export interface Suggestion {
  readonly cause: string;
  readonly sentence: string;
  readonly kind: string;
  readonly material: BenchQuestions['questions'][number]['given'];
}

const LEAST_PUPILS = 2;
const MOST_SUGGESTIONS = 3;

/** What to teach next, with the evidence for it. */
export function suggestions(causes: readonly CauseResult[], pupils: number): Suggestion[] {
  return causes
    .filter((one) => one.pupils.length >= Math.min(LEAST_PUPILS, pupils))
    .slice(0, MOST_SUGGESTIONS)
    .map(({ id, pupils: who, questions }) => {
      const { kind, material = {} } = remedyOf(id);
      const where = questions.slice(0, 4).join(', ');
      const exercise = kindWords(kind).name.toLowerCase();
      const sentence = `${who.length} of ${pupils}: ${mistakeName(id).toLowerCase()} (${where}). Set ${exercise}.`;
      return { cause: id, sentence, kind, material };
    });
}
