import { likelyCause, type Cause, type Question } from '@diatonix/core';
import type { PileQuestion, MarkedPupil } from '../../documents/marking/markPile';
import type { LivePupil } from './store';

/** Who stands at a question for so long without an answer is stuck. */
export const STUCK_MS = 90_000;

/** A wrong answer, with the question of the version to which it was given. */
export interface WrongAnswer {
  readonly answer: string;
  readonly count: number;
  readonly version: number;
  readonly question: Question;
  readonly cause: Cause | null;
}

/** How the class stands with a question. */
export interface QuestionStanding {
  readonly id: string;
  readonly label: string;
  /** The question in each version. */
  readonly questions: readonly Question[];
  readonly right: number;
  readonly answered: number;
  /** Who is at it now, and who of them has been for long. */
  readonly here: readonly string[];
  readonly stuck: readonly string[];
  /** The commonest first. */
  readonly wrong: readonly WrongAnswer[];
}

/** Whether a pupil has been at a question for long, and has not answered it. */
export const isStuck = ({ here, done, at, since }: LivePupil, now: number): boolean =>
  here && !done && at !== '' && now - since > STUCK_MS;

/** Question by question how the class stands; versions count together by their places. */
export function standings(
  marked: readonly MarkedPupil[],
  versions: readonly (readonly PileQuestion[])[],
  pupils: readonly LivePupil[],
  now: number,
): QuestionStanding[] {
  return (versions[0] ?? []).map(({ id, label }, place) => {
    const wrong = new Map<string, WrongAnswer>();
    let right = 0;
    let answered = 0;
    for (const { pupil, answers } of marked) {
      const one = answers.get(id);
      const question = versions[pupil.version]?.[place]?.question;
      if (!one || !question) continue;
      answered++;
      if (one.verdict === 'right') {
        right++;
        continue;
      }
      const answer = one.entry.answer.trim();
      const key = `${pupil.version} ${answer}`;
      const count = (wrong.get(key)?.count ?? 0) + 1;
      const cause = likelyCause(one.marking);
      wrong.set(key, { answer, count, version: pupil.version, question, cause });
    }
    const at = pupils.filter((one) => one.here && !one.done && one.at === label);
    const open = at.filter(
      ({ pupil }) => !marked.some((one) => one.pupil.id === pupil && one.answers.has(id)),
    );
    return {
      ...{ id, label, right, answered },
      questions: versions.flatMap((own) => own[place]?.question ?? []),
      here: at.map(({ name }) => name),
      stuck: open.filter((one) => isStuck(one, now)).map(({ name }) => name),
      wrong: [...wrong.values()].sort((a, b) => b.count - a.count),
    };
  });
}

/** One wrong answer by itself holds nobody up. */
const LEAST = 2;

/** The question that holds the class up: most are stuck at it or have answered it wrongly. Null where none does. */
export function holdUp(all: readonly QuestionStanding[]): QuestionStanding | null {
  const weight = ({ stuck, wrong }: QuestionStanding) =>
    stuck.length + wrong.reduce((sum, { count }) => sum + count, 0);
  let most: QuestionStanding | null = null;
  for (const one of all) {
    if (weight(one) < LEAST && one.stuck.length === 0) continue;
    if (!most || weight(one) > weight(most)) most = one;
  }
  return most;
}
