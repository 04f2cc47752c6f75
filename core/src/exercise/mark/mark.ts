import { attempt, TheoryError } from '../../errors';
import { invert, parseInterval, printInterval } from '../../interval/interval';
import { parseKey } from '../../key/key';
import { chordOfNumeral } from '../../label/numeral';
import { parseNumeral } from '../../label/numeralParse';
import { memberNote } from '../../chord/chord';
import { sameName } from '../../pitch/note';
import { parseNote } from '../../pitch/parse';
import { DEFAULT_SCHOOL, type School } from '../../school/school';
import { askingOf, WRITTEN } from '../ask/kinds';
import type { Given, ToMark } from '../ask/question';
import { readAnswer, sameAnswer } from './answer';
import { answerType } from './answerType';
import { causesOf } from './causesOf';
import type { Cause, MistakeHistory } from './diagnose';
import { partsOf, type PartMark } from './parts';
import { markVoices } from './voices';

/** An earlier question of the same pupil, with what was answered. */
export interface Earlier {
  readonly question: ToMark;
  readonly answer: unknown;
}

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

export interface MarkOptions {
  readonly school?: School;
  readonly earlier?: readonly Earlier[];
  readonly history?: MistakeHistory;
}

/**
 * Marks an answer: each part by itself, with the likeliest cause of what is wrong. Labels are right in any school,
 * and later parts are marked against what the pupil wrote before. Throws TheoryError for a question that is none.
 */
