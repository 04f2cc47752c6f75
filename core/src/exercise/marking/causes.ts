import { dividedAnswer } from '../dividedAnswer';
import { withoutTask } from '../additionalTask';
import { sameAnswer } from '../answers/sameAnswer';
import type { ExerciseKind } from '../exerciseKind';
import type { GivenData } from '../question';
import { type Cause, type MistakeHistory, diagnose, plantMistake } from './diagnose';

/** What explains a wrong answer; of what is asked besides the answer itself comes first. */
export function causesOf(
  kind: ExerciseKind,
  given: GivenData,
  right: readonly unknown[],
  said: unknown,
  history: MistakeHistory,
): Cause[] {
  if (kind.additionalTask?.(given)) {
    const own = right.map((one) => dividedAnswer(kind, given, one).own);
    const { own: saidOwn, besides } = dividedAnswer(kind, given, said);
    if (!own.some((one) => sameAnswer(one, saidOwn)))
      return causesOf(kind, withoutTask(given), own, saidOwn, history);
    const task = kind.additionalQuestion?.(given);
    if (!task) return [];
    const wanted = dividedAnswer(kind, given, right[0]).besides;
    return diagnose(task.kind, task.given, [wanted], besides, history);
  }
  return kind.singles
    ? causesOfLabels(kind, given, right[0] as string[], said as string[], history)
    : diagnose(kind, given, right, said, history);
}

const SINGLES = new WeakMap<GivenData, readonly GivenData[]>();

/** The chords of a line as questions of their own. */
function singlesOf(kind: ExerciseKind, given: GivenData): readonly GivenData[] {
  const known = SINGLES.get(given);
  if (known) return known;
  const singles = kind.singles?.of(given) ?? [];
  SINGLES.set(given, singles);
  return singles;
}

/** Of labels one by one, what went wrong with the first that is wrong and explained. */
function causesOfLabels(
  kind: ExerciseKind,
  given: GivenData,
  right: readonly string[],
  said: readonly string[],
  history: MistakeHistory,
): Cause[] {
  const single = kind.singles!.kind;
  for (const [at, wanted] of right.entries()) {
    const one = singlesOf(kind, given)[at];
    if (said[at] === undefined || said[at] === wanted || !one) continue;
    const causes = diagnose(single, one, [wanted], said[at], history);
    if (causes.length > 0) return causes;
  }
  return [];
}

/** The wrong answer that a mistake makes; null where it makes none. Throws for a question that is none. */
export function plantIn(
  kind: ExerciseKind,
  given: GivenData,
  right: readonly unknown[],
  mistake: string,
): unknown {
  if (kind.additionalTask?.(given)) {
    const { own, besides } = dividedAnswer(kind, given, right[0]);
    const planted = plantIn(kind, withoutTask(given), [own], mistake);
    return planted === null ? null : [...(planted as unknown[]), besides];
  }
  if (!kind.singles) return plantMistake(kind, given, right, mistake);
  const labels = right[0] as string[];
  for (const [at, wanted] of labels.entries()) {
    const wrong = plantMistake(kind.singles.kind, singlesOf(kind, given)[at]!, [wanted], mistake);
    if (wrong !== null) return labels.map((label, index) => (index === at ? wrong : label));
  }
  return null;
}
