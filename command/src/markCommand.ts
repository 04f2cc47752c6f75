import {
  earnedShare,
  makeSheet,
  markAnswer,
  readSchool,
  TheoryError,
  type Earlier,
  type Marking,
  type LabelStyle,
  type Sheet,
  type SheetSpec,
} from '@diatonix/core';
import { readAnswerFile, type AnswerFile } from '@diatonix/doors';
import { readFileSync, statSync } from 'node:fs';
import { specRequested, versionRequested } from './askAnswers';
import { markOut } from './markAnswers';
import type { Arguments } from './options';
import { readSpec } from './sheetCommand';

/** What one file of answers came to; a file that cannot be marked has its error, and the others go on. */
export type MarkedFile =
  | {
      readonly file: string;
      readonly pupil: string;
      readonly version: string;
      readonly marks: { readonly got: number; readonly of: number };
      readonly answers: readonly ({ readonly question: string } & ReturnType<typeof markOut>)[];
      /** Questions without an answer. */
      readonly open: readonly string[];
      readonly remarks: readonly string[];
    }
  | { readonly file: string; readonly error: string };

/**
 * `diatonix mark SHEET ANSWERS…`: files of answers, each `{"pupil","code"|"version","answers":{"1.1":"m6"}}`, marked
 * against the spec of their sheet. Throws TheoryError where the sheet cannot be made.
 */
export function markFiles(specFile: string, files: readonly string[], school?: LabelStyle): MarkedFile[] {
  const spec = specRequested(readSpec(specFile));
  const sheets = new Map<number, Sheet>();
  const sheetAt = (version: number) => {
    const known = sheets.get(version) ?? makeSheet(spec, version);
    sheets.set(version, known);
    return known;
  };
  sheetAt(0);
  const seen = new Map<string, string>();
  return files.map((file): MarkedFile => {
    try {
      const read = readAnswers(file);
      const sheet = sheetOf(read, spec, sheetAt);
      const before = seen.get(read.pupil);
      if (before !== undefined)
        throw wrong(file, `“${read.pupil}” has handed in ${before} already.`, 'Mark one of the two files.');
      seen.set(read.pupil, file);
      return markedFile(file, read, sheet, school);
    } catch (error) {
      if (error instanceof TheoryError) return { file, error: error.message };
      // Whatever else a file brings about is its own, and the others go on.
      return { file, error: wrong(file, 'its answers cannot be read.', 'Have it saved again.').message };
    }
  });
}

interface Answers extends AnswerFile {
  readonly file: string;
}

/** As core reads no larger one, it is not read from the disk either. */
const LARGEST = 8_000_000;

function readAnswers(file: string): Answers {
  let text: string;
  try {
    if (statSync(file).size > LARGEST)
      throw wrong(file, 'it is larger than 2 MB.', 'Give one pupil’s answers.');
    text = readFileSync(file, 'utf8');
  } catch (error) {
    if (error instanceof TheoryError) throw error;
    throw wrong(file, 'there is no such file to be read.', 'Check the path.');
  }
  return { file, ...readAnswerFile(file, text) };
}

/** The version that a pupil had. Throws TheoryError for the code of another sheet. */
function sheetOf(
  { file, code, version }: Answers,
  spec: SheetSpec,
  sheetAt: (version: number) => Sheet,
): Sheet {
  if (code === null) return sheetAt(versionRequested(version));
  const letter = code.split('-')[1] ?? 'A';
  const sheet = sheetAt(versionRequested(letter));
  if (sheet.code !== code)
    throw wrong(
      file,
      `its code is ${code}, and this sheet’s is ${sheet.code}.`,
      `Mark it with the sheet it belongs to, not “${spec.title}”.`,
    );
  return sheet;
}

function markedFile(
  file: string,
  { pupil, answers }: Answers,
  sheet: Sheet,
  school?: LabelStyle,
): MarkedFile {
  const asked = sheet.sections.flatMap(({ questions, marks, parts }, at) =>
    questions.map((question, place) => ({ id: `${at + 1}.${place + 1}`, question, marks, parts })),
  );
  const earlier: Earlier[] = [];
  let got = 0;
  const marked = asked.flatMap(({ id, question, marks, parts }) => {
    const answer = answers[id];
    if (answer === undefined || answer === null || answer === '') return [];
    const marking: Marking = markAnswer(question, answer, { earlier, ...(school ? { school } : {}) });
    earlier.push({ question, answer });
    got += marks * earnedShare(marking, parts ? { byPart: parts } : {});
    return [{ question: id, ...markOut(marking, school) }];
  });
  const known = new Set(asked.map(({ id }) => id));
  const answered = new Set(marked.map(({ question }) => question));
  return {
    file,
    pupil,
    version: sheet.version,
    marks: { got: Math.round(got * 2) / 2, of: sheet.marks },
    answers: marked,
    open: asked.map(({ id }) => id).filter((id) => !answered.has(id)),
    remarks: unknownWords(Object.keys(answers).filter((id) => !known.has(id))),
  };
}

/** So many questions that there are not are named. */
const SHOWN = 3;

function unknownWords(ids: readonly string[]): string[] {
  const named = ids.slice(0, SHOWN).map((id) => id.slice(0, 20));
  const rest = ids.length - named.length;
  return [
    ...named.map((id) => `There is no question ${id} on this sheet: its answer was left out.`),
    ...(rest > 0 ? [`And ${rest} more that are not on it.`] : []),
  ];
}

/**
 * The exit status: 0 where every file was marked, 1 where some were not, 2 where none was.
 */
export function markStatus(marked: readonly MarkedFile[]): 0 | 1 | 2 {
  const bad = marked.filter((one) => 'error' in one).length;
  return bad === 0 ? 0 : bad === marked.length ? 2 : 1;
}

/** A marked file in words: the marks, and what is wrong with its cause. */
export function markedText(marked: MarkedFile): string {
  if ('error' in marked) return marked.error;
  const { pupil, version, marks, answers, open, remarks } = marked;
  return [
    `${pupil}, version ${version}: ${marks.got} of ${marks.of}`,
    ...answers
      .filter(({ verdict }) => verdict !== 'right')
      .map(({ question, causes, message }) => `  ${question}  ${message ?? causes[0]?.sentence ?? 'wrong'}`),
    ...(open.length > 0 ? [`  open: ${open.join(', ')}`] : []),
    ...remarks.map((remark) => `  ${remark}`),
  ].join('\n');
}

function wrong(read: string, what: string, right: string): TheoryError {
  return new TheoryError('request', read, what, right);
}

/** `diatonix mark`: what is printed, and the exit status. Throws TheoryError where there is nothing to mark by. */
export function markCommand({ words, options, flags }: Arguments): { text: string; status: 0 | 1 | 2 } {
  const [sheet, ...files] = words.slice(1);
  if (sheet === undefined || files.length === 0)
    throw new TheoryError(
      'request',
      'mark',
      'a sheet and files of answers are wanted.',
      'Write diatonix mark SHEET.json ANSWERS.json…',
    );
  const school = options['school'] === undefined ? undefined : readSchool(options['school']);
  const marked = markFiles(sheet, files, school);
  const text = marked.map((one) => (flags.has('json') ? JSON.stringify(one) : markedText(one))).join('\n');
  return { text, status: markStatus(marked) };
}
