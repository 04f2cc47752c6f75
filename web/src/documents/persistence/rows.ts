import Dexie from 'dexie';
import type { Admitted } from './admit';
import { asideRow } from './asideRows';
import { database, type DocumentRow, type WorkbookRow } from './database';
import { nameOf, type Document } from '../store/document';
import { clashId, clashRow } from '../merging/clashes';
import { mergeDocuments } from '../merging/mergeDocuments';
import type { Clash } from '../merging/part';
import { migrateBody } from '../migrations/migrate';
import { VERSION } from '../migrations/version';
import { checksumOf } from './checksum';
import { fetchScript } from '../../fetchScript';

/** A workbook as it was read: its row, its sound documents with the stamps of their rows, and what is set aside. */
export interface ReadWorkbook extends Admitted {
  readonly row: WorkbookRow;
  readonly stamps: ReadonlyMap<string, number>;
}

/**
 * Reads a workbook; undefined where it is not there or was deleted. What cannot be read of it goes to where it is kept
 * until the teacher deletes it. Rejects where storage is blocked.
 */
export async function readWorkbook(id: string): Promise<ReadWorkbook | undefined> {
  const row = await database().workbooks.get(id);
  if (!row || row.deletedAt !== null) return undefined;
  const rows = await rowsSince(id, 0);
  const living = rows.filter(({ deleted }) => !deleted);
  const admitted = await admitRows(living);
  const { documents, aside, mended } = admitted;
  const read = new Set(documents.map((one) => one.id));
  const settled = await settle(row, living, admitted);
  // What was not read has not been taken: whatever is saved in its place meets it as the work of another.
  const stamps = new Map(
    rows
      .filter((one) => one.deleted || read.has(one.id))
      .map((one) => [one.id, mended.has(one.id) ? settled : one.stamp]),
  );
  return { row: settled > row.stamp ? { ...row, stamp: settled } : row, documents, aside, mended, stamps };
}

/**
 * Puts what could not be read where it is kept, and the mended documents in the place of their rows; in one
 * transaction, so that nothing is gone in between. A document of a newer version stays where it is. Gives the stamp
 * of the rows that were written.
 */
async function settle(row: WorkbookRow, rows: readonly DocumentRow[], admitted: Admitted): Promise<number> {
  const { documents, aside, mended } = admitted;
  if (aside.length === 0 && mended.size === 0) return row.stamp;
  const broken = rows.filter(
    ({ id, version }) => version <= VERSION && !documents.some((one) => one.id === id),
  );
  const sound = documents.filter(({ id }) => mended.has(id));
  if (broken.length + sound.length === 0) return row.stamp;
  const db = database();
  return db.transaction('rw', db.workbooks, db.documents, db.aside, async () => {
    const now = await db.workbooks.get(row.id);
    const stamp = (now?.stamp ?? row.stamp) + 1;
    for (const one of aside)
      if (!rows.some(({ id, version }) => id === one.id && version > VERSION))
        await db.aside.put(asideRow(row.id, one, Date.now()));
    for (const { id, kind, order } of broken) {
      const gone = { id, kind, order, body: null };
      await db.documents.put({ ...sealed(row.id, gone, stamp, ''), deleted: true });
    }
    for (const document of sound) await db.documents.put(sealed(row.id, document, stamp, ''));
    await db.workbooks.update(row.id, { stamp });
    return stamp;
  });
}

/** A row as it is written by this version of the page. */
function sealed(
  workbook: string,
  { id, kind, order, body }: Pick<DocumentRow, 'id' | 'kind' | 'order' | 'body'>,
  stamp: number,
  tab: string,
): DocumentRow {
  const seal = checksumOf(VERSION, kind, body);
  return { workbook, id, kind, version: VERSION, order, stamp, tab, deleted: false, body, seal };
}

/** Rows of a workbook with a higher stamp, deleted ones too. */
export function rowsSince(workbook: string, stamp: number): Promise<DocumentRow[]> {
  return database()
    .documents.where('[workbook+stamp]')
    .between([workbook, stamp], [workbook, Dexie.maxKey], false, true)
    .toArray();
}

/** Which rows of a workbook have a higher stamp, and what theirs is; nothing of what they hold is read. */
export async function stampsSince(
  workbook: string,
  stamp: number,
): Promise<{ readonly workbook: string; readonly id: string; readonly stamp: number }[]> {
  const found: { workbook: string; id: string; stamp: number }[] = [];
  await database()
    .documents.where('[workbook+stamp]')
    .between([workbook, stamp], [workbook, Dexie.maxKey], false, true)
    .eachPrimaryKey(([, id], { key }) => found.push({ workbook, id, stamp: (key as [string, number])[1] }));
  return found;
}

/**
 * Rows of any version, brought up to date and checked one by one. One that carries its seal was checked when it
 * was written; for the others the checks are loaded.
 */
export async function admitRows(rows: readonly DocumentRow[]): Promise<Admitted> {
  const documents: Document[] = [];
  const doubtful: DocumentRow[] = [];
  for (const row of rows) {
    if (isSealed(row)) documents.push(documentOf(row));
    else doubtful.push(row);
  }
  if (doubtful.length === 0) return { documents, aside: [], mended: new Set() };
  const { admit } = await fetchScript(() => import('./admit'));
  const checked = admit(
    doubtful.map(({ id, kind, order, version, body }) => {
      const known = typeof version === 'number' && version <= VERSION;
      return {
        id,
        kind: known ? kind : `${String(kind)} of a newer version`,
        order,
        body: migrateBody(kind, body, known ? version : VERSION),
      };
    }),
  );
  return { ...checked, documents: [...documents, ...checked.documents] };
}

