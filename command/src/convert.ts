import { TheoryError } from '@diatonix/core';
import {
  musicXmlText,
  packMxl,
  readMusicXmlLine,
  readRomanText,
  writeCsv,
  writeMidiFile,
  writeMusicXmlLine,
  writeRomanText,
  type Carried,
  type LineFile,
} from '@diatonix/core/files';
import { readFileSync, writeFileSync } from 'node:fs';
import { extname } from 'node:path';

const readMusicXml = (bytes: Uint8Array) => readMusicXmlLine(musicXmlText(bytes));

const READERS: Record<string, (bytes: Uint8Array) => Carried<LineFile>> = {
  '.musicxml': readMusicXml,
  '.xml': readMusicXml,
  '.mxl': readMusicXml,
  '.rntxt': (bytes) => readRomanText(new TextDecoder().decode(bytes)),
};

const WRITERS: Record<string, (file: LineFile) => Carried<string | Uint8Array>> = {
  '.musicxml': (file) => writeMusicXmlLine(file),
  '.xml': (file) => writeMusicXmlLine(file),
  '.mxl': (file) => {
    const { value, remarks } = writeMusicXmlLine(file);
    return { value: packMxl(value), remarks };
  },
  '.rntxt': writeRomanText,
  '.csv': (file) => ({ value: writeCsv(file), remarks: [] }),
  '.mid': (file) => writeMidiFile(file),
};

/**
 * Reads one file and writes the other, by their endings. Returns what could not be carried over. Throws
 * TheoryError.
 */
export function convert(from: string, to: string): string[] {
  const read = READERS[extname(from).toLowerCase()];
  const write = WRITERS[extname(to).toLowerCase()];
  if (!read) throw badEnding(from, READERS);
  if (!write) throw badEnding(to, WRITERS);
  const file = read(bytesOf(from));
  const out = write(file.value);
  try {
    writeFileSync(to, out.value);
  } catch (error) {
    throw new TheoryError(
      'request',
      to,
      `the file could not be written: ${(error as Error).message}.`,
      'Choose a place that can be written to.',
    );
  }
  return [...file.remarks, ...out.remarks];
}

function bytesOf(path: string): Uint8Array {
  try {
    return readFileSync(path);
  } catch (error) {
    throw new TheoryError(
      'request',
      path,
      `the file could not be read: ${(error as Error).message}.`,
      'Give the path of a file.',
    );
  }
}

function badEnding(path: string, known: object): TheoryError {
  return new TheoryError(
    'request',
    path,
    'files with this ending are not known here.',
    `Choose one of ${Object.keys(known).join(' ')}.`,
  );
}
