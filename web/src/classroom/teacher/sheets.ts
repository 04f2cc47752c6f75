/** What pupils of a class get to do, and where their answers go. */
import {
  makeSheet,
  printPupilsFile,
  pupilSheet,
  type BenchQuestions,
  type Question,
  type Sheet,
} from '@diatonix/core';
import { nameProblem, type KnownAnswer, type ListedName } from '@diatonix/server/class';
import type { Document } from '../../documents/store/document';
import type { PileBody } from '../../documents/kinds/pile/type';
import type { SheetBody } from '../../documents/kinds/sheet/type';
import { lastEntries, versionsOf } from '../../documents/marking/markPile';
import { pileOf } from '../../documents/marking/pileOf';
import { specOf } from '../../documents/kinds/sheet/spec';
import { useDocuments } from '../../documents/store/store';
import type { OpenRoom } from './store';

const textOf = (sheet: Sheet) => printPupilsFile({ sheets: [pupilSheet(sheet)], practice: false });

/** The text of each version without answers; null where the pile is not in the open workbook. */
export function sheetTexts(room: OpenRoom): string[] | null {
  if (room.pile === null) return [];
  const found = pileIn(room);
  if (!found) return null;
  const { sheet } = found;
  return Array.from({ length: sheet.versions }, (_, version) =>
    textOf(makeSheet(specOf(sheet, null), version)),
  );
}

/** The pile of a class, where it is in the open workbook. */
export function pileIn({ pile }: OpenRoom): PileBody | null {
  const found = pile === null ? undefined : useDocuments.getState().documents[pile];
  return found?.kind === 'pile' ? found.body : null;
}

/** The names that are known with their versions: those of the pile, on which the class's own are from the beginning. */
export const namesOf = (room: OpenRoom): ListedName[] =>
  (pileIn(room)?.pupils ?? [])
    .filter(({ name }) => nameProblem(name) === null)
    .map(({ name, version }) => ({ name, version }));

/** What a pupil of a pile has answered in the class, for a page that has nothing of it. */
export function answersBefore(pile: PileBody, pupil: string): KnownAnswer[] {
  const version = pile.pupils.find(({ id }) => id === pupil)?.version ?? 0;
  const own = lastEntries(pile.entries).get(pupil);
  return (versionsOf(pile)[version] ?? []).flatMap(({ id, label }) => {
    const entry = own?.get(id);
    return entry?.by === 'class' && entry.answer !== '' ? [{ question: label, text: entry.answer }] : [];
  });
}

/** The pile that the answers go to: the logbook of the class has it. */
export function pileFor({ classId: _, ...sheet }: SheetBody, forClass: Document<'class'> | null): PileBody {
  return pileOf(forClass ? { ...sheet, classId: forClass.id } : sheet, forClass?.body ?? null);
}

/** The first of these questions, and its text as a sheet of its own; null where there is none. */
export function quickSheet({
  kind,
  questions: [first],
}: BenchQuestions): { readonly question: Question; readonly sheet: string } | null {
  if (!first) return null;
  const { given, answers } = first;
  const pinned = [{ given, place: 0, ...(answers ? { answers } : {}) }];
  const section = { kind, count: 1, marks: 1, material: {}, seed: 0, exchanged: [], pinned };
  const sheet = makeSheet({ title: '', seed: 0, sections: [section] }, 0);
  return { question: sheet.sections[0]!.questions[0]!, sheet: textOf(sheet) };
}
