import { alsoIn, dividedAnswer, withoutAlso } from '../ask/also';
import { askingOf } from '../ask/kinds';
import type { Given, ToMark } from '../ask/question';
import { sameAnswer } from './answer';
import { diagnose, plantMistake, type Cause, type MistakeHistory } from './diagnose';
import { LABELLED_ONE_BY_ONE } from './mistakes';

/** What explains a wrong answer; of what is asked besides the answer itself comes first. */
export function causesOf(
  kind: string,
  given: Given,
  right: readonly unknown[],
  said: unknown,
  history: MistakeHistory,
): Cause[] {
  if (alsoIn(given)) {
    const own = right.map((one) => dividedAnswer(given, one).own);
    const { own: saidOwn, also } = dividedAnswer(given, said);
    if (!own.some((one) => sameAnswer(one, saidOwn)))
      return causesOf(kind, withoutAlso(given), own, saidOwn, history);
    if (given['also'] !== 'cadence') return [];
    const end = { ...withoutAlso(given), chords: (given['chords'] as unknown[]).slice(-2) };
    return diagnose('cadence-name', end, [dividedAnswer(given, right[0]).also], also, history);
  }
  return LABELLED_ONE_BY_ONE[kind]
    ? causesOfLabels(kind, given, right[0] as string[], said as string[], history)
    : diagnose(kind, given, right, said, history);
}

const SINGLES = new WeakMap<Given, readonly Given[]>();

/** The chords of a line as questions of their own. */
function singlesOf(given: Given): readonly Given[] {
  const known = SINGLES.get(given);
  if (known) return known;
  const chords = (given['chords'] ?? given['voices']) as string[][];
  const singles = chords.map((notes): Given => ({ clef: 'treble', key: given['key'], notes }));
  SINGLES.set(given, singles);
  return singles;
}

/** Of labels one by one, what went wrong with the first that is wrong and explained. */
function causesOfLabels(
  kind: string,
  given: Given,
  right: readonly string[],
  said: readonly string[],
  history: MistakeHistory,
): Cause[] {
  const single = LABELLED_ONE_BY_ONE[kind]!;
  for (const [at, wanted] of right.entries()) {
    if (said[at] === undefined || said[at] === wanted) continue;
    const one = singlesOf(given)[at]!;
    const causes = diagnose(single, one, [wanted], said[at], history);
    if (causes.length > 0) return causes;
  }
  return [];
}

/** The wrong answer that a mistake makes; null where it makes none. Throws for a question that is none. */
export function plant({ kind, given, answers }: ToMark, mistake: string): unknown {
  const right = answers && answers.length > 0 ? answers : askingOf(kind).answers(given);
  if (alsoIn(given)) {
    const { own, also } = dividedAnswer(given, right[0]);
    const planted = plant({ kind, given: withoutAlso(given), answers: [own] }, mistake);
    return planted === null ? null : [...(planted as unknown[]), also];
  }
  const single = LABELLED_ONE_BY_ONE[kind];
  if (!single) return plantMistake(kind, given, right, mistake);
  const labels = right[0] as string[];
  for (const [at, wanted] of labels.entries()) {
    const wrong = plantMistake(single, singlesOf(given)[at]!, [wanted], mistake);
    if (wrong !== null) return labels.map((label, index) => (index === at ? wrong : label));
  }
  return null;
}
