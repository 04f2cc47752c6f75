import {
  askQuestions,
  MOST_VERSIONS,
  questionWorking,
  TheoryError,
  type Question,
  type LabelStyle,
  type Sheet,
  type SheetSpec,
} from '@diatonix/core';
import { readSheetSpec, type AskRequest } from '@diatonix/doors';
import { schoolOf } from './reading';

const USUAL_COUNT = 10;

/** A question as it is answered: what is given, every right answer, how hard it is, and the working in sentences. */
export function questionOut({ kind, id, given, answers, difficulty }: Question, school?: LabelStyle) {
  const working = questionWorking({ kind, given }, school);
  return { kind, id, given, answers, difficulty, working };
}

/** `{"do":"ask","kind":"interval-name","seed":7,"count":20,"material":{…}}`: questions of one kind. */
export function askAnswer(request: AskRequest) {
  const school = schoolOf(request);
  const { questions, remarks } = askQuestions({
    kind: request.kind,
    seed: request.seed ?? 1,
    count: request.count ?? USUAL_COUNT,
    material: request.material ?? {},
    version: versionRequested(request.version ?? undefined),
  });
  return {
    questions: questions.map((question) => questionOut(question, school)),
    ...(remarks.length > 0 ? { remarks } : {}),
  };
}

/** The number of a version from its letter; A where none is given. Throws TheoryError `request`. */
export function versionRequested(letter: string | undefined): number {
  const version = (letter ?? 'A').toUpperCase().charCodeAt(0) - 65;
  if ((letter !== undefined && letter.length !== 1) || version < 0 || version >= MOST_VERSIONS)
    throw new TheoryError('request', letter ?? '', 'there is no such version.', 'Versions go from A to Z.');
  return version;
}

/** A spec of a sheet with the seed that it is to have. Throws TheoryError naming the section and the field. */
export function specRequested(value: unknown, seed?: number): SheetSpec {
  const spec = readSheetSpec(value, { title: 'Sheet', seed: 1 });
  return seed === undefined ? spec : { ...spec, seed };
}

/** A sheet as it is answered. */
export function sheetOut(sheet: Sheet, school?: LabelStyle) {
  return {
    ...sheet,
    sections: sheet.sections.map((section) => ({
      ...section,
      questions: section.questions.map((question) => questionOut(question, school)),
    })),
  };
}
