import type { Document } from '../store/document';
import type { PileEntry } from '../kinds/pile/type';
import type { SetAside } from '../store/store';
import { workbookFromFile, type FileResult } from './workbookText';

/** What a workbook file holds, and in how many parts it is handed over. */
export interface WorkbookAhead {
  readonly title: string;
  readonly aside: readonly SetAside[];
  readonly parts: number;
}

/** A document, or more answers of the pile that came last. */
export type WorkbookPart = { readonly document: Document } | { readonly entries: readonly PileEntry[] };

/** So many answers are handed over at once: a page takes them in well within a frame or two. */
const ENTRIES_AT_ONCE = 4000;

let parts: WorkbookPart[] = [];

/** Reads a workbook file and keeps it, to be handed over part by part. */
export async function readWorkbookParts(file: File): Promise<FileResult<WorkbookAhead>> {
  const read = await workbookFromFile(await file.text(), file.name);
  if (!read.ok) return read;
  const { title, aside, documents } = read.value;
  parts = documents.flatMap(inParts);
  return { ok: true, value: { title, aside, parts: parts.length } };
}

function inParts(document: Document): WorkbookPart[] {
  if (document.kind !== 'pile' || document.body.entries.length <= ENTRIES_AT_ONCE) return [{ document }];
  const { entries } = document.body;
  const first = { ...document, body: { ...document.body, entries: entries.slice(0, ENTRIES_AT_ONCE) } };
  const rest: WorkbookPart[] = [];
  for (let at = ENTRIES_AT_ONCE; at < entries.length; at += ENTRIES_AT_ONCE)
    rest.push({ entries: entries.slice(at, at + ENTRIES_AT_ONCE) });
  return [{ document: first }, ...rest];
}

/** One part of the file that was read last; it is let go with that. */
export function workbookPart(at: number): WorkbookPart {
  const part = parts[at]!;
  delete parts[at];
  return part;
}

/** The tasks of reading a large workbook file behind the page. */
export interface WorkbookTasks {
  readonly [name: string]: (input: never) => unknown;
  readonly readWorkbookParts: typeof readWorkbookParts;
  readonly workbookPart: typeof workbookPart;
}
