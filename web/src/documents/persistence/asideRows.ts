import { database, type AsideRow } from './database';
import { checksumOf } from './checksum';
import type { SetAside } from '../store/store';

/** What is set aside of a workbook as a row; the same thing found again is the same row. */
export function asideRow(workbook: string, { id, name, reasons, raw }: SetAside, at: number): AsideRow {
  return { id: `${workbook}\n${id}\n${checksumOf(0, '', raw)}`, workbook, name, reasons, raw, at };
}

/** Everything that is set aside, the latest first. Rejects where storage is blocked. */
export async function listAside(): Promise<AsideRow[]> {
  return (await database().aside.toArray()).sort((a, b) => b.at - a.at);
}

/** Keeps what is set aside until the teacher deletes it. */
export async function keepAside(workbook: string, aside: readonly SetAside[]): Promise<void> {
  const now = Date.now();
  await database().aside.bulkPut(aside.map((one) => asideRow(workbook, one, now)));
}

/** Deletes for good what was set aside. */
export async function deleteAside(ids: readonly string[]): Promise<void> {
  await database().aside.bulkDelete([...ids]);
}
