import { TheoryError } from '../errors';
import type { Score } from '../score/model/score';
import type { Carried, LineFile } from './lineFile';
import { readAbc } from './abc/readAbc';
import { readMidiScore } from './midi';
import { musicXmlText, readMusicXml, readMusicXmlLine } from './musicxml';
import { readRomanText } from './romantext';

/** Endings of files that hold a score. */
export const SCORE_ENDINGS = ['.musicxml', '.xml', '.mxl', '.mid', '.midi', '.abc'] as const;

export function isScoreName(name: string): boolean {
  return SCORE_ENDINGS.some((ending) => name.toLowerCase().endsWith(ending));
}

/**
 * Reads a score from a file by its name: MusicXML plain or compressed, Standard MIDI, or ABC notation. What was
 * passed over or guessed is in the remarks. Throws TheoryError.
 */
export function readScoreFile(name: string, bytes: Uint8Array): Carried<Score> {
  if (!isScoreName(name))
    throw new TheoryError(
      'request',
      name,
      'scores with this ending are not known here.',
      `Choose one of ${SCORE_ENDINGS.join(' ')}.`,
    );
  const read = /\.midi?$/i.test(name)
    ? readMidiScore(bytes)
    : /\.abc$/i.test(name)
      ? readAbc(new TextDecoder().decode(bytes))
      : readXmlScore(bytes);
  if (!read.value.notes.some(({ note }) => note !== null))
    throw new TheoryError('request', name, 'the score has no notes with a pitch.', 'Choose one with notes.');
  return { ...read, value: { ...read.value, title: read.value.title || titleOfFile(name) } };
}

/** The name of a file as a title: without folders and ending. */
export function titleOfFile(name: string): string {
  const last = name.split(/[\\/]/).pop() ?? name;
  return last.replace(/\.[^.]*$/, '').slice(0, 200) || 'Untitled';
}

/** Reads a line of chords from a file by its name: RomanText, or MusicXML plain or compressed. Throws TheoryError. */
export function readLineFile(name: string, bytes: Uint8Array): Carried<LineFile> {
  const { value, remarks } = /\.(?:rntxt|txt)$/i.test(name)
    ? readRomanText(new TextDecoder().decode(bytes))
    : readMusicXmlLine(musicXmlText(bytes));
  return { value: { ...value, title: value.title || titleOfFile(name) }, remarks };
}

function readXmlScore(bytes: Uint8Array): Carried<Score> {
  const { score, scoreRemarks } = readMusicXml(musicXmlText(bytes));
  return { value: score, remarks: [...scoreRemarks] };
}
