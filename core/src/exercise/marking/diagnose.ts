import { attempt } from '../../errors';
import { DEFAULT_LABEL_STYLE } from '../../school/school';
import { sameAnswer } from '../answers/sameAnswer';
import { isRightAnswer } from './rightness';
import type { ExerciseKind } from '../exerciseKind';
import type { Mistake } from '../mistakes/mistake';
import type { GivenData } from '../question';

/** What explains a wrong answer exactly: one mistake, or two together. */
export interface Cause {
  readonly mistakes: readonly string[];
  /** Whether it is one mistake, lies near, and nothing as near explains the answer. */
  readonly certain: boolean;
  /** Whether it makes many answers by chance: it is told after what lies near. */
  readonly farFetched?: true;
}

/** How often each mistake was made before, by a pupil or a class; those weigh more. */
export type MistakeHistory = Readonly<Record<string, number>>;

/** So many causes are told at most. */
const MOST = 8;
/** Pairs are looked through so far. */
const MOST_ANSWERS = 4000;

/**
 * The likeliest shortest ways in which somebody comes to a wrong answer: single mistakes before two together, and of
 * equally short ones those that were made before, then those that are commonest. Empty where nothing explains it.
 */
export function diagnose(
  kind: ExerciseKind,
  given: GivenData,
  right: readonly unknown[],
  said: unknown,
  history: MistakeHistory = {},
): Cause[] {
  const explaining = (ways: readonly Way[]) => ways.filter(({ answer }) => sameAnswer(answer, said));
  const { single, pairs } = waysOf(kind, given, right);
  const alone = explaining(single);
  return causes(alone.length > 0 ? alone : explaining(pairs()), history);
}

/** A wrong answer, and the mistakes that make it. */
interface Way {
  readonly mistakes: readonly string[];
  readonly answer: unknown;
  /** Whether it lies near enough to be told as certain where nothing else explains the answer. */
  readonly near: boolean;
}

interface Ways {
  readonly single: readonly Way[];
  readonly pairs: () => readonly Way[];
}

/** The ways of going wrong with a question are looked for once, however many pupils answer it. */
const KNOWN = new WeakMap<GivenData, { readonly kind: ExerciseKind; readonly ways: Ways }>();

function waysOf(kind: ExerciseKind, given: GivenData, right: readonly unknown[]): Ways {
  const known = KNOWN.get(given);
  if (known?.kind === kind) return known.ways;
  const { mistakes } = kind;
  const single = mistakes.flatMap((one) =>
    answersOf(one, kind, given, right).map((answer): Way => ({
      mistakes: [one.id],
      answer,
      near: one.farFetched !== true,
    })),
  );
  let both: readonly Way[] | null = null;
  const ways = { single, pairs: () => (both ??= pairsOf(kind, given, right)) };
  KNOWN.set(given, { kind, ways });
  return ways;
}

/** The near causes first; the only near one is certain. Two mistakes together may be chance, and never are. */
function causes(found: readonly Way[], history: MistakeHistory): Cause[] {
  const name = ({ mistakes }: Way) => [...mistakes].sort().join();
  const different = found.filter((one, at) => found.findIndex((other) => name(other) === name(one)) === at);
  const certain = different.filter((one) => one.near).length === 1;
  const all = different.map(({ mistakes, near }): Cause =>
    near ? { mistakes, certain } : { mistakes, certain: false, farFetched: true },
  );
  return rankCauses(all, history).slice(0, MOST);
}

/** Causes of one answer, what lies near before what does not; those made before in front, the rest as they stand. */
export function rankCauses(causes: readonly Cause[], history: MistakeHistory): Cause[] {
  const weight = ({ mistakes }: Cause) => mistakes.reduce((sum, id) => sum + (history[id] ?? 0), 0);
  const far = ({ farFetched }: Cause) => (farFetched ? 1 : 0);
  return [...causes].sort((a, b) => far(a) - far(b) || weight(b) - weight(a));
}

/**
 * The cause that is told of one answer: the first that lies near. What lies far explains an answer by chance as well;
 * it is offered to the teacher, and counts where it is found again and again.
 */
export const likelyCause = (
  marking: { readonly causes: readonly Cause[] } | null | undefined,
): Cause | null => marking?.causes.find(({ farFetched }) => farFetched !== true) ?? null;

/** The wrong answers that one mistake makes. */
export function answersOf(
  mistake: Mistake,
  kind: ExerciseKind,
  given: GivenData,
  right: readonly unknown[],
): unknown[] {
  const misread = attempt(() => mistake.misreads?.(given) ?? []);
  const read = (misread.ok ? misread.value : []).flatMap((other) => answersTo(kind, other));
  const slipped = slipsOf(mistake, given, right);
  return [...read, ...slipped].flatMap((one) => wrongOnly(kind, given, right, one));
}

/** An answer as it is read, where it can be read and is right in no way of writing. */
function wrongOnly(
  kind: ExerciseKind,
  given: GivenData,
  right: readonly unknown[],
  answer: unknown,
): unknown[] {
  const read = attempt(() => kind.answer.read(answer, given, DEFAULT_LABEL_STYLE));
  return read.ok && !isRightAnswer(kind, given, right, read.value) ? [read.value] : [];
}

/** The right answers to a question as it was misread; none where it makes no sense. */
function answersTo(kind: ExerciseKind, given: GivenData): readonly unknown[] {
  const answers = attempt(() => kind.solve(given));
  return answers.ok ? answers.value : [];
}

/** Something misread and then another mistake, or two slips one after the other. */
function pairsOf(kind: ExerciseKind, given: GivenData, right: readonly unknown[]): Way[] {
  const { mistakes } = kind;
  const found: Way[] = [];
  for (const first of mistakes) {
    const misread = attempt(() => first.misreads?.(given) ?? []);
    const reads = first.inReading || !kind.pairsStartWithReading;
    const others = (misread.ok && reads ? misread.value : []).map((other) => ({
      other,
      answers: answersTo(kind, other),
    }));
    const slipped = kind.answer.inParts
      ? slipsOf(first, given, right).flatMap((one) => wrongOnly(kind, given, right, one))
      : [];
    if (slipped.length > 0) others.push({ other: given, answers: slipped });
    for (const { other, answers } of others)
      for (const second of mistakes) {
        if (second.id === first.id || answers.length === 0) continue;
        const both =
          other === given
            ? slipsOf(second, given, answers).flatMap((one) => wrongOnly(kind, given, right, one))
            : answersOf(second, kind, other, answers);
        for (const answer of both) found.push({ mistakes: [first.id, second.id], answer, near: false });
        if (found.length > MOST_ANSWERS) return found;
      }
  }
  return found;
}

/** What slips of what is right. */
function slipsOf(mistake: Mistake, given: GivenData, right: readonly unknown[]): unknown[] {
  return right.flatMap((one) => {
    const slips = attempt(() => mistake.slips?.(one, given) ?? []);
    return slips.ok ? slips.value : [];
  });
}

/** The wrong answer that a mistake makes; null where it makes none. */
export function plantMistake(
  kind: ExerciseKind,
  given: GivenData,
  right: readonly unknown[],
  id: string,
): unknown {
  for (const mistake of kind.mistakes) {
    if (mistake.id !== id) continue;
    const [answer] = answersOf(mistake, kind, given, right);
    if (answer !== undefined) return answer;
  }
  return null;
}
