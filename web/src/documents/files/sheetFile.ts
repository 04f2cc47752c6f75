import {
  makeSheet,
  printPupilsFile,
  pupilSheet,
  PUPILS_FORMAT,
  type PupilsFile,
  type SheetSpec,
  LIMITS,
} from '@diatonix/core';
import { checkBody } from '../checks/check';
import { anyChromatic, record } from '../migrations/steps';
import type { SheetBody } from '../kinds/sheet/type';
import type { FileResult } from './importFile';

export const SHEET_FORMAT = 'diatonix-sheet';
const VERSION = 2;

/** A sheet as a file of its own. The class stays behind: it is the workbook's. */
export function sheetToFile({ classId: _, ...sheet }: SheetBody): string {
  return JSON.stringify({ format: SHEET_FORMAT, version: VERSION, sheet }, null, 1);
}

/** Every version for pupils, without answers; with `practice` their page may mark and explain at once. */
export function pupilsToFile(
  spec: SheetSpec,
  versions: number,
  { practice = false, names }: Partial<Pick<PupilsFile, 'practice' | 'names'>> = {},
): string {
  const sheets = Array.from({ length: versions }, (_, version) => pupilSheet(makeSheet(spec, version)));
  return printPupilsFile({ sheets, practice, ...(names ? { names } : {}) });
}

/** Reads the file of a sheet; one that is none is told as what it is, and changes nothing. */
export function sheetFromFile(text: string, name: string): FileResult<SheetBody> {
  const refuse = (wrong: string, right: string): FileResult<SheetBody> => ({
    ok: false,
    message: `“${name}”: ${wrong} ${right} No sheet was changed.`,
  });
  const again = 'Choose a file that was saved with “Save as a file”.';
  if (text.length > LIMITS.sheetFile) return refuse('it is larger than 5 MB.', again);
  let data: unknown;
  try {
    data = JSON.parse(text);
  } catch {
    return refuse('this is not the file of a sheet.', again);
  }
  const { format, version, sheet } = (typeof data === 'object' && data !== null ? data : {}) as Record<
    string,
    unknown
  >;
  if (format === PUPILS_FORMAT) return refuse('this is the file for pupils, which holds no answers.', again);
  if (format === 'diatonix-workbook')
    return refuse('this is a whole workbook.', 'Open it with “Open files”.');
  if (format !== SHEET_FORMAT) return refuse('this is not the file of a sheet.', again);
  if (version !== VERSION && version !== 1)
    return refuse(
      `its version is ${JSON.stringify(version) ?? 'missing'}.`,
      `This Diatonix reads version ${VERSION}.`,
    );
  // The first version asked from outside the key, too.
  const body = version === 1 ? anyChromatic(record(sheet)) : sheet;
  const reasons = checkBody('sheet', body);
  if (reasons.length > 0) return refuse(reasons.slice(0, 3).join(' '), again);
  return { ok: true, value: body as SheetBody };
}
