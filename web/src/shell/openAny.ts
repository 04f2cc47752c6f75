import { holdsNumerals } from '@diatonix/core/musicxml';
import { takeIn } from '../benches/marking/takeIn';
import { importScore } from '../benches/progressions/importScore';
import { importPiece } from '../benches/scores/importPiece';
import { openSheetText } from '../benches/sheets/files';
import { importWorkbook } from '../documents/files/importFile';

/** What a file is, by its name and by how it begins. */
type Content = 'line' | 'piece' | 'xml' | 'workbook' | 'sheet' | 'pupils' | 'answers' | 'unknown';

/** So much of a file is looked at to know it. */
const HEAD_BYTES = 4000;
const READ_HERE =
  'Read are MusicXML, MIDI, ABC and RomanText, workbooks, sheets, and the answers of pupils (JSON).';

const PLACES: Readonly<Partial<Record<Content, string>>> = {
  line: '/progressions',
  piece: '/scores',
  sheet: '/sheets',
  answers: '/marking',
};

/**
 * Opens files where they belong: a piece on Scores, a line on Progressions, a workbook of its own, a sheet on Sheets,
 * what pupils answered on the open pile. Goes to where the last of them is, and says what is to be said of each.
 */
export async function openAny(
  files: readonly File[],
  go: (path: string) => void,
): Promise<readonly string[]> {
  const said: string[] = [];
  const answers: File[] = [];
  let place: string | undefined;
  for (const file of files) {
    const head = await file.slice(0, HEAD_BYTES).text();
    const content = contentOf(file.name, head);
    if (content === 'answers') {
      answers.push(file);
      continue;
    }
    const { what, path } = await openOne(file, content, head);
    if (what) said.push(what);
    place = path ?? place;
  }
  if (answers.length > 0) {
    said.push(...(await takeIn(answers)));
    place = PLACES.answers;
  }
  if (place !== undefined) go(place);
  return said;
}

interface Opened {
  readonly what: string | null;
  /** Where it is now; null where nothing was opened. */
  readonly path: string | null;
}

async function openOne(file: File, content: Content, head: string): Promise<Opened> {
  const refused = (what: string): Opened => ({ what: `“${file.name}”: ${what}`, path: null });
  const path = PLACES[content] ?? null;
  switch (content) {
    case 'workbook': {
      const result = await importWorkbook(file);
      return result.ok ? { what: null, path } : { what: result.message, path: null };
    }
    case 'sheet': {
      const problem = openSheetText(await file.text(), file.name);
      return problem === null ? { what: null, path } : { what: problem, path: null };
    }
    case 'pupils':
      return refused('this is the file of a sheet for pupils, who open it on their own page.');
    case 'line':
      return asLine(file);
    case 'xml':
      return (await isLine(file)) ? asLine(file) : asPiece(file);
    case 'piece':
      return asPiece(file);
    default:
      return refused(`${foundIn(file, head)} ${READ_HERE}`);
  }
}

async function asLine(file: File): Promise<Opened> {
  const outcome = await importScore(file, () => undefined).done;
  return outcome.ok ? { what: outcome.remark, path: PLACES.line! } : { what: outcome.message, path: null };
}

async function asPiece(file: File): Promise<Opened> {
  const { said, isOpen } = await importPiece(file, () => undefined).opened;
  return { what: said, path: isOpen ? PLACES.piece! : null };
}

/** Chords with numerals are a line; what is compressed is looked into where it is read. */
async function isLine(file: File): Promise<boolean> {
  try {
    return holdsNumerals(new Uint8Array(await file.arrayBuffer()));
  } catch {
    return false;
  }
}

function contentOf(name: string, head: string): Content {
  if (/^MThd/.test(head) || /\.midi?$/i.test(name) || /\.abc$/i.test(name) || /^X:\s*\d/m.test(head))
    return 'piece';
  if (/^\s*\{/.test(head) || /\.json$/i.test(name)) return ofJson(head);
  if (/<score-(?:partwise|timewise)/.test(head) || /\.(?:musicxml|mxl)$/i.test(name)) return 'xml';
  if (/^PK/.test(head) || /^\s*<\?xml/.test(head)) return 'xml';
  if (/\.rntxt$/i.test(name) || /^\s*(?:m\d+|Time Signature:|Composer:|Title:|Key:)/m.test(head))
    return 'line';
  return 'unknown';
}

function ofJson(head: string): Content {
  if (/"format"\s*:\s*"diatonix-workbook"/.test(head)) return 'workbook';
  if (/"format"\s*:\s*"diatonix-sheet"/.test(head)) return 'sheet';
  if (/"format"\s*:\s*"diatonix-pupils-sheet"/.test(head)) return 'pupils';
  return /"(?:answers|pupil)"\s*:/.test(head) ? 'answers' : 'workbook';
}

/** What a file is that is not read here, by how it begins. */
function foundIn({ name }: File, head: string): string {
  if (head.startsWith('%PDF'))
    return 'this is a PDF. Export the score from where it was written as MusicXML.';
  if (/^.PNG|^\uFFFD\uFFFD\uFFFD/.test(head)) return 'this is a picture. Export the score as MusicXML.';
  if (/\.csv$/i.test(name)) return 'this is a table, which is written here and not read.';
  return 'this is nothing that is read here.';
}
