import { migrateWorkbook, WORKBOOK_VERSION } from './migrate';
import type { Workbook } from './model';

export const FILE_FORMAT = 'diatonix-workbook';
export const FILE_VERSION = WORKBOOK_VERSION;

/** The workbook as a file: JSON with its format's name and version. */
export function workbookToFile(workbook: Workbook): string {
  return `${JSON.stringify({ format: FILE_FORMAT, version: FILE_VERSION, workbook }, null, 2)}\n`;
}

export type FileResult<T> =
  { readonly ok: true; readonly value: T } | { readonly ok: false; readonly message: string };

/**
 * Reads a workbook file. Anything but a sound file of this version (or an
 * older one, which is brought up to date) gives a message that says what was
 * read, what is wrong, and what would be right.
 */
export async function workbookFromFile(text: string, fileName: string): Promise<FileResult<Workbook>> {
  const refuse = (wrong: string, right: string): FileResult<Workbook> => ({
    ok: false,
    message: `“${fileName}”: ${wrong} ${right} The open workbook was not changed.`,
  });
  let data: unknown;
  try {
    data = JSON.parse(text);
  } catch {
    return refuse(
      'this is not a workbook file: it does not hold JSON.',
      'Choose a file that was saved with “Export workbook”.',
    );
  }
  if (typeof data !== 'object' || data === null || !('format' in data) || data.format !== FILE_FORMAT) {
    return refuse('this JSON is not a Diatonix workbook.', `Its “format” should be “${FILE_FORMAT}”.`);
  }
  const { version, workbook } = data as { version?: unknown; workbook?: unknown };
  if (typeof version !== 'number' || !Number.isInteger(version) || version < 1)
    return refuse(
      `its version is ${JSON.stringify(version)}.`,
      `It should be a whole number up to ${FILE_VERSION}.`,
    );
  if (version > FILE_VERSION)
    return refuse(
      `it was written by a newer Diatonix (version ${version} of the file; this one reads up to ${FILE_VERSION}).`,
      'Open it in that newer Diatonix.',
    );
  const { validateWorkbook } = await import('./validate');
  const current = migrateWorkbook(workbook, version);
  const problems = validateWorkbook(current);
  if (problems.length > 0)
    return refuse(problems.slice(0, 3).join(' '), 'Export the workbook again, or mend the file.');
  return { ok: true, value: current as Workbook };
}
