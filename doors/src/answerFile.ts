import { LIMITS, TheoryError } from '@diatonix/core';
import { MayBeNull, Told } from './decorators';
import { readAs } from './readAs';
import { isObject } from './sound';

/** What a pupil handed in as a file. */
export interface AnswerFile {
  readonly pupil: string;
  /** The code of the page, in capitals; null where the version alone is said. */
  readonly code: string | null;
  readonly version: string | undefined;
  /** Answers by their questions as they are numbered on the page: `2.3`. */
  readonly answers: Readonly<Record<string, unknown>>;
}

/** A map of chords is the deepest answer: rows of cells of notes. */
const DEEPEST = 5;
/** The code of a page: `H4NZ-B`. */
const CODE = /^[A-Z0-9]{2,12}(?:-[A-Z]{1,2})?$/i;
const EXAMPLE = 'Write {"pupil":"Ada","code":"H4NZ-B","answers":{"1.1":"m6"}}.';

const isText = (value: unknown): value is string => typeof value === 'string';
const countOf = (answers: object) => Object.keys(answers).length;

class AnswersCheck {
  @Told(
    'it does not say whose it is.',
    EXAMPLE,
    (name) => isText(name) && name.trim() !== '' && name.length <= LIMITS.nameInFile,
  )
  pupil!: string;

  @Told('an answer in it is nested too deeply.', 'Write answers as texts or lists of texts.', (answers) =>
    isShallow(answers, DEEPEST),
  )
  @Told<object>(
    (answers) => `it answers ${countOf(answers)} questions, and a sheet has ${LIMITS.answers} at most.`,
    'Give the answers to one sheet.',
    (answers) => countOf(answers as object) <= LIMITS.answers,
  )
  @Told('its “answers” cannot be read.', EXAMPLE, isObject)
  answers!: Record<string, unknown>;

  @MayBeNull()
  @Told(
    (code) => `its code${isText(code) ? ` “${code.slice(0, 20)}”` : ''} is none that a page has.`,
    'Give the code that stands on the page, such as H4NZ-B.',
    (code) => isText(code) && CODE.test(code),
  )
  code?: string | null;

  @MayBeNull()
  @Told('its version is not a letter.', 'Give the letter that stands on the page, such as "B".', isText)
  version?: string | null;
}

/**
 * Reads the text of a file of answers. Throws TheoryError `request` naming the file, for what is too large, no JSON,
 * nobody's, or holds no answers.
 */
export function readAnswerFile(file: string, text: string): AnswerFile {
  if (text.length > LIMITS.answersFile)
    throw wrong(file, 'it is larger than 2 MB.', 'Give the answers of one pupil.');
  let data: unknown;
  try {
    data = JSON.parse(text);
  } catch {
    throw wrong(file, 'this file cannot be read as JSON.', EXAMPLE);
  }
  if (!isObject(data)) throw wrong(file, 'this is not a file of answers.', EXAMPLE);
  const { pupil, code, version, answers } = readAs(AnswersCheck, data, 'file', file);
  return { pupil, code: code?.toUpperCase() ?? null, version: version ?? undefined, answers };
}

/** Whether lists and objects in a value lie at most so deep in each other. */
function isShallow(value: unknown, depth: number): boolean {
  if (typeof value !== 'object' || value === null) return true;
  return depth > 0 && Object.values(value).every((one) => isShallow(one, depth - 1));
}

const wrong = (read: string, what: string, right: string) => new TheoryError('request', read, what, right);
