/**
 * A four-part chorale by J. S. Bach, from music21's corpus: its MusicXML is read back against the table of
 * its notes, and its chords against the experts' labels.
 */
import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import {
  identify,
  numeralsForNotes,
  parseKey,
  parseNote,
  parseNoteName,
  parseNumeral,
  printNote,
  printNoteName,
  ROMANTEXT,
  chordOfNumeral,
  sameName,
  signatureFifths,
} from '../src';
import { lineMoments, readMusicXml, readMusicXmlLine } from '../src/format/musicxml';
import table from './oracles/chorale-012.json';

const xml = readFileSync(join(__dirname, 'oracles', 'chorale-012.musicxml'), 'utf8');
const fraction = (text: string) => {
  const [top, bottom = '1'] = text.split('/');
  return Number(top) / Number(bottom);
};
const notes = (table.notes as [string, string, string, number][]).map(([onset, length, pitch]) => ({
  onset: fraction(onset),
  end: fraction(onset) + fraction(length),
  pitch,
}));

test('every moment of the score holds the notes of the table', () => {
  const score = readMusicXml(xml);
  const onsets = [...new Set(notes.map((n) => n.onset))].sort((a, b) => a - b);
  const sounding = onsets.map((at) =>
    notes
      .filter((n) => n.onset <= at + 1e-9 && n.end > at + 1e-9)
      .map((n) => printNote(parseNote(n.pitch)))
      .sort(),
  );
  expect(
    lineMoments(score).map(({ sounding }) => sounding.map(({ note }) => printNote(note)).sort()),
  ).toEqual(sounding);
  expect(signatureFifths(score.keys[0]!.key)).toBe(table.signature);
});

test('imported as a progression, every moment with a chord becomes a column', () => {
  const { value, remarks } = readMusicXmlLine(xml);
  const unread = Number(/^(\d+) moment/.exec(remarks.join(' '))?.[1] ?? 0);
  expect(value.columns.length + unread).toBe(lineMoments(readMusicXml(xml)).length);
  expect(value.columns.every(({ entry }) => entry.kind === 'notes')).toBe(true);
  expect(unread).toBeLessThan(value.columns.length / 10);
  // The chords last as long as the piece.
  const quarters = value.columns.reduce((sum, { length }) => sum + fraction(length!), 0);
  expect(quarters).toBeCloseTo(Math.max(...notes.map(({ end }) => end)), 6);
});

test('the experts’ chords are named from their notes, root and lowest note', () => {
  let agreed = 0;
  for (const label of table.labels) {
    const key = parseKey(label.key);
    const chord = chordOfNumeral(parseNumeral(label.numeral, key, ROMANTEXT), key);
    const rest = label.notes.filter((n) => n !== label.bass);
    const found = identify([label.bass, ...rest].map(parseNoteName), { key })[0]!.chord;
    if (sameName(found.root, chord.root) && sameName(found.bass, chord.bass)) agreed++;
    expect(printNoteName(chord.bass)).toBe(label.bass);
  }
  expect(agreed).toBe(table.labels.length);
});

test('out of context, the first numeral for a labelled chord in its key is the expert’s degree nearly always', () => {
  let agreed = 0;
  for (const label of table.labels) {
    const key = parseKey(label.key);
    const expert = parseNumeral(label.numeral, key, ROMANTEXT);
    const rest = label.notes.filter((n) => n !== label.bass);
    const own = numeralsForNotes([label.bass, ...rest].map(parseNoteName), key)[0]!.numeral;
    if (own.degree === expert.degree && own.target?.degree === expert.target?.degree) agreed++;
  }
  expect(agreed / table.labels.length).toBeGreaterThan(0.95);
});
