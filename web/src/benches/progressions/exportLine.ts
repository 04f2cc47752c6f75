import { attempt, parseKey, withFoundKeys } from '@diatonix/core';
import type { Carried, FileVoices, LineFile } from '@diatonix/core/files';
import { download, fileName, MUSICXML_TYPE } from '../../documents/files/download';
import type { Progression } from '../../documents/kinds/progression/type';
import { fetchScript } from '../../fetchScript';

/** Formats that a progression goes out in. */
export const EXPORTS = ['MusicXML', 'Compressed MusicXML', 'MIDI', 'RomanText', 'CSV'] as const;
export type ExportFormat = (typeof EXPORTS)[number];

const FILES: Record<ExportFormat, { readonly ending: string; readonly type: string }> = {
  MusicXML: { ending: 'musicxml', type: MUSICXML_TYPE },
  'Compressed MusicXML': { ending: 'mxl', type: 'application/vnd.recordare.musicxml' },
  MIDI: { ending: 'mid', type: 'audio/midi' },
  RomanText: { ending: 'rntxt', type: 'text/plain' },
  CSV: { ending: 'csv', type: 'text/csv' },
};

/** Saves a progression in a format; returns what stood in the way or could not be carried over, or null. */
export async function exportProgression(
  progression: Progression,
  format: ExportFormat,
  voices: FileVoices = [],
): Promise<string | null> {
  const files = await fetchScript(() => import('@diatonix/core/files'));
  const { title, key, tempo, metre, upbeat, source, columns } = progression;
  const entered = columns.flatMap((column, at) =>
    'entry' in column ? [{ column, voices: voices[at] ?? null }] : [],
  );
  const marked = entered.map(({ column }) => column);
  const lineColumns = progression.modulate ? withFoundKeys(marked, parseKey(key)) : marked;
  const file: LineFile = { title, key: parseKey(key), tempo, metre, upbeat, source, columns: lineColumns };
  const set = entered.map((one) => one.voices);
  const write = (): Carried<string | Uint8Array> => {
    switch (format) {
      case 'MusicXML':
        return files.writeMusicXmlLine(file, set);
      case 'Compressed MusicXML': {
        const { value, remarks } = files.writeMusicXmlLine(file, set);
        return { value: files.packMxl(value), remarks };
      }
      case 'MIDI':
        return files.writeMidiFile(file, set);
      case 'RomanText':
        return files.writeRomanText(file);
      case 'CSV':
        return { value: files.writeCsv(file), remarks: [] };
    }
  };
  const written = attempt(write);
  if (!written.ok) return written.error.message;
  const { ending, type } = FILES[format];
  download(new Blob([written.value.value as BlobPart]), `${fileName(title)}.${ending}`, type);
  const left = columns.length - entered.length;
  const out =
    left === 0
      ? []
      : [
          `${left} ${
            left === 1 ? 'column that is not understood was' : 'columns that are not understood were'
          } left out of the file.`,
        ];
  const said = [...written.value.remarks, ...out];
  return said.length === 0 ? null : said.join(' ');
}
