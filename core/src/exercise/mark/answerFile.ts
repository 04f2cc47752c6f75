import { TheoryError } from '../../errors';

/** What a pupil handed in as a file. */
export interface AnswerFile {
  readonly pupil: string;
  /** The code of the page, in capitals; null where the version alone is said. */
  readonly code: string | null;
  readonly version: string | undefined;
  /** Answers by their questions as they are numbered on the page: `2.3`. */
  readonly answers: Readonly<Record<string, unknown>>;
}

const LARGEST = 2_000_000;
const LONGEST_NAME = 200;
const EXAMPLE = 'Write {"pupil":"Ada","code":"H4NZ-B","answers":{"1.1":"m6"}}.';

/**
 * Reads the text of a file of answers. Throws TheoryError `request` naming the file, for what is too large, no JSON,
 * nobody's, or holds no answers.
 */
export function readAnswerFile(file: string, text: string): AnswerFile {
  if (text.length > LARGEST) throw wrong(file, 'it is larger than 2 MB.', 'Give the answers of one pupil.');
  let data: unknown;
  try {
    data = JSON.parse(text);
  } catch {
    throw wrong(file, 'this file cannot be read as JSON.', EXAMPLE);
  }
  if (!isObject(data)) throw wrong(file, 'this is no object.', EXAMPLE);
  const { pupil, code, version, answers } = data;
  if (typeof pupil !== 'string' || pupil.trim() === '' || pupil.length > LONGEST_NAME)
    throw wrong(file, 'it says not whose it is.', EXAMPLE);
  if (!isObject(answers)) throw wrong(file, 'its field answers is not an object.', EXAMPLE);
  return {
    pupil,
    code: typeof code === 'string' ? code.toUpperCase() : null,
    version: typeof version === 'string' ? version : undefined,
    answers,
  };
}

const isObject = (value: unknown): value is Record<string, unknown> =>
  typeof value === 'object' && value !== null && !Array.isArray(value);

function wrong(read: string, what: string, right: string): TheoryError {
  return new TheoryError('request', read, what, right);
}
