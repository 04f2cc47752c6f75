import {
  askQuestions,
  MOST_VERSIONS,
  questionWorking,
  TheoryError,
  type MaterialText,
  type Question,
  type LabelStyle,
  type Sheet,
  type SheetSpec,
} from '@diatonix/core';
import { schoolOf } from './reading';
import { asObject, ifRequested, textRequested, wholeNumberRequested, type Request } from './request';

const USUAL_COUNT = 10;

/** A question as it is answered: what is given, every right answer, how hard it is, and the working in sentences. */
export function questionOut({ kind, id, given, answers, difficulty }: Question, school?: LabelStyle) {
  const working = questionWorking({ kind, given }, school);
  return { kind, id, given, answers, difficulty, working };
}

/** `{"do":"ask","kind":"interval-name","seed":7,"count":20,"material":{…}}`: questions of one kind. */
export function askAnswer(request: Request) {
  const school = schoolOf(request);
  const material = request['material'];
  const { questions, remarks } = askQuestions({
    kind: textRequested(request, 'kind'),
    seed: wholeNumberRequested(request, 'seed', -1e9, 1e9) ?? 1,
    count: wholeNumberRequested(request, 'count', -1e9, 1e9) ?? USUAL_COUNT,
    material: material === undefined ? {} : (asObject(material, 'material') as MaterialText),
    version: versionRequested(ifRequested(request, 'version')),
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

/** A spec of a sheet as it was read; what is in its fields is checked where the sheet is made. */
export function specRequested(value: unknown, seed?: number): SheetSpec {
  const spec = asObject(value, 'spec');
  const sections = spec['sections'];
  if (Array.isArray(sections)) sections.forEach((section, at) => asObject(section, `section ${at + 1}`));
  return {
    title: (spec['title'] ?? 'Sheet') as string,
    seed: (seed ?? spec['seed'] ?? 1) as number,
    sections: sections as SheetSpec['sections'],
  };
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
