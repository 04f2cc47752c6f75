import {
  answerChoices,
  answerHint,
  attempt,
  givenOfSent,
  kindOf,
  layoutOf,
  playedAs,
  soundOf,
  timedSoundOf,
} from '@diatonix/core';
import { hearingsOf } from '../sound/hearings';
import type { PupilQuestion } from './work';

/** A question as it is worked with on the page, from what was sent of it. */
export const shownQuestion = (question: PupilQuestion): PupilQuestion => ({
  ...question,
  given: givenOfSent(question),
});

/** How a question stands on the page; null for one that is none: a hostile file may ask anything. */
export function layoutShown(question: PupilQuestion) {
  const layout = attempt(() => layoutOf(question));
  return layout.ok ? layout.value : null;
}

/** Whether anything of a question can be heard. */
export function isAudible(question: PupilQuestion): boolean {
  const sound = attempt(() => soundOf(question));
  return sound.ok && sound.value.some((notes) => notes.length > 0);
}

/** The ways in which a question can be heard; what stands on its staff has one. Single voices are the teacher's. */
export function hearings(question: PupilQuestion) {
  const timed = attempt(() => timedSoundOf(question));
  if (!timed.ok || !/^heard-/.test(question.kind)) return [WHOLE];
  return hearingsOf(timed.value).filter(({ id }) => id !== 'top' && id !== 'bass');
}
const WHOLE = { id: 'whole', name: 'Hear' } as const;

/** Whether an answer can be put on a staff or played. */
export function isPlayed({ kind }: PupilQuestion): boolean {
  const as = attempt(() => playedAs(kind));
  return as.ok && as.value !== null;
}

/** What is chosen from, and how an answer is written. */
export function answerHelp(question: Pick<PupilQuestion, 'kind' | 'given'>) {
  const choices = attempt(() => answerChoices(question));
  const hint = attempt(() => answerHint(question.kind));
  const form = attempt(() => kindOf(question.kind).answer.name);
  return {
    choices: choices.ok ? choices.value : [],
    hint: hint.ok ? hint.value : '',
    form: form.ok ? form.value : null,
  };
}
