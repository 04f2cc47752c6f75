import address from '@diatonix/demo/workbook.json?url';
import { fetchScript } from '../../fetchScript';
import type { Document } from '../store/document';

/** A workbook as it ships: not yet on anybody's desk. */
export interface ShippedWorkbook {
  readonly title: string;
  readonly documents: readonly Document[];
}

/**
 * Fetches the demo workbook that ships with the page. A test checks that it is sound.
 * @throws {ScriptMissing} when it does not come
 */
export function fetchDemo(): Promise<ShippedWorkbook> {
  return fetchScript(async () => {
    const answer = await fetch(address);
    if (!answer.ok) throw new Error(`${answer.status}`);
    return demoOf((await answer.json()) as DemoFile);
  });
}

interface DemoFile {
  readonly workbook: { readonly title: string; readonly documents: readonly object[] };
}

/** The demo workbook of its file, its documents in their order. */
export function demoOf({ workbook: { title, documents } }: DemoFile): ShippedWorkbook {
  return {
    title,
    documents: documents.map((one, at) => ({ ...one, order: at + 1 })) as unknown as Document[],
  };
}
