import { type Result, TheoryError, attempt } from '../../errors';
import { DEFAULT_LABEL_STYLE, type LabelStyle } from '../../school/school';
import type { PartMark } from '../answers/answerForm';
import { sameAnswer } from '../answers/sameAnswer';
import type { ExerciseKind } from '../exerciseKind';
import type { GivenData } from '../question';
import { causesOf } from './causes';
import type { Cause, MistakeHistory } from './diagnose';
import { partGroup, partsOf } from './parts';
import { isRightAnswer } from './rightness';

/** An answer, marked. */
export interface Marking {
  readonly marks: { readonly got: number; readonly of: number };
  readonly parts: readonly PartMark[];
  readonly verdict: 'right' | 'wrong' | 'unreadable';
  readonly causes: readonly Cause[];
  readonly rightAnswers: readonly unknown[];
  /** Rules of part-writing that are broken, with the chord counted from 1. */
  readonly faults?: readonly { readonly at: number; readonly rule: string }[];
  /** Why it cannot be read. */
  readonly error?: TheoryError;
  /** Right for what was written in an earlier question. */
  readonly follows?: true;
}

/** How a question of a kind is marked. */
export interface MarkQuestionOptions {
  readonly school?: LabelStyle;
  readonly history?: MistakeHistory;
  /** What is right, where somebody says so; worked out otherwise. */
  readonly answers?: readonly unknown[] | undefined;
  /** Whether what was said follows rightly from what the pupil answered before. */
  readonly follows?: (said: unknown) => boolean;
}

/**
 * Marks an answer to a question of a kind: each part by itself, with the likeliest cause of what is wrong. Labels are
 * right in any style. Throws TheoryError for a question that is none.
 */
export function markQuestion(
  kind: ExerciseKind,
  given: GivenData,
  answer: unknown,
  { school = DEFAULT_LABEL_STYLE, history = {}, answers, follows = () => false }: MarkQuestionOptions = {},
): Marking {
  const rightAnswers = rightAnswersOf(kind, given, answers);
  const read = attempt(() => kind.answer.read(answer, given, school));
  if (!read.ok) return unreadable(kind, given, rightAnswers, read.error);
  const said = read.value;
  if (kind.answer.judge) return judged(kind, given, said, rightAnswers);
  const asWritten = (right: unknown) => normal(kind, given, right, school);
  if (
    rightAnswers.some((one) => sameAnswer(asWritten(one), said)) ||
    isRightAnswer(kind, given, rightAnswers, said)
  ) {
    const parts = full(partsOf(kind, given, said, said));
    return { marks: total(parts), parts, verdict: 'right', causes: [], rightAnswers };
  }
  const best = rightAnswers
    .map((one) => partsOf(kind, given, asWritten(one), said))
    .reduce<readonly PartMark[]>((a, b) => (total(b).got > total(a).got || a.length === 0 ? b : a), []);
  if (follows(said))
    return {
      marks: { got: total(best).of, of: total(best).of },
      parts: best.map((one) => (one.got === one.of ? one : { ...one, got: one.of, follows: true })),
      verdict: 'wrong',
      causes: [],
      rightAnswers,
      follows: true,
    };
  const causes = causesOf(kind, given, rightAnswers, said, history);
  return { marks: total(best), parts: best, verdict: 'wrong', causes, rightAnswers };
}

/** What is right in a question: what somebody says, or what is worked out. Throws TheoryError. */
export function rightAnswersOf(
  kind: ExerciseKind,
  given: GivenData,
  answers: readonly unknown[] = [],
): readonly unknown[] {
  const own = answers.length > 0 ? answers : kind.solve(given);
  return own.filter((one) => one !== undefined);
}

/** A right answer in the form that answers are read into; one that cannot be read stands as it is. */
function normal(kind: ExerciseKind, given: GivenData, right: unknown, school: LabelStyle): unknown {
  const readings = [DEFAULT_LABEL_STYLE, school].map((style) =>
    attempt(() => kind.answer.read(right, given, style)),
  );
  const read = readings.find((one): one is Result<unknown> & { ok: true } => one.ok);
  return read ? read.value : right;
}

/**
 * The share of its marks that an answer earns, from 0 to 1: each part by the marks it has of its own, else all alike;
 * what follows rightly from what was written before earns so much of its part.
 */
export function earnedShare(
  { parts, marks }: Pick<Marking, 'parts' | 'marks'>,
  {
    byPart = {},
    follow = 1,
  }: { readonly byPart?: Readonly<Record<string, number>>; readonly follow?: number } = {},
): number {
  const earned = ({ got, follows }: PartMark) => got * (follows ? follow : 1);
  const groups = new Set(
    parts.map(({ part: name }) => partGroup(name)).filter((name) => (byPart[name] ?? 0) > 0),
  );
  if (groups.size > 0) {
    // Of what a part has, so much as of all that belongs to it.
    const shares = [...groups].map((name) => {
      const own = parts.filter((one) => partGroup(one.part) === name);
      return (byPart[name]! * sum(own.map(earned))) / sum(own.map(({ of }) => of));
    });
    return Math.min(1, sum(shares) / sum([...groups].map((name) => byPart[name]!)));
  }
  const whole = sum(parts.map(({ of }) => of));
  // Faults that are none take marks away, which the parts do not say.
  const most = marks.got / Math.max(1, marks.of);
  return whole === 0 ? most : Math.min(most, sum(parts.map(earned)) / whole);
}

const sum = (numbers: readonly number[]) => numbers.reduce((all, one) => all + one, 0);

const total = (parts: readonly PartMark[]) => ({
  got: parts.reduce((sum, { got }) => sum + got, 0),
  of: parts.reduce((sum, { of }) => sum + of, 0),
});
const full = (parts: readonly PartMark[]): PartMark[] =>
  parts.map((one) => ({ part: one.part, got: one.of, of: one.of }));

function unreadable(
  kind: ExerciseKind,
  given: GivenData,
  rightAnswers: readonly unknown[],
  error: TheoryError,
): Marking {
  const parts = attempt(() => {
    const right = normal(kind, given, rightAnswers[0], DEFAULT_LABEL_STYLE);
    return partsOf(kind, given, right, right);
  });
  const of = rightAnswers.length > 0 && parts.ok ? Math.max(1, total(parts.value).of) : 1;
  return { marks: { got: 0, of }, parts: [], verdict: 'unreadable', causes: [], rightAnswers, error };
}

/** Marked by rules: voices may be set in many ways, and of faults each counts. */
function judged(
  kind: ExerciseKind,
  given: GivenData,
  said: unknown,
  rightAnswers: readonly unknown[],
): Marking {
  const judgement = attempt(() => kind.answer.judge!(said, rightAnswers, given));
  if (!judgement.ok) return unreadable(kind, given, rightAnswers, judgement.error);
  const { parts, off, faults } = judgement.value;
  const { got, of } = total(parts);
  const verdict = got === of && off === 0 ? 'right' : 'wrong';
  const marks = { got: Math.max(0, got - off), of };
  return { marks, parts, verdict, causes: [], rightAnswers, ...(faults ? { faults } : {}) };
}
