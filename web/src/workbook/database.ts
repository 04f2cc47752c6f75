import Dexie, { type EntityTable, type Transaction } from 'dexie';
import { migrateWorkbook } from './migrate';
import type { Place, Workbook } from './model';

export interface WorkbookRow {
  readonly id: string;
  readonly savedAt: number;
  readonly workbook: Workbook;
  readonly place: Place;
}

interface SettingRow {
  readonly name: string;
  readonly value: unknown;
}

type Database = Dexie & {
  workbooks: EntityTable<WorkbookRow, 'id'>;
  settings: EntityTable<SettingRow, 'name'>;
};

let opened: Database | null = null;

/** The browser's database. A change of shape gets a new version with an upgrade; old versions stay listed. */
function database(): Database {
  if (!opened) {
    opened = new Dexie('diatonix') as Database;
    opened.version(1).stores({ workbooks: 'id, savedAt', settings: 'name' });
    for (const version of [2, 3]) opened.version(version).upgrade(upgradeTo(version));
  }
  return opened;
}

/** The step of one version, for every saved workbook. */
function upgradeTo(version: number) {
  return (transaction: Transaction) =>
    transaction
      .table('workbooks')
      .toCollection()
      .modify((row: { workbook: unknown }) => {
        row.workbook = migrateWorkbook(row.workbook, version - 1, version);
      });
}

/** The workbook saved last, or undefined on a new machine. Rejects where storage is blocked. */
export async function latestWorkbook(): Promise<WorkbookRow | undefined> {
  return database().workbooks.orderBy('savedAt').last();
}

/** Saves a workbook. Rejects where storage is full or blocked. */
export async function saveWorkbook(workbook: Workbook, place: Place): Promise<void> {
  await database().workbooks.put({ id: workbook.id, savedAt: Date.now(), workbook, place });
}

export async function readSetting<T>(name: string): Promise<T | undefined> {
  return (await database().settings.get(name))?.value as T | undefined;
}

export async function writeSetting(name: string, value: unknown): Promise<void> {
  await database().settings.put({ name, value });
}
