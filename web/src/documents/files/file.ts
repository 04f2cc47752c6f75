import type { Document } from '../store/document';
import { documentsOf } from '../store/select';
import { MANY_KINDS, SINGLE_KINDS, type Documents } from '../store/document';
import { VERSION } from '../migrations/version';

export const FILE_FORMAT = 'diatonix-workbook';

/** The workbook as a file: JSON with its format's name and version, its documents in their order. */
export function workbookToFile(title: string, documents: Documents): string {
  const ordered: readonly Document[] = [
    ...SINGLE_KINDS.flatMap((kind) => documents[kind] ?? []),
    ...MANY_KINDS.flatMap((kind) => documentsOf(documents, kind)),
  ];
  const workbook = { title, documents: ordered.map(({ id, kind, body }) => ({ id, kind, body })) };
  return `${JSON.stringify({ format: FILE_FORMAT, version: VERSION, workbook }, null, 2)}\n`;
}
