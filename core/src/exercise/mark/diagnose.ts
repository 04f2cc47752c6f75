import { attempt } from '../../errors';
import { askingOf } from '../ask/kinds';
import type { Given } from '../ask/question';
import { readAnswer, sameAnswer } from './answer';
import { answerType } from './answerType';
import { READING_MISTAKES } from './mistakes/reading';
import type { Mistake } from './mistake';
import { mistakesOf } from './mistakes';

/** What explains a wrong answer exactly: one mistake, or two together. */
export interface Cause {
  readonly mistakes: readonly string[];
  /** Whether nothing else explains it as shortly. */
  readonly certain: boolean;
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
  kind: string,
  given: Given,
  right: readonly unknown[],
  said: unknown,
  history: MistakeHistory = {},
): Cause[] {
  const explaining = (ways: readonly Way[]) =>
    ways.filter(({ answer }) => sameAnswer(answer, said)).map(({ mistakes }) => mistakes);
  const { single, pairs } = waysOf(kind, given, right);
  const alone = explaining(single);
  return causes(alone.length > 0 ? alone : explaining(pairs()), history);
}

/** A wrong answer, and the mistakes that make it. */
interface Way {
  readonly mistakes: readonly string[];
  readonly answer: unknown;
}

interface Ways {
  readonly single: readonly Way[];
  readonly pairs: () => readonly Way[];
}

/** The ways of going wrong with a question are looked for once, however many pupils answer it. */
const KNOWN = new WeakMap<Given, { readonly kind: string; readonly ways: Ways }>();

function waysOf(kind: string, given: Given, right: readonly unknown[]): Ways {
  const known = KNOWN.get(given);
  if (known?.kind === kind) return known.ways;
  const mistakes = mistakesOf(kind);
  const single = mistakes.flatMap((one) =>
    answersOf(one, kind, given, right).map((answer): Way => ({ mistakes: [one.id], answer })),
  );
  let both: readonly Way[] | null = null;
  const ways = { single, pairs: () => (both ??= pairsOf(mistakes, kind, given, right)) };
  KNOWN.set(given, { kind, ways });
  return ways;
}

function causes(found: readonly (readonly string[])[], history: MistakeHistory): Cause[] {
  const different = found.filter(
    (one, at) => found.findIndex((other) => [...other].sort().join() === [...one].sort().join()) === at,
  );
  const all = different.map((ids) => ({ mistakes: ids, certain: different.length === 1 }));
  return rankCauses(all, history).slice(0, MOST);
}

/** Causes of one answer, those that were made before in front; the rest in the order that they have. */
export function rankCauses(causes: readonly Cause[], history: MistakeHistory): Cause[] {
  const weight = ({ mistakes }: Cause) => mistakes.reduce((sum, id) => sum + (history[id] ?? 0), 0);
  return [...causes].sort((a, b) => weight(b) - weight(a));
}

/** The wrong answers that one mistake makes. */
export function answersOf(
  mistake: Mistake,
  kind: string,
  given: Given,
  right: readonly unknown[],
): unknown[] {
  const misread = attempt(() => mistake.misreads?.(given, kind) ?? []);
  const read = (misread.ok ? misread.value : []).flatMap((other) => answersTo(kind, other));
  const slipped = slipsOf(mistake, kind, given, right);
  return [...read, ...slipped].flatMap((one) => wrongOnly(kind, given, right, one));
}

/** An answer as it is read, where it can be read and is right in no way of writing. */
function wrongOnly(kind: string, given: Given, right: readonly unknown[], answer: unknown): unknown[] {
  const read = attempt(() => readAnswer(kind, given, answer));
  return read.ok && !right.some((one) => sameAnswer(one, read.value)) ? [read.value] : [];
}

/** The right answers to a question as it was misread; none where it makes no sense. */
function answersTo(kind: string, given: Given): readonly unknown[] {
  const answers = attempt(() => askingOf(kind).answers(given));
  return answers.ok ? answers.value : [];
}

/** Answers of several parts, each of which may be wrong for a reason of its own. */
const IN_PARTS = new Set(['chord', 'numeral', 'figured']);

/** Something misread and then another mistake, or two slips one after the other. */
function pairsOf(mistakes: readonly Mistake[], kind: string, given: Given, right: readonly unknown[]): Way[] {
  const found: Way[] = [];
  for (const first of mistakes) {
    const misread = attempt(() => first.misreads?.(given, kind) ?? []);
    // An interval can be turned into nearly any other by two mistakes about it: one of the two is in the reading.
    const reads = READING_MISTAKES.includes(first) || !/^(?:interval|transpose|listen)/.test(kind);
    const others = (misread.ok && reads ? misread.value : []).map((other) => ({
      other,
      answers: answersTo(kind, other),
    }));
    const slipped = IN_PARTS.has(answerType(kind))
      ? slipsOf(first, kind, given, right).flatMap((one) => wrongOnly(kind, given, right, one))
      : [];
    if (slipped.length > 0) others.push({ other: given, answers: slipped });
    for (const { other, answers } of others)
      for (const second of mistakes) {
        if (second.id === first.id || answers.length === 0) continue;
        const both =
          other === given
            ? slipsOf(second, kind, given, answers).flatMap((one) => wrongOnly(kind, given, right, one))
            : answersOf(second, kind, other, answers);
        for (const answer of both) found.push({ mistakes: [first.id, second.id], answer });
        if (found.length > MOST_ANSWERS) return found;
      }
  }
  return found;
}

/** What slips of what is right. */
function slipsOf(mistake: Mistake, kind: string, given: Given, right: readonly unknown[]): unknown[] {
  return right.flatMap((one) => {
    const slips = attempt(() => mistake.slips?.(one, given, kind) ?? []);
    return slips.ok ? slips.value : [];
  });
}

/** The wrong answer that a mistake makes; null where it makes none. */
export function plantMistake(kind: string, given: Given, right: readonly unknown[], id: string): unknown {
  for (const mistake of mistakesOf(kind)) {
    if (mistake.id !== id) continue;
    const [answer] = answersOf(mistake, kind, given, right);
    if (answer !== undefined) return answer;
  }
  return null;
}
