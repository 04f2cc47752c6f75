import { parseKey } from '../../key/key';
import { parseNumeral } from '../../label/numeralParse';
import { printNumeral } from '../../label/numeralPrint';
import type { LabelStyle } from '../../school/school';
import { isText, isTexts, listOf, partMark, textOf, type AnswerForm, type PartMark } from './answerForm';
import { sameAnswer } from './sameAnswer';

interface InKey {
  readonly key?: string | undefined;
}

/** A numeral of any style in the plain text of the house. Throws TheoryError `numeral`. */
export function parseNumeralAnswer(text: string, { key: keyText }: InKey, school: LabelStyle): string {
  const key = parseKey(keyText ?? 'C major');
  return printNumeral(parseNumeral(text.trim(), key, school), key);
}

const NUMERAL = /^([b#]*[IViv]+)(o|ø|\+)?(\d*)((?:\/.*)?)$/;

/** Degree, case and quality, figures, and the target of an applied chord. */
export function markNumeralParts(right: string, said: string): PartMark[] {
  const wanted = NUMERAL.exec(right);
  const own = NUMERAL.exec(said);
  if (!wanted || !own) return [partMark('numeral', right === said)];
  const degree = (match: RegExpExecArray) => match[1]!.toUpperCase();
  const quality = (match: RegExpExecArray) =>
    `${match[1] === match[1]!.toLowerCase()}${match[2] ?? ''}`.replace('ø', 'o');
  return [
    partMark('degree', degree(wanted) === degree(own)),
    partMark('quality', quality(wanted) === quality(own)),
    partMark('figures', wanted[3] === own[3]),
    ...(wanted[4] || own[4] ? [partMark('target', wanted[4] === own[4])] : []),
  ];
}

/** One numeral in the key of the question. */
export const NUMERAL_ANSWER: AnswerForm<string, InKey> = {
  name: 'numeral',
  isAnswer: isText,
  read: (raw, given, school) => parseNumeralAnswer(textOf(raw), given, school),
  parts: markNumeralParts,
  inParts: true,
  evenParts: true,
  typed: (answer) => answer,
};

/** A numeral for each chord. */
export const LABELS_ANSWER: AnswerForm<readonly string[], InKey> = {
  name: 'labels',
  isAnswer: (value) => isTexts(value) && value.length > 0,
  read: (raw, given, school) => listOf(raw).map((text) => parseNumeralAnswer(text, given, school)),
  parts: (right, said) => right.map((one, at) => partMark(`chord ${at + 1}`, sameAnswer(one, said[at]))),
  typed: (answer) => answer.join(' '),
};
