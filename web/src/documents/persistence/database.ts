import Dexie, { type EntityTable, type Table, type Transaction } from 'dexie';
import { migrateWorkbook, versionOf } from '../migrations/migrate';
import { VERSION } from '../migrations/version';
import type { ClashRow } from '../merging/clashes';
import { record } from '../migrations/steps';

/** A workbook in the list: its name and dates; what it holds are documents. */
export interface WorkbookRow {
  readonly id: string;
  readonly title: string;
  /** Milliseconds since 1970. */
  readonly openedAt: number;
  readonly changedAt: number;
  readonly writtenAt: number | null;
  /** Counts the writes to its documents; every row carries that of its last. */
  readonly stamp: number;
  readonly deletedAt: number | null;
}

/** One document, saved by itself. A deleted one stays as a mark, so that every tab learns of it. */
export interface DocumentRow {
  readonly workbook: string;
  readonly id: string;
  readonly kind: string;
  readonly version: number;
  readonly order: number;
  readonly stamp: number;
  /** The tab that wrote it. */
  readonly tab: string;
  readonly deleted: boolean;
  readonly body: unknown;
  /** Says that the body was checked when it was written; a row without it is checked when it is read. */
  readonly seal?: number;
}

/** What could not be read, as it was found: it stays until the teacher deletes it. */
export interface AsideRow {
  /** Workbook, document, and a mark of what it holds, so that the same thing is kept once. */
  readonly id: string;
  /** The workbook that it was found in; empty for a whole workbook. */
  readonly workbook: string;
  readonly name: string;
  readonly reasons: readonly string[];
  readonly raw: unknown;
  /** Milliseconds since 1970. */
  readonly at: number;
}

/** An answer that is being typed on the Marking bench and was not entered yet. */
export interface DraftRow {
  /** Workbook, pile, pupil and question. */
  readonly id: string;
  readonly pile: string;
  readonly pupil: string;
  readonly question: string;
  readonly text: string;
}

interface DeskRow {
  readonly workbook: string;
  readonly desk: unknown;
}

interface SettingRow {
  readonly name: string;
  readonly value: unknown;
}

export type Database = Dexie & {
  workbooks: EntityTable<WorkbookRow, 'id'>;
  documents: Table<DocumentRow, [string, string]>;
  desks: EntityTable<DeskRow, 'workbook'>;
  aside: EntityTable<AsideRow, 'id'>;
  clashes: EntityTable<ClashRow, 'id'>;
  drafts: EntityTable<DraftRow, 'id'>;
  settings: EntityTable<SettingRow, 'name'>;
};

let opened: Database | null = null;

/** The browser's database. A change of shape gets a new version with an upgrade; old versions stay listed. */
export function database(): Database {
  if (!opened) {
    // What is told to be saved is on the disk, not on its way there.
    opened = new Dexie('diatonix', {
      chromeTransactionDurability: 'strict',
      // Nothing is asked for twice that is worth being remembered.
      cache: 'disabled',
    }) as Database;
    opened.version(1).stores({ workbooks: 'id, savedAt', settings: 'name' });
    // Versions 2 and 3 changed what stood in the rows; it is brought up to date from any of them at once.
    opened.version(2);
    opened.version(3);
    opened
      .version(4)
      .stores({
        workbooks: 'id, openedAt',
        documents: '[workbook+id], [workbook+stamp]',
        desks: 'workbook',
        lost: '++id',
      })
      .upgrade(splitRows);
    opened
      .version(5)
      .stores({ lost: null, aside: 'id, workbook', clashes: 'id, workbook', drafts: 'id, pile' })
      .upgrade(moveLost);
  }
  return opened;
}

/** Forgets the connection, so that the next call opens it anew. */
export function closeDatabase(): void {
  opened?.close();
  opened = null;
}

/**
 * Every workbook that was one row becomes a row of its own and its documents. A row that cannot be read is kept
 * as it was.
 */
async function splitRows(transaction: Transaction): Promise<void> {
  const rows: unknown[] = await transaction.table('workbooks').toArray();
  await transaction.table('workbooks').clear();
  for (const row of rows) {
    try {
      const { id, savedAt, workbook, place } = record(row);
      if (typeof id !== 'string' || typeof workbook !== 'object' || workbook === null)
        throw new Error('The row holds no workbook.');
      const { title, documents, desk } = migrateWorkbook(workbook, versionOf(workbook), place);
      const at = typeof savedAt === 'number' ? savedAt : 0;
      await transaction.table<WorkbookRow>('workbooks').put({
        id,
        title: typeof title === 'string' ? title : 'Workbook',
        openedAt: at,
        changedAt: at,
        writtenAt: null,
        stamp: 1,
        deletedAt: null,
      });
      await transaction.table<DocumentRow>('documents').bulkPut(
        documents.map((one, order) => ({
          workbook: id,
          id: String(one.id),
          kind: String(one.kind),
          version: VERSION,
          order: order + 1,
          stamp: 1,
          tab: '',
          deleted: false,
          body: one.body,
        })),
      );
      await transaction.table('desks').put({ workbook: id, desk });
    } catch (error) {
      await transaction.table('lost').add({ why: String(error), raw: row });
    }
  }
}

/** Rows that an older page could not read stand with everything else that is set aside. */
async function moveLost(transaction: Transaction): Promise<void> {
  const lost: unknown[] = await transaction.table('lost').toArray();
  const at = Date.now();
  for (const [place, row] of lost.entries()) {
    const { why, raw } = record(row);
    await transaction.table<AsideRow>('aside').put({
      ...{ id: `lost ${place}`, workbook: '', name: 'a workbook', reasons: [String(why)], raw, at },
    });
  }
}

export async function readSetting<T>(name: string): Promise<T | undefined> {
  return (await database().settings.get(name))?.value as T | undefined;
}

export async function writeSetting(name: string, value: unknown): Promise<void> {
  await database().settings.put({ name, value });
}