/** Whether a row was checked when it was written, by this version of the page, and has not been touched since. */
const isSealed = ({ version, kind, body, seal }: DocumentRow): boolean =>
  version === VERSION && seal !== undefined && seal === checksumOf(version, kind, body);

const documentOf = ({ id, kind, order, body }: DocumentRow): Document =>
  ({ id, kind, order, body }) as Document;

/** A document as it is to be saved; `base` is what the tab last read or wrote of it, null where it is new. */
export interface Unsaved {
  readonly id: string;
  readonly now: Document | null;
  readonly base: { readonly document: Document | null; readonly stamp: number } | null;
}

/** What stands in the database after a save: the documents that were merged with those of another tab. */
export interface Saved {
  readonly stamp: number;
  readonly title: string;
  readonly merged: readonly { readonly id: string; readonly document: Document | null }[];
  /** Whether both tabs had changed one part to something else. */
  readonly isClash: boolean;
}

/** The header of a workbook as it is saved with its documents; `titleWas` is the name as the tab last knew it. */
export type HeaderToSave = Pick<WorkbookRow, 'id' | 'title' | 'writtenAt'> & { readonly titleWas?: string };

/**
 * Saves what changed, in one transaction: only the rows of those documents, and the workbook's own. Where
 * another tab wrote a document meanwhile, the two are merged part by part; what both changed to something else is
 * kept with both values until somebody chooses. `found` are clashes that the tab met itself. Rejects where storage is
 * full or blocked.
 */
export async function saveDocuments(
  { titleWas, ...header }: HeaderToSave,
  unsaved: readonly Unsaved[],
  tab: string,
  found: readonly FoundClash[] = [],
): Promise<Saved> {
  const db = database();
  return db.transaction('rw', db.workbooks, db.documents, db.clashes, db.aside, async () => {
    const old = await db.workbooks.get(header.id);
    const now = Date.now();
    const stamp = (old?.stamp ?? 0) + 1;
    const clashes = [...found];
    const title = titleOf(header.title, titleWas, old?.title, clashes);
    await db.workbooks.put({
      openedAt: now,
      ...old,
      ...header,
      title,
      changedAt: unsaved.length > 0 ? now : (old?.changedAt ?? now),
      stamp,
      deletedAt: null,
    });
    const merged: { id: string; document: Document | null }[] = [];
    for (const one of unsaved) {
      const row = await db.documents.get([header.id, one.id]);
      if (row && isForeign(row, one) && !row.deleted && !isSealed(row))
        await db.aside.put(asideRow(header.id, unread(row), now));
      const { document, row: next } = rowOf(header.id, one, row, stamp, tab, clashes);
      await db.documents.put(next);
      if (document !== one.now) merged.push({ id: one.id, document });
    }
    for (const { document, clash } of clashes) {
      const before = await db.clashes.get(clashId(header.id, document, clash.path));
      await db.clashes.put(clashRow(header.id, document, clash, before, now));
    }
    return { stamp, title, merged, isClash: clashes.length > 0 };
  });
}

/** A clash with the id of its document; empty for the name of the workbook. */
export interface FoundClash {
  readonly document: string;
  readonly clash: Clash;
}

/** The name of the workbook: what only one tab wrote stands, and of two names the later, with the other kept. */
function titleOf(
  mine: string,
  was: string | undefined,
  theirs: string | undefined,
  clashes: FoundClash[],
): string {
  if (was === undefined || theirs === undefined || theirs === was || theirs === mine) return mine;
  if (mine === was) return theirs;
  clashes.push({ document: '', clash: { path: ['title'], stands: mine, other: theirs } });
  return mine;
}

/** What another page wrote that cannot be merged here: a newer version, or something that was changed by hand. */
const unread = ({ id, kind, body, version }: DocumentRow) => ({
  id,
  name: nameOf({ kind, body }),
  reasons: [
    version > VERSION
      ? 'A newer Diatonix wrote it, and this page was changed here.'
      : 'It was changed by another program, and here as well.',
  ],
  raw: { id, kind, version, body },
});

/** Whether a row was written after what this tab knows of it. */
const isForeign = (row: DocumentRow, { base }: Unsaved): boolean => row.stamp > (base?.stamp ?? 0);

function rowOf(
  workbook: string,
  one: Unsaved,
  row: DocumentRow | undefined,
  stamp: number,
  tab: string,
  clashes: FoundClash[],
): { readonly row: DocumentRow; readonly document: Document | null } {
  const { id, now, base } = one;
  const meets = row !== undefined && isForeign(row, one);
  const theirs = meets && !row.deleted && isSealed(row) ? documentOf(row) : null;
  // What cannot be read, or came from an older page, gives way to what was edited here.
  const isReadable = meets && (row.deleted || theirs !== null);
  const both =
    isReadable && row
      ? mergeDocuments({ base: base?.document ?? null, theirs, mine: now })
      : { document: now, clashes: [] };
  clashes.push(...both.clashes.map((clash) => ({ document: id, clash })));
  const { document } = both;
  const { kind, order } = document ?? now ?? base?.document ?? row ?? { kind: '', order: 0 };
  // Of what was deleted nothing stays but the mark.
  const next = sealed(workbook, { id, kind, order, body: document?.body ?? null }, stamp, tab);
  return { row: document === null ? { ...next, deleted: true } : next, document };
}
