import type { Document, Documents, DocumentKind } from '../store/document';
import { download, fileName } from '../files/download';
import { workbookToFile } from '../files/file';
import { readWorkbookFile, type FileResult } from '../files/importFile';
import type { PileBody } from '../kinds/pile/type';
import type { SchoolClass } from '../kinds/schoolClass/type';
import { entryKey } from '../kinds/pile/merge';
import { byId } from '../store/select';
import { edit, useDocuments } from '../store/store';

const KINDS: readonly DocumentKind[] = ['class', 'pile', 'plan'];

/** A class with its piles and plans, as a workbook file that holds nothing else. */
export function logbookToFile(documents: Documents, classId: string): string {
  const own = Object.values(documents).filter(
    (one) =>
      one.id === classId || ((one.kind === 'pile' || one.kind === 'plan') && one.body.classId === classId),
  );
  return workbookToFile(logbookTitle(documents, classId), byId(own));
}

function logbookTitle(documents: Documents, classId: string): string {
  const found = documents[classId];
  return `Logbook, ${(found?.kind === 'class' && found.body.name.trim()) || 'class'}`;
}

/** Hands the logbook of a class to the browser to save. */
export function saveLogbook(classId: string): void {
  const { documents } = useDocuments.getState();
  const name = fileName(logbookTitle(documents, classId));
  download(logbookToFile(documents, classId), `${name}.diatonix.json`, 'application/json');
}

/** What came in with a logbook. */
export interface TakenIn {
  readonly added: number;
  readonly answers: number;
  readonly documents: Documents;
}

/**
 * Takes the classes, piles and plans of a file in beside what is there: nothing is replaced. Of a pile that is
 * here already the answers that are wanting are added, of a class its pupils and lessons; an answer that is
 * here counts once.
 */
export function withLogbook(here: Documents, read: readonly Document[]): TakenIn {
  const documents: Record<string, Document> = { ...here };
  let [added, answers] = [0, 0];
  for (const one of read) {
    if (!KINDS.includes(one.kind)) continue;
    const known = documents[one.id];
    if (!known) {
      const orders = Object.values(documents).map((other) => (other.kind === one.kind ? other.order : 0));
      const order = 1 + Math.max(0, ...orders);
      documents[one.id] = { ...one, order };
      added++;
      if (one.kind === 'pile') answers += one.body.entries.length;
    } else if (known.kind === 'pile' && one.kind === 'pile') {
      const body = withAnswers(known.body, one.body);
      answers += body.entries.length - known.body.entries.length;
      if (body !== known.body) documents[one.id] = { ...known, body };
    } else if (known.kind === 'class' && one.kind === 'class') {
      const body = withPeople(known.body, one.body);
      if (body !== known.body) documents[one.id] = { ...known, body };
    }
  }
  return { added, answers, documents };
}

/** A pile with the pupils and answers of another writing of it; answers in the order in which they were entered. */
function withAnswers(here: PileBody, there: PileBody): PileBody {
  const known = new Set(here.entries.map(entryKey));
  const entries = there.entries.filter((one) => !known.has(entryKey(one)));
  const pupils = newOnes(here.pupils, there.pupils);
  if (entries.length === 0 && pupils.length === 0) return here;
  return {
    ...here,
    pupils: [...here.pupils, ...pupils],
    entries: [...here.entries, ...entries].sort((a, b) => a.at - b.at),
  };
}

function withPeople(here: SchoolClass, there: SchoolClass): SchoolClass {
  const pupils = newOnes(here.pupils ?? [], there.pupils ?? []);
  const lessons = newOnes(here.lessons ?? [], there.lessons ?? []);
  if (pupils.length === 0 && lessons.length === 0) return here;
  return {
    ...here,
    pupils: [...(here.pupils ?? []), ...pupils],
    lessons: [...(here.lessons ?? []), ...lessons],
  };
}

function newOnes<T extends { readonly id: string }>(here: readonly T[], there: readonly T[]): T[] {
  const known = new Set(here.map(({ id }) => id));
  return there.filter(({ id }) => !known.has(id));
}

/** Takes a logbook in from a file; says what came, or why nothing did. */
export async function takeLogbook(file: File): Promise<FileResult<string>> {
  const read = await readWorkbookFile(file);
  if (!read.ok) return read;
  const { documents: found, aside } = read.value;
  if (!found.some(({ kind }) => KINDS.includes(kind)))
    return {
      ok: false,
      message: `“${file.name}”: this workbook holds no class, no pile and no plan. Choose a saved logbook.`,
    };
  let taken: TakenIn | null = null;
  edit('the logbook that was taken in', (documents) => (taken = withLogbook(documents, found)).documents);
  const { added, answers } = taken ?? { added: 0, answers: 0 };
  const left = aside.length === 0 ? '' : ` ${aside.length} could not be read and were left out.`;
  return {
    ok: true,
    value:
      added + answers === 0
        ? `Everything in “${file.name}” is here already.${left}`
        : `Taken in from “${file.name}”: ${counted(added, 'document')}, ${counted(answers, 'answer')}.${left}`,
  };
}

const counted = (count: number, noun: string) => `${count} ${noun}${count === 1 ? '' : 's'}`;
