import { LIMITS } from '@diatonix/core';
import { incomingFile } from './incoming';
import { byId } from '../store/select';
import { tell } from '../store/store';
import { workbookFromFile, type FileContents, type FileResult } from './workbookText';
import { addWorkbook } from '../persistence/workbooks';
import { reasonOf } from '../persistence/trouble';

export { workbookFromFile, type FileContents, type FileResult } from './workbookText';

/** A larger file is read behind the page, part by part. */
const SMALL_BYTES = 1_000_000;

/** Reads a workbook file that was chosen; one that is larger than any workbook is not looked into. */
export async function readWorkbookFile(file: File): Promise<FileResult<FileContents>> {
  if (file.size > LIMITS.workbookFile)
    return { ok: false, message: `“${file.name}”: the file is larger than 50 MB, which no workbook is.` };
  if (file.size <= SMALL_BYTES) return workbookFromFile(await file.text(), file.name);
  try {
    return await incomingFile(file);
  } catch (error) {
    return {
      ok: false,
      message: `“${file.name}” could not be read: ${reasonOf(error)} Nothing was changed.`,
    };
  }
}

/** Adds the workbook of a file to the list and opens it; nothing that is there is replaced. */
export async function importWorkbook(file: File): Promise<FileResult<string>> {
  const result = await readWorkbookFile(file);
  if (!result.ok) return result;
  const { title, documents, aside } = result.value;
  await addWorkbook(title, byId(documents), aside);
  const left =
    aside.length === 0
      ? ''
      : ` ${aside.length === 1 ? 'One document' : `${aside.length} documents`} could not be read.`;
  tell(`Added: “${title}”.${left}`);
  return { ok: true, value: title };
}
