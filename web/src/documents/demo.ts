import demo from '@diatonix/demo/workbook.json';
import type { Document } from './document';

/** The demo workbook that ships with the page. A test checks that it is sound. */
export function demoWorkbook(): { readonly title: string; readonly documents: readonly Document[] } {
  const { title, documents } = demo.workbook;
  return {
    title,
    documents: documents.map((one, at) => ({ ...one, order: at + 1 })) as unknown as Document[],
  };
}
