import { database } from '../persistence/database';
import type { Document } from '../store/document';
import { edit, renameWorkbook } from '../store/store';
import type { ClashRow, OtherValue } from './clashes';
import { withPut } from './mergeDocuments';

/** Ends a clash: what stands is kept, or a value that does not is put in its place as an edit that can be undone. */
export async function choose(row: ClashRow, other: OtherValue | null): Promise<void> {
  if (other !== null) put(row, other);
  await database().clashes.delete(row.id);
}

function put({ document, path }: ClashRow, { value }: OtherValue): void {
  if (document === '') return renameWorkbook(String(value));
  edit('the choice between two tabs', (documents) => {
    const found = documents[document];
    if (!found) return documents;
    const next: Record<string, Document> = { ...documents };
    const chosen = withPut(found, path, value);
    if (chosen) next[document] = chosen;
    else delete next[document];
    return next;
  });
}
