import { checkedKind } from '../checkQuestion';
import type { Note } from '../../pitch/note';
import { dividedAnswer } from '../dividedAnswer';
import type { AdditionalTask } from '../additionalTask';
import { notesIn, rising } from '../givenReading';
import type { Sounding } from '../heard/timedSound';
import type { Question } from '../question';
import type { QuestionLayout } from './questionLayout';
import type { StaffLayout } from './staffLayout';

/** How a question stands on a page. Throws TheoryError for one that is none. */
export const layoutOf = (question: Pick<Question, 'kind' | 'given'>): QuestionLayout =>
  checkedKind(question).layout(question.given);

/** What stands on the staves of a question. Throws TheoryError for one that is none. */
export const staffLayout = (question: Pick<Question, 'kind' | 'given'>): StaffLayout =>
  layoutOf(question).staff;

/** What stands on the staves once it is answered, for kinds that are set in voices; else as it is asked. */
export function answeredStaff(question: Question): StaffLayout {
  const { given, answers } = question;
  const staff = staffLayout(question);
  return staff.clefs.length > 0 && answers.length > 0
    ? (checkedKind(question).answeredStaff?.(given, answers[0]) ?? staff)
    : staff;
}

/** What is heard of a question, moment by moment: what is played to be named, or what stands on its staves. */
export function soundOf(question: Pick<Question, 'kind' | 'given'>): (readonly Note[])[] {
  const sound = checkedKind(question).sound?.(question.given);
  if (sound) return sound.map((notes) => rising(notesIn(notes)));
  return momentsOnStaff(question);
}

/** The notes that stand on the staves of a question, moment by moment. */
export function momentsOnStaff(question: Pick<Question, 'kind' | 'given'>): (readonly Note[])[] {
  const { staves } = staffLayout(question);
  return (staves[0] ?? []).map((_, at) => staves.flatMap((own) => own[at]!));
}

/** A sound of so many seconds: together from the beginning on. */
const USUAL_SECONDS = 1.2;

/**
 * What is heard of a question in time: what gives its key, and the question itself, each sound with its beginning and
 * length in seconds.
 */
export function timedSoundOf(question: Pick<Question, 'kind' | 'given'>): {
  readonly before: readonly TimedNotes[];
  readonly sound: readonly TimedNotes[];
} {
  const timed = checkedKind(question).timed?.(question.given);
  const played = (all: readonly Sounding[]) =>
    all.map(([at, seconds, notes]): TimedNotes => ({ at, seconds, notes: rising(notesIn(notes)) }));
  if (timed) return { before: played(timed.before), sound: played(timed.sound) };
  const sound = soundOf(question).map((notes, at) => ({
    at: at * USUAL_SECONDS,
    seconds: USUAL_SECONDS,
    notes,
  }));
  return { before: [], sound };
}

/** Notes that sound together from a time on, in seconds. */
export interface TimedNotes {
  readonly at: number;
  readonly seconds: number;
  readonly notes: readonly Note[];
}

/** What stands under the moments of a staff: blanks to fill in, or what is given there, moment by moment. */
export function underStaff(question: Question): {
  readonly blank: boolean;
  readonly texts: readonly (string | readonly string[])[];
  /** Where another key begins, and which. */
  readonly changes: readonly { readonly at: number; readonly key: string }[];
} | null {
  const { under, prompt } = layoutOf(question);
  if (under !== 'blank') return under && { blank: false, texts: under, changes: [] };
  const { given, answers } = question;
  const { own } = dividedAnswer(checkedKind(question), given, answers[0]);
  const changes = prompt?.say === 'key' ? (prompt.changes ?? []) : [];
  return { blank: true, texts: own as readonly string[], changes };
}

/** The key that holds at a moment under a staff, where it is another than that of the question. */
export const changedKey = (
  { changes }: Pick<NonNullable<ReturnType<typeof underStaff>>, 'changes'>,
  at: number,
): string | undefined => changes.findLast((change) => change.at <= at)?.key;

/** What an answer is chosen from, where few words can be right; none where it is written freely. */
export const answerChoices = (question: Pick<Question, 'kind' | 'given'>): readonly string[] =>
  checkedKind(question).choices?.(question.given) ?? [];

/** What is asked for besides; null where nothing is. */
export const additionalTask = (question: Pick<Question, 'kind' | 'given'>): AdditionalTask | null =>
  checkedKind(question).additionalTask?.(question.given) ?? null;
