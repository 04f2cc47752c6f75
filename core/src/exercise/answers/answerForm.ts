import { TheoryError } from '../../errors';
import type { LabelStyle } from '../../school/school';
import type { GivenData } from '../question';

/** What an answer is; kinds share these. */
export type AnswerFormName =
  | 'interval' | 'note' | 'key' | 'word' | 'numeral' | 'chord' | 'figured' | 'notes' | 'labels' | 'heard'
  | 'map' | 'voices' | 'faults' | 'text' | 'heard-chord' | 'outer-voices' | 'change'; // prettier-ignore

/** A part of an answer: whether it is right, or follows rightly from what the pupil wrote before. */
export interface PartMark {
  readonly part: string;
  readonly got: number;
  readonly of: number;
  /** Right for what was written, though that was wrong. */
  readonly follows?: true;
}

export const partMark = (name: string, right: boolean): PartMark => ({
  part: name,
  got: right ? 1 : 0,
  of: 1,
});

/** An answer that is marked by rules instead of against what is right. */
export interface Judgement {
  readonly parts: readonly PartMark[];
  /** Marks that are taken off for what is named and is none. */
  readonly off: number;
  /** Rules of part-writing that are broken, with the chord counted from 1. */
  readonly faults?: readonly { readonly at: number; readonly rule: string }[];
}

/** How answers of one form are read, compared, divided into parts and typed. */
export interface AnswerForm<Answer, Given = GivenData> {
  readonly name: AnswerFormName;
  /** Whether something that came from outside is a right answer of this form. */
  isAnswer(value: unknown, given: Given): boolean;
  /**
   * An answer in the shape of the right ones, however it was written: in words, in the labels of a style, as a list
   * or typed in a line. Throws TheoryError for what cannot be read.
   */
  read(raw: unknown, given: Given, style: LabelStyle): Answer;
  /** The parts of an answer against a right one. */
  parts(right: Answer, said: Answer, given: Given): readonly PartMark[];
  /** Whether an answer is right though it is written otherwise than the right ones. */
  isRight?(said: Answer, right: readonly Answer[], given: Given): boolean;
  /** Marks the answer by rules. Throws TheoryError for what cannot be marked. */
  judge?(said: Answer, right: readonly Answer[], given: Given): Judgement;
  /** Several parts, each of which may be wrong for a reason of its own. */
  readonly inParts?: true;
  /** Names of the lines that are filled in; one without a name where nothing is said. */
  readonly blanks?: readonly string[];
  /** An answer as it is typed in a line. */
  typed(answer: Answer): string;
}

/** A list as it is given, or as it was typed with spaces and commas. Throws TheoryError `request`. */
export function listOf(raw: unknown, divider: RegExp | string = /[\s,;–-]+(?![0-9])/): string[] {
  if (Array.isArray(raw))
    return raw.map((one) => (Array.isArray(one) ? one.map(shown).join(' ') : shown(one)));
  if (typeof raw !== 'string') throw unread(raw, 'this is not a list.', 'Write for example D F# A.');
  return raw
    .split(divider)
    .map((one) => one.trim())
    .filter((one) => one !== '');
}

/** Anything that was given, as it is said again. */
export function shown(raw: unknown): string {
  return typeof raw === 'string' ? raw : (JSON.stringify(raw) ?? 'nothing');
}

/** A text; a number alone is one too. Throws TheoryError `request`. */
export function textOf(raw: unknown): string {
  if (typeof raw === 'string' || typeof raw === 'number') return String(raw).trim();
  throw unread(raw, 'this is not an answer to the question.', 'Write one text, such as m6.');
}

/** Named entries. Throws TheoryError `request`. */
export function recordOf(raw: unknown): Readonly<Record<string, unknown>> {
  if (isRecord(raw)) return raw;
  throw unread(raw, 'this is not an answer to the question.', 'Give it in the shape of the right answers.');
}

export const isRecord = (value: unknown): value is Readonly<Record<string, unknown>> =>
  typeof value === 'object' && value !== null && !Array.isArray(value);
export const isText = (value: unknown): value is string => typeof value === 'string';
export const isTexts = (value: unknown): value is readonly string[] =>
  Array.isArray(value) && value.every(isText);
export const isTextLists = (value: unknown): value is readonly (readonly string[])[] =>
  Array.isArray(value) && value.every(isTexts);

export function unread(raw: unknown, wrong: string, right: string): TheoryError {
  return new TheoryError('request', shown(raw), wrong, right);
}

/** The same names in any order. */
export const sameSet = (a: readonly string[], b: readonly string[]): boolean =>
  [...a].sort().join() === [...b].sort().join();
