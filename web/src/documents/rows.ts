import Dexie from 'dexie';
import type { Admitted } from './admit';
import { database, type DocumentRow, type WorkbookRow } from './database';
import type { Document, Documents } from './document';
import { mergeBodies } from './merge';
import { migrateBody } from './migrations/migrate';
import { VERSION } from './migrations/version';
import { sealOf } from './seal';
import { fetchScript } from '../fetchScript';

/** A workbook as it was read: its row, its sound documents with the stamps of their rows, and what is set aside. */
export interface ReadWorkbook extends Admitted {
  readonly row: WorkbookRow;
  readonly stamps: ReadonlyMap<string, number>;
}

/** Reads a workbook; undefined where it is not there or was deleted. Rejects where storage is blocked. */
export async function readWorkbook(id: string): Promise<ReadWorkbook | undefined> {
  const row = await database().workbooks.get(id);
  if (!row || row.deletedAt !== null) return undefined;
  const rows = await rowsSince(id, 0);
  const living = rows.filter(({ deleted }) => !deleted);
  const { documents, aside } = await admitRows(living);
  return { row, documents, aside, stamps: new Map(rows.map((one) => [one.id, one.stamp])) };
}

/** Rows of a workbook with a higher stamp, deleted ones too. */
export function rowsSince(workbook: string, stamp: number): Promise<DocumentRow[]> {
  return database()
    .documents.where('[workbook+stamp]')
    .between([workbook, stamp], [workbook, Dexie.maxKey], false, true)
    .toArray();
}

/**
 * Rows of any version, brought up to date and checked one by one. One that carries its seal was checked when it
 * was written; for the others the checks are loaded.
 */
export async function admitRows(rows: readonly DocumentRow[]): Promise<Admitted> {
  const documents: Document[] = [];
  const doubtful: DocumentRow[] = [];
  for (const row of rows) {
    const { id, kind, order, version, body, seal } = row;
    if (version === VERSION && seal !== undefined && seal === sealOf(version, kind, body))
      documents.push({ id, kind, order, body } as Document);
    else doubtful.push(row);
  }
  if (doubtful.length === 0) return { documents, aside: [] };
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
  return { documents: [...documents, ...checked.documents], aside: checked.aside };
}

/** A document as it is to be saved; `base` is what the tab last read or wrote of it, null where it is new. */
export interface Unsaved {
  readonly id: string;
  readonly now: Document | null;
  readonly base: { readonly document: Document | null; readonly stamp: number } | null;
}

/** What stands in the database after a save: the documents that were merged with those of another tab. */
export interface Saved {
  readonly stamp: number;
  readonly merged: Documents;
}

/** The header of a workbook as it is saved with its documents. */
export type HeaderToSave = Pick<WorkbookRow, 'id' | 'title' | 'writtenAt'>;

/**
 * Saves what changed, in one transaction: only the rows of those documents, and the workbook's own. Where
 * another tab wrote a document meanwhile, fields that only one of the two changed are both kept, and of those
 * that both changed this later edit stands, with the other tab's name so that it is told. Rejects where
 * storage is full or blocked.
 */
export async function saveDocuments(
  header: HeaderToSave,
  unsaved: readonly Unsaved[],
  tab: string,
): Promise<Saved> {
  const db = database();
  return db.transaction('rw', db.workbooks, db.documents, async () => {
    const old = await db.workbooks.get(header.id);
    const now = Date.now();
    const stamp = (old?.stamp ?? 0) + 1;
    await db.workbooks.put({
      openedAt: now,
      ...old,
      ...header,
      changedAt: unsaved.length > 0 ? now : (old?.changedAt ?? now),
      stamp,
      deletedAt: null,
    });
    const merged: Record<string, Document> = {};
    for (const one of unsaved) {
      const row = await db.documents.get([header.id, one.id]);
      await db.documents.put(rowOf(header.id, one, row, stamp, tab, merged));
    }
    return { stamp, merged };
  });
}

function rowOf(
  workbook: string,
  { id, now, base }: Unsaved,
  row: DocumentRow | undefined,
  stamp: number,
  tab: string,
  merged: Record<string, Document>,
): DocumentRow {
  const kind = now?.kind ?? base?.document?.kind ?? row?.kind ?? '';
  const order = now?.order ?? base?.document?.order ?? row?.order ?? 0;
  const sealed = (body: unknown, over?: string): DocumentRow => ({
    workbook,
    id,
    kind,
    version: VERSION,
    order,
    stamp,
    tab,
    deleted: now === null,
    body,
    seal: sealOf(VERSION, kind, body),
    ...(over === undefined ? {} : { over }),
  });
  const foreign = row !== undefined && row.tab !== tab && row.stamp > (base?.stamp ?? 0);
  // Of what was deleted nothing stays but the mark.
  if (!foreign) return sealed(now?.body ?? null);
  // What was deleted, or cannot be read as it stands, gives way to what was edited here.
  const theirs = row.deleted || row.version !== VERSION || row.kind !== kind ? null : row.body;
  if (now === null || theirs === null) return sealed(now?.body ?? null, row.tab);
  const { body, both } = mergeBodies(base?.document?.body ?? null, theirs, now.body);
  merged[id] = { ...now, body } as Document;
  return sealed(body, both ? row.tab : undefined);
}
