import { lineOfReading, analyseScore, parseKey, TheoryError, toRead, type Score } from '@diatonix/core';
import {
  holdsNumerals,
  isScoreName,
  packMxl,
  PLAIN_LINE,
  readLineFile,
  readScoreFile,
  writeCsv,
  writeMidiFile,
  writeMusicXmlLine,
  writeRomanText,
  writeScoreMidi,
  writeScoreXml,
  type Carried,
  type LineFile,
} from '@diatonix/core/files';
import { readFileSync, writeFileSync } from 'node:fs';
import { basename, extname } from 'node:path';

const READ = ['.rntxt', '.musicxml', '.xml', '.mxl', '.mid', '.midi', '.abc'];

type Out = Carried<string | Uint8Array>;
type Writer<From> = (from: From) => Out;

const LINE_WRITERS: Record<string, Writer<LineFile>> = {
  '.musicxml': (line) => writeMusicXmlLine(line),
  '.xml': (line) => writeMusicXmlLine(line),
  '.mxl': (line) => {
    const { value, remarks } = writeMusicXmlLine(line);
    return { value: packMxl(value), remarks };
  },
  '.rntxt': writeRomanText,
  '.csv': (line) => ({ value: writeCsv(line), remarks: [] }),
  '.mid': (line) => writeMidiFile(line),
};

const SCORE_WRITERS: Record<string, Writer<Score>> = {
  '.musicxml': (score) => ({ value: writeScoreXml(score), remarks: [] }),
  '.xml': (score) => ({ value: writeScoreXml(score), remarks: [] }),
  '.mxl': (score) => ({ value: packMxl(writeScoreXml(score)), remarks: [] }),
  '.mid': writeScoreMidi,
  '.rntxt': (score) => withChords(score, writeRomanText),
  '.csv': (score) => withChords(score, (line) => ({ value: writeCsv(line), remarks: [] })),
};

/**
 * Reads one file and writes the other, by their endings: a line of chords with its labels as a line, every other score
 * whole; of a score RomanText and CSV take the chords that are read in it. Returns what could not be carried over.
 * Throws TheoryError.
 */
export function convert(from: string, to: string): string[] {
  const ending = extname(from).toLowerCase();
  if (!READ.includes(ending)) throw badEnding(from, READ);
  const target = extname(to).toLowerCase();
  if (!(target in LINE_WRITERS)) throw badEnding(to, Object.keys(LINE_WRITERS));
  const bytes = bytesOf(from);
  const [out, remarks] = isWholeScore(from, bytes)
    ? written(readScoreFile(basename(from), bytes), SCORE_WRITERS[target]!)
    : written(readLineFile(basename(from), bytes), LINE_WRITERS[target]!);
  try {
    writeFileSync(to, out);
  } catch (error) {
    throw new TheoryError(
      'request',
      to,
      `the file could not be written: ${(error as Error).message}.`,
      'Choose a place that can be written to.',
    );
  }
  return remarks;
}

function written<From>(read: Carried<From>, write: Writer<From>): [string | Uint8Array, string[]] {
  const out = write(read.value);
  return [out.value, [...read.remarks, ...out.remarks]];
}

/** A file is a line where it is RomanText, or MusicXML whose chords carry numerals. */
function isWholeScore(name: string, bytes: Uint8Array): boolean {
  if (!isScoreName(name)) return false;
  return /\.(?:midi?|abc)$/i.test(name) || !holdsNumerals(bytes);
}

/** Writes the chords that are read in a score as a line; of a tune alone those that are offered, which is said. */
function withChords(score: Score, write: Writer<LineFile>): Carried<string | Uint8Array> {
  const read = toRead(score);
  const reading = analyseScore(read);
  const line = lineOfReading(read, reading);
  if (!line)
    throw new TheoryError('request', score.title, 'no chord was found in it.', 'Give a score with chords.');
  const { title, tempo } = score;
  const key = parseKey(line.key);
  const { value, remarks } = write({ ...PLAIN_LINE, ...line, title, tempo: tempo ?? PLAIN_LINE.tempo, key });
  const offered = 'The piece is a tune alone: its chords are offered to it, they do not stand in it.';
  return { value, remarks: reading.tune ? [offered, ...remarks] : remarks };
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

function badEnding(path: string, known: readonly string[]): TheoryError {
  return new TheoryError(
    'request',
    path,
    'files with this ending are not known here.',
    `Choose one of ${known.join(' ')}.`,
  );
}
