import { attempt } from '../../errors';
import { DEGREE_NAMES } from '../../key/scale';
import { isText, partMark, textOf, unread, type AnswerForm } from './answerForm';
import { plainText } from './spokenText';

const NAMES: readonly string[] = [...DEGREE_NAMES, 'subtonic'];

/** The name of a degree in the word that stands for it: `Leading-tone`, `sub-dominant`. Throws TheoryError. */
export function parseDegreeAnswer(raw: unknown): string {
  const text = textOf(raw);
  const said = plainText(text)
    .toLowerCase()
    .replace(/[\s-]*\b(?:note|tone|degree)\b/g, '')
    .replace(/\bflat(?:tened)? leading\b|\blowered leading\b/, 'subtonic')
    .replace(/[\s-]+/g, '');
  if (NAMES.includes(said)) return said;
  throw unread(
    text,
    'this is not the name of a degree.',
    'Write tonic, supertonic, mediant, subdominant, dominant, submediant, leading tone or subtonic.',
  );
}

/** The name of a degree. */
export const DEGREE_ANSWER: AnswerForm<string> = {
  name: 'word',
  isAnswer: (value) => isText(value) && attempt(() => parseDegreeAnswer(value)).ok,
  read: (raw) => parseDegreeAnswer(raw),
  parts: (right, said) => [partMark('answer', right === said)],
  typed: (answer) => answer,
};
