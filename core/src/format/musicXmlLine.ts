import { entriesInOneKey, type Carried, type LineFile } from './lineFile';
import { progressionFromMusicXml, progressionToMusicXml } from './musicxml';

/** Reads MusicXML as a line of chords. Throws TheoryError `musicxml`. */
export function readMusicXmlLine(text: string): Carried<LineFile> {
  const { title, key, tempo, entries, unread } = progressionFromMusicXml(text);
  const remarks =
    unread === 0
      ? []
      : [`${unread} ${unread === 1 ? 'moment' : 'moments'} with fewer than two different notes ${unread === 1 ? 'was' : 'were'} passed over.`];
  return { value: { title, key, tempo, columns: entries.map((entry) => ({ entry })) }, remarks };
}

/** Writes a line of chords as MusicXML. Throws TheoryError for an unreadable entry. */
export function writeMusicXmlLine(file: LineFile): Carried<string> {
  const { value: entries, remarks } = entriesInOneKey(file);
  return { value: progressionToMusicXml({ title: file.title, key: file.key, tempo: file.tempo, entries }), remarks };
}
