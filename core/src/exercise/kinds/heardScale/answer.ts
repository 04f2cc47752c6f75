import { TheoryError } from '../../../errors';
import { isText, partMark, textOf, type AnswerForm } from '../../answers/answerForm';
import { HEARD_SCALES } from '../../heard/scales';
import type { HeardScaleGiven } from './given';

/** Other names by which scales go (common practice). */
const ALSO: Readonly<Record<string, string>> = {
  ionian: 'major',
  minor: 'natural-minor',
  natural: 'natural-minor',
  aeolian: 'natural-minor',
  'pure-minor': 'natural-minor',
  harmonic: 'harmonic-minor',
  melodic: 'melodic-minor',
};

/** The name of a scale in words. Throws TheoryError `request` for what is none. */
export function parseScaleName(text: string): string {
  const word = text
    .trim()
    .toLowerCase()
    .replace(/\b(?:scale|mode)\b/g, '')
    .trim()
    .replace(/[\s_]+/g, '-');
  const name = ALSO[word] ?? word;
  if ((HEARD_SCALES as readonly string[]).includes(name)) return name;
  throw new TheoryError(
    'request',
    text,
    'this is not the name of a scale.',
    `Write one of ${HEARD_SCALES.join(', ')}.`,
  );
}

export const HEARD_SCALE_ANSWER: AnswerForm<string, HeardScaleGiven> = {
  name: 'heard',
  isAnswer: isText,
  read: (raw) => parseScaleName(textOf(raw)),
  parts: (right, said) => [partMark('name', right === said)],
  typed: (answer) => answer,
};
