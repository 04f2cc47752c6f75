import { splitWorkbook, type RawDocument, type RawWorkbook } from './split';
import { anyChromatic, record, withUpbeat, WORKBOOK_STEPS, type Body } from './steps';
import { VERSION } from './version';

/** From this version on, a workbook comes in documents. */
const IN_DOCUMENTS = 5;

/** Steps of single documents by the version that they start from, then by kind; frozen like those of workbooks. */
const DOCUMENT_STEPS: Readonly<Record<number, Readonly<Record<string, (body: Body) => Body>>>> = {
  5: { sheet: anyChromatic },
  6: { progression: withUpbeat },
};

/** A workbook of any version, in documents of today's shape that are still to be checked. */
export function migrateWorkbook(body: unknown, version: number, place: unknown = {}): RawWorkbook {
  let current = record(body);
  for (let from = version; from < IN_DOCUMENTS - 1; from++)
    current = WORKBOOK_STEPS[from]?.(current) ?? current;
  if (version < IN_DOCUMENTS) return migrated(splitWorkbook(current, record(place)), IN_DOCUMENTS);
  const { title, documents } = current;
  const list = Array.isArray(documents) ? documents.map((one) => rawDocument(one)) : [];
  return migrated({ title, documents: list, desk: {} }, version);
}

function rawDocument(one: unknown): RawDocument {
  const { id, kind, body } = record(one);
  return { id, kind, body };
}

function migrated(workbook: RawWorkbook, version: number): RawWorkbook {
  return {
    ...workbook,
    documents: workbook.documents.map((one) => ({ ...one, body: migrateBody(one.kind, one.body, version) })),
  };
}

/** The body of one document of any version, brought up to date; still to be checked. */
export function migrateBody(kind: unknown, body: unknown, version: number): unknown {
  let current = body;
  for (let from = version; from < VERSION; from++) {
    const step = DOCUMENT_STEPS[from]?.[String(kind)];
    if (step && typeof current === 'object' && current !== null) current = step(current as Body);
  }
  return current;
}

/**
 * The version of a workbook that was saved without one, by what it holds: rows of the browser's database had
 * none before version 5.
 */
export function versionOf(workbook: unknown): number {
  const body = record(workbook);
  const list = Array.isArray(body['progressions']) ? body['progressions'].map(record) : [];
  if (!('intervals' in body)) return 1;
  if (!('classes' in body)) return 2;
  return list.some((one) => !('weights' in one)) ? 3 : 4;
}
