import { attempt } from '../../errors';
import { parseInterval, printInterval, qualityLetters } from '../../interval/interval';
import { familyConfused, parseIntervalName } from '../../interval/readName';
import { isText, partMark, textOf, type AnswerForm, type PartMark } from './answerForm';

/** The name of an interval as it is written or said: `m6`, `minor sixth`. Throws TheoryError `interval`. */
export function parseIntervalAnswer(text: string): string {
  const read = attempt(() => printInterval(parseIntervalName(text)));
  if (read.ok) return read.value;
  // “Major fifth” is none, but it says what was meant.
  const number = familyConfused(text) ? numberIn(text) : 0;
  if (number === 0) throw read.error;
  const [first = ''] = text.trim();
  return `${/p/i.test(first) ? 'P' : /^(?:min|m\b|m\s*\d)/.test(text.trim()) ? 'm' : 'M'}${number}`;
}

const ORDINALS = ['unison', 'second', 'third', 'fourth', 'fifth', 'sixth', 'seventh', 'octave'];

/** The number that stands in the name of an interval; 0 where there is none. */
const numberIn = (text: string): number =>
  Number(/\d+/.exec(text)?.[0] ?? ORDINALS.findIndex((one) => text.toLowerCase().includes(one)) + 1);

/** Number and quality of the name of an interval. */
export function intervalParts(right: string, said: string): PartMark[] {
  const wanted = parseInterval(right);
  const read = attempt(() => parseInterval(said));
  // “Major fifth” names no interval, but its number may be right.
  const number = read.ok ? read.value.number : numberIn(said);
  const quality = read.ok && qualityLetters(read.value) === qualityLetters(wanted);
  return [partMark('number', number === wanted.number), partMark('quality', quality)];
}

/** The name of an interval. */
export const INTERVAL_ANSWER: AnswerForm<string> = {
  name: 'interval',
  isAnswer: isText,
  read: (raw) => parseIntervalAnswer(textOf(raw)),
  parts: intervalParts,
  typed: (answer) => answer,
};
