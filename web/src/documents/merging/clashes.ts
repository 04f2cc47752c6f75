import { sameValue } from '@diatonix/core';
import type { Clash, Path } from './part';

/** A value that does not stand; without one, its side deleted the part. */
export interface OtherValue {
  readonly value?: unknown;
}

/** What two tabs did to one part of a document, kept until somebody chooses. */
export interface ClashRow {
  /** Workbook, document and path. */
  readonly id: string;
  readonly workbook: string;
  /** The document's id; empty for the name of the workbook itself. */
  readonly document: string;
  readonly path: Path;
  /** What stands in the document, and everything else that was there. */
  readonly stands: OtherValue;
  readonly others: readonly OtherValue[];
  /** Milliseconds since 1970. */
  readonly at: number;
}

const boxed = (value: unknown): OtherValue => (value === undefined ? {} : { value });

/** A clash as it is kept: with what was kept of the same part before, so that no value is dropped. */
export function clashRow(
  workbook: string,
  document: string,
  { path, stands, other }: Clash,
  before: ClashRow | undefined,
  at: number,
): ClashRow {
  const now = boxed(stands);
  const all = [...(before ? [...before.others, before.stands] : []), boxed(other)];
  const others: OtherValue[] = [];
  for (const one of all)
    if (!sameValue(one, now) && !others.some((known) => sameValue(known, one))) others.push(one);
  return { id: clashId(workbook, document, path), workbook, document, path, stands: now, others, at };
}

export const clashId = (workbook: string, document: string, path: Path): string =>
  [workbook, document, ...path].join('\n');
