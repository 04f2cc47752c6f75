/** The demo workbook and small helpers for the tests of what is made of it. */
import { addDocument, showWorkbook, useDocuments } from '../src/documents/store/store';
import demo from '@diatonix/demo/workbook.json';
import { demoOf } from '../src/documents/persistence/demo';
import {
  MANY_KINDS,
  SINGLE_KINDS,
  type Bodies,
  type Documents,
  type SingleKind,
} from '../src/documents/store/document';
import type { Scope } from '../src/documents/store/history';
import { FIRST_PROGRESSION, type Progression } from '../src/documents/kinds/progression/type';
import { byId, bodyOf, documentsOf } from '../src/documents/store/select';

export const DEMO = demoOf(demo);
export const DEMO_DOCUMENTS: Documents = byId(DEMO.documents);

/** The body of one of the demo's single documents. */
export const demoBody = <K extends SingleKind>(kind: K): Bodies[K] => bodyOf(DEMO_DOCUMENTS, kind);

/** The demo's progressions in order. */
export const DEMO_LINES: readonly Progression[] = documentsOf(DEMO_DOCUMENTS, 'progression').map(
  ({ body }) => body,
);

/** Puts the demo on the desk. */
export function showDemo(): void {
  showWorkbook({ id: 'demo', title: DEMO.title, writtenAt: null }, DEMO_DOCUMENTS);
}

/** Puts a workbook with one empty progression on the desk. */
export function showEmpty(): void {
  showWorkbook({ id: 'empty', title: 'New workbook', writtenAt: null }, {});
  addDocument('progression', 'p', { ...FIRST_PROGRESSION, title: 'Progression 1' }, 'the start');
  useDocuments.setState({ history: { past: [], future: [] } });
}

export const documentsNow = (): Documents => useDocuments.getState().documents;

/** The scope that undoes every edit, wherever it was made. */
export const everywhere = (): Scope => ({
  kinds: [...SINGLE_KINDS, ...MANY_KINDS],
  open: Object.keys(documentsNow()),
});