export function markAnswer(question: ToMark, answer: unknown, options: MarkOptions = {}): Marking {
  const { kind, given } = question;
  const { school = DEFAULT_SCHOOL, earlier = [], history = {} } = options;
  const own =
    question.answers && question.answers.length > 0 ? question.answers : askingOf(kind).answers(given);
  const rightAnswers = own.filter((one) => one !== undefined);
  if (rightAnswers.length === 0 && kind !== WRITTEN)
    throw new TheoryError(
      'request',
      kind,
      'nothing is right in this question.',
      'Give the question as it was asked.',
    );
  const read = attempt(() => readAnswer(kind, given, answer, school));
  if (!read.ok) {
    const of = wholeOf(kind, given, rightAnswers);
    return {
      marks: { got: 0, of },
      parts: [],
      verdict: 'unreadable',
      causes: [],
      rightAnswers,
      error: read.error,
    };
  }
  const said = read.value;
  const type = answerType(kind);
  if (type === 'voices') return markedVoices(kind, given, said as string[][], rightAnswers);
  if (type === 'faults') return markedFaults(said as Fault[], rightAnswers);
  if (isRight(kind, given, said, rightAnswers, school)) {
    const parts = full(partsOf(kind, given, said, said));
    return { marks: total(parts), parts, verdict: 'right', causes: [], rightAnswers };
  }
  const followed = followThrough(question, said, earlier, school);
  const best = rightAnswers
    .map((one) => partsOf(kind, given, normal(kind, given, one, school), said))
    .reduce<PartMark[]>((a, b) => (total(b).got > total(a).got || a.length === 0 ? b : a), []);
  if (followed)
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

/** A right answer in the form that answers are read into; one that cannot be read stands as it is. */
function normal(kind: string, given: Given, right: unknown, school: School): unknown {
  const read = attempt(() => readAnswer(kind, given, right, DEFAULT_SCHOOL));
  if (read.ok) return read.value;
  const own = attempt(() => readAnswer(kind, given, right, school));
  return own.ok ? own.value : right;
}

function isRight(
  kind: string,
  given: Given,
  said: unknown,
  right: readonly unknown[],
  school: School,
): boolean {
  if (right.some((one) => sameAnswer(one, said) || sameAnswer(normal(kind, given, one, school), said)))
    return true;
  if (kind === 'figures-name') {
    // The notes over a bass may be written in any order.
    const own = said as { notes: readonly string[]; numeral: string };
    return (right as { notes: readonly string[]; numeral: string }[]).some(
      ({ notes, numeral }) =>
        numeral === own.numeral && [...notes].sort().join() === [...own.notes].sort().join(),
    );
  }
  return kind === 'harmonise' && isHarmony(given, said as string[]);
}

/** Whether chords that were taught hold the notes of a melody and end with a cadence (common practice). */
function isHarmony(given: Given, said: readonly string[]): boolean {
  const key = parseKey(String(given['key']));
  const notes = (given['notes'] as string[]).map((text) => parseNote(text));
  const taught = given['numerals'] as string[];
  if (said.length !== notes.length || !/^(?:V7?|viio6?|IV|iv)$/.test(said.at(-2) ?? '')) return false;
  return said.every((text, at) => {
    const chord = attempt(() => chordOfNumeral(parseNumeral(text, key), key));
    const inside = taught.includes(text) && chord.ok;
    const tonic = at > 0 && at < said.length - 1 ? true : /^[Ii]$/.test(text);
    return (
      inside &&
      tonic &&
      chord.value.members.some((member) => sameName(memberNote(chord.value.root, member), notes[at]!))
    );
  });
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
  const weighted = Object.keys(byPart).length > 0 && parts.length > 0;
  const weight = ({ part: name }: PartMark) => (weighted ? (byPart[name] ?? 0) : 1);
  const whole = parts.reduce((sum, one) => sum + weight(one) * one.of, 0);
  if (whole === 0) return marks.got / Math.max(1, marks.of);
  const got = parts.reduce((sum, one) => sum + weight(one) * one.got * (one.follows ? follow : 1), 0);
  // Faults that are none take marks away, which the parts do not say.
  const most = weighted ? 1 : marks.got / Math.max(1, marks.of);
  return Math.min(most, got / whole);
}

const total = (parts: readonly PartMark[]) => ({
  got: parts.reduce((sum, { got }) => sum + got, 0),
  of: parts.reduce((sum, { of }) => sum + of, 0),
});
const full = (parts: readonly PartMark[]): PartMark[] =>
  parts.map((one) => ({ part: one.part, got: one.of, of: one.of }));

function wholeOf(kind: string, given: Given, right: readonly unknown[]): number {
  if (right.length === 0) return 1;
  const first = normal(kind, given, right[0], DEFAULT_SCHOOL);
  const parts = attempt(() =>
    answerType(kind) === 'voices'
      ? markVoices(kind, given, first as string[][]).parts
      : partsOf(kind, given, first, first),
  );
  return parts.ok ? Math.max(1, total(parts.value).of) : 1;
}

function markedVoices(
  kind: string,
  given: Given,
  said: string[][],
  rightAnswers: readonly unknown[],
): Marking {
  const marked = attempt(() => markVoices(kind, given, said));
  if (!marked.ok)
    return {
      marks: { got: 0, of: wholeOf(kind, given, rightAnswers) },
      parts: [],
      verdict: 'unreadable',
      causes: [],
      rightAnswers,
      error: marked.error,
    };
  const { parts, faults } = marked.value;
  const marks = total(parts);
  const verdict = marks.got === marks.of ? 'right' : 'wrong';
  return { marks, parts, verdict, causes: [], rightAnswers, ...(faults.length > 0 ? { faults } : {}) };
}

interface Fault {
  readonly at: number;
  readonly rule: string;
}

/** Faults that were found, and those that were not: what is named and is none costs one. */
function markedFaults(said: readonly Fault[], rightAnswers: readonly unknown[]): Marking {
  const right = rightAnswers[0] as readonly Fault[];
  const isSame = (a: Fault, b: Fault) => a.at === b.at && a.rule === b.rule;
  const parts = right.map((fault): PartMark => ({
    part: `chord ${fault.at}, ${fault.rule}`,
    got: said.some((one) => isSame(one, fault)) ? 1 : 0,
    of: 1,
  }));
  const none = said.filter((one) => !right.some((fault) => isSame(one, fault))).length;
  const { got, of } = total(parts);
  const marks = { got: Math.max(0, got - none), of };
  const verdict = got === of && none === 0 ? 'right' : 'wrong';
  return { marks, parts, verdict, causes: [], rightAnswers };
}

/**
 * Whether an answer follows rightly from a wrong one before: chords in the key that was named wrongly, the inversion
 * of an interval that was named wrongly.
 */
function followThrough(
  { kind, given }: ToMark,
  said: unknown,
  earlier: readonly Earlier[],
  school: School,
): boolean {
  return earlier.some(({ question, answer }) => {
    const right = attempt(() => question.answers ?? askingOf(question.kind).answers(question.given));
    const own = attempt(() => readAnswer(question.kind, question.given, answer, school));
    if (!right.ok || !own.ok || right.value.some((one) => sameAnswer(one, own.value))) return false;
    if (answerType(question.kind) === 'key' && right.value.includes(given['key'])) {
      const follows = attempt(() => askingOf(kind).answers({ ...given, key: own.value }));
      return follows.ok && follows.value.some((one) => sameAnswer(one, said));
    }
    if (question.kind === 'interval-name' && kind === 'interval-invert') {
      const same = ['from', 'to'].every((field) => question.given[field] === given[field]);
      const turned = attempt(() => printInterval(invert(parseInterval(String(own.value)))));
      return same && turned.ok && turned.value === said;
    }
    return false;
  });
}
