import {
  attempt,
  kindOf,
  kindWords,
  markAnswer,
  questionOf,
  remedyOf,
  type BenchQuestions,
  type MaterialText,
} from '@diatonix/core';
import { newId } from '../../store/ids';
import type { SheetBody, SheetSectionBody } from './type';
import { documentsOf } from '../../store/select';
import { addDocument, editDocument, tell, useDocuments } from '../../store/store';

const MARKS = 2;

/** The least seed that no section of the sheet has. */
export function freeSeed(sections: readonly SheetSectionBody[]): number {
  let seed = 0;
  while (sections.some((one) => one.seed === seed)) seed++;
  return seed;
}

const REMEDY_COUNT = 6;

/** The marks of a question that is right in every part. */
function markOfWhole(kind: string, { given, answers }: BenchQuestions['questions'][number]): number {
  const question = questionOf(kindOf(kind), given, 'brought', answers);
  return Math.max(1, markAnswer(question, question.answers[0]).marks.of);
}

/** Puts questions that come from a bench on the sheet that was made last, or on a new one, and says so. */
export function bringToSheet({ kind, questions, left = [] }: BenchQuestions): void {
  const leftOut = left.length > 0 ? ` Left out: ${left.join('; ')}.` : '';
  if (questions.length === 0) return tell(`Nothing was put on a sheet.${leftOut}`);
  const pinned = questions.map((question, place) => ({ ...question, place }));
  // A mark for each part: a line of seven chords has seven.
  const marks = attempt(() => markOfWhole(kind, questions[0]!));
  addTo(
    kind,
    questions.length,
    { material: {}, pinned, ...(marks.ok ? { marks: marks.value } : {}) },
    leftOut,
  );
}

/** Puts a section of an exercise on the sheet that was made last, or on a new one, and says so. */
export function addSectionToSheet(kind: string, material: MaterialText): void {
  addTo(kind, REMEDY_COUNT, { material });
}

/** Puts the exercise that trains a mistake on a sheet. */
export function addRemedy(mistake: string): void {
  const { kind, material = {} } = remedyOf(mistake);
  addSectionToSheet(kind, material);
}

function addTo(
  kind: string,
  count: number,
  own: Pick<SheetSectionBody, 'material' | 'pinned'> & { readonly marks?: number },
  leftOut = '',
): void {
  const sheets = documentsOf(useDocuments.getState().documents, 'sheet');
  const last = sheets[sheets.length - 1];
  const section = (sections: readonly SheetSectionBody[]): SheetSectionBody => ({
    ...{ id: newId(), kind, count, marks: MARKS, instruction: '', seed: freeSeed(sections), exchanged: [] },
    ...own,
  });
  const name = kindWords(kind).name;
  const what = `“${name}”, ${count} ${count === 1 ? 'question' : 'questions'},`;
  if (last) {
    editDocument(last, `${name} on the sheet`, (sheet: SheetBody) => ({
      ...sheet,
      sections: [...sheet.sections, section(sheet.sections)],
    }));
    tell(`${what} on the sheet “${last.body.title || 'Untitled'}”.${leftOut}`);
    return;
  }
  const body: SheetBody = { title: 'New sheet', seed: 1, versions: 1, sections: [section([])] };
  addDocument('sheet', newId(), body, 'the new sheet');
  tell(`${what} on a new sheet.${leftOut}`);
}
