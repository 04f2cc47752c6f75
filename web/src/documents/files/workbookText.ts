/** A workbook file as text: which version, what of it is sound, and what is told of the rest. */
import type { Admitted } from '../persistence/admit';
import { SINGLE_KINDS } from '../store/document';
import { FILE_FORMAT } from './file';
import { migrateWorkbook } from '../migrations/migrate';
import { VERSION } from '../migrations/version';
import { record } from '../migrations/steps';
import { fetchScript } from '../../fetchScript';

export interface FileContents extends Admitted {
  readonly title: string;
}

export type FileResult<T> =
  { readonly ok: true; readonly value: T } | { readonly ok: false; readonly message: string };

const LONGEST_TITLE = 200;

/**
 * Reads a workbook file of any version. Documents that are not sound are set aside with their reasons, and the
 * rest is read; a file with nothing sound in it gives a message that says what was read, what is wrong, and
 * what would be right.
 */
export async function workbookFromFile(text: string, fileName: string): Promise<FileResult<FileContents>> {
  const refuse = (wrong: string, right: string): FileResult<FileContents> => ({
    ok: false,
    message: `“${fileName}”: ${wrong} ${right} The open workbook was not changed.`,
  });
  let data: unknown;
  try {
    data = JSON.parse(text);
  } catch {
    return refuse(whatItIs(text, fileName), 'Choose a file that was saved with “Export workbook”.');
  }
  const { format, version, workbook } = record(data);
  if (format !== FILE_FORMAT)
    return refuse('this JSON is not a Diatonix workbook.', `Its “format” should be “${FILE_FORMAT}”.`);
  if (typeof version !== 'number' || !Number.isInteger(version) || version < 1)
    return refuse(
      `its version is ${JSON.stringify(version) ?? 'missing'}.`,
      `It should be a whole number up to ${VERSION}.`,
    );
  if (version > VERSION)
    return refuse(
      `it was written by a newer Diatonix (version ${version} of the file; this one reads up to ${VERSION}).`,
      'Open it in that newer Diatonix.',
    );
  if (typeof workbook !== 'object' || workbook === null) return refuse('it holds no workbook.', AGAIN);
  const { admit } = await fetchScript(() => import('../persistence/admit'));
  const raw = migrateWorkbook(workbook, version);
  const admitted = admit(raw.documents.map((one, at) => ({ ...one, order: at + 1 })));
  const isWork = (kind: string) => kind !== 'class' && !(SINGLE_KINDS as readonly string[]).includes(kind);
  const broken = admitted.aside.filter(({ raw }) => isWork(String((raw as { kind?: unknown }).kind)));
  const [worst = admitted.aside[0]] = broken;
  if (worst && !admitted.documents.some(({ kind }) => isWork(kind)))
    return refuse(`${worst.name}: ${worst.reasons.join(' ')}`, AGAIN);
  const title = typeof raw.title === 'string' ? raw.title.slice(0, LONGEST_TITLE) : fileName;
  return { ok: true, value: { ...admitted, title } };
}

const AGAIN = 'Export the workbook again, or mend the file.';

/** What a file is that holds no JSON, by how it begins. */
function whatItIs(text: string, fileName: string): string {
  if (/^\s*<\?xml|^\s*<score-/.test(text) || /\.(?:musicxml|xml)$/i.test(fileName))
    return 'this is a score in MusicXML: open it on the Scores bench.';
  if (text.startsWith('PK'))
    return /\.mxl$/i.test(fileName)
      ? 'this is a compressed score: open it on the Scores bench.'
      : 'this is a zip archive, not a workbook file.';
  if (text.startsWith('%PDF')) return 'this is a PDF, not a workbook file.';
  if (text.startsWith('MThd')) return 'this is a MIDI file, not a workbook file.';
  if (/^(?:Composer|Title|Time Signature|m\d+ )/m.test(text) || /\.rntxt$/i.test(fileName))
    return 'this is an analysis in RomanText: import it on the Progressions bench.';
  return 'this is not a workbook file: it does not hold JSON.';
}
