import { TheoryError } from '../../errors';
import { LIMITS } from '../../limits';
import type { PupilSheet } from './pupilSheet';

export const PUPILS_FORMAT = 'diatonix-pupils-sheet';
export const PUPILS_VERSION = 1;

/** The file for pupils: every version of a sheet without answers. */
export interface PupilsFile {
  readonly sheets: readonly PupilSheet[];
  /** Whether each answer may be marked and explained at once. */
  readonly practice: boolean;
}

const RIGHT = 'Ask your teacher for the file “for pupils” of the sheet.';

/** The text of the file for pupils. */
export function printPupilsFile({ sheets, practice }: PupilsFile): string {
  return JSON.stringify({ format: PUPILS_FORMAT, version: PUPILS_VERSION, practice, sheets }, null, 1);
}

/**
 * Reads the file for pupils. Throws TheoryError `request` naming the file, for what is too large, no JSON, another
 * kind of file, or a sheet that is not whole.
 */
export function readPupilsFile(file: string, text: string): PupilsFile {
  const wrong = (what: string, right = RIGHT) => new TheoryError('request', file, what, right);
  if (text.length > LIMITS.sheetFile) throw wrong('it is larger than 5 MB.');
  let data: unknown;
  try {
    data = JSON.parse(text);
  } catch {
    throw wrong('this is not the file of a sheet: it cannot be read as JSON.');
  }
  const { format, version, practice, sheets } = isObject(data) ? data : {};
  if (format === 'diatonix-workbook') throw wrong('this is a teacher’s whole workbook.');
  if (format === 'diatonix-sheet') throw wrong('this is the teacher’s own file of the sheet.');
  if (format !== PUPILS_FORMAT) throw wrong('this is not the file of a sheet.');
  if (version !== PUPILS_VERSION)
    throw wrong(
      `its version is ${JSON.stringify(version) ?? 'missing'}.`,
      `This page reads version ${PUPILS_VERSION}: reload it, or ask for the file again.`,
    );
  if (!Array.isArray(sheets) || sheets.length === 0 || sheets.length > LIMITS.versions)
    throw wrong(`it should hold 1 to ${LIMITS.versions} versions of a sheet.`);
  return {
    practice: practice === true,
    sheets: sheets.map((one: unknown, at) => {
      const sheet = sheetIn(one);
      if (!sheet) throw wrong(`version ${at + 1} of the sheet is not whole.`);
      const odd = oddNumber(sheet);
      if (odd !== null) throw wrong(odd);
      return sheet;
    }),
  };
}

/** Section and place: `2.3`. */
const NUMBER = /^\d{1,3}\.\d{1,4}$/;

/** What is wrong with the numbers of the questions; null where each has one of its own. */
function oddNumber({ sections }: PupilSheet): string | null {
  const seen = new Set<string>();
  for (const { questions } of sections)
    for (const { id } of questions) {
      if (!NUMBER.test(id))
        return `a question that is called “${id.slice(0, 20)}” should have a number such as 2.3.`;
      if (seen.has(id)) return `question ${id} stands in it twice.`;
      seen.add(id);
    }
  return null;
}

const isObject = (value: unknown): value is Record<string, unknown> =>
  typeof value === 'object' && value !== null && !Array.isArray(value);

function sheetIn(data: unknown): PupilSheet | null {
  if (!isObject(data) || !Array.isArray(data['sections'])) return null;
  const { title, version, code, marks } = data;
  if (typeof title !== 'string' || typeof version !== 'string' || typeof code !== 'string') return null;
  const sections = data['sections'].map(sectionIn);
  const count = sections.reduce((sum, one) => sum + (one?.questions.length ?? 0), 0);
  if (sections.includes(null) || count > LIMITS.questions) return null;
  return {
    ...{ title, version, code, marks: typeof marks === 'number' ? marks : 0 },
    sections: sections as PupilSheet['sections'],
  };
}

function sectionIn(data: unknown): PupilSheet['sections'][number] | null {
  if (!isObject(data) || typeof data['kind'] !== 'string' || !Array.isArray(data['questions'])) return null;
  const { kind, instruction, marks } = data;
  const questions = data['questions'].map((one: unknown) => {
    const { id, given } = isObject(one) ? one : {};
    return typeof id === 'string' && isObject(given) ? { id, given } : null;
  });
  if (questions.includes(null)) return null;
  return {
    kind,
    instruction: typeof instruction === 'string' ? instruction : null,
    marks: typeof marks === 'number' ? marks : 0,
    questions: questions as PupilSheet['sections'][number]['questions'],
  };
}
