import { nanoid } from 'nanoid';

/** A new identity for a workbook, a progression or a column. */
export function newId(): string {
  return nanoid(10);
}
