/** Notes that are held over a change of chord stay one note in every file. */
import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { Midi } from '@tonejs/midi';
import { moveBetween, moveLine, parseKey } from '../src';
import { writeMidiFile } from '../src/format';
import { readMusicXml, readMusicXmlLine, writeMusicXmlLine } from '../src/format/musicxml';
import { attributes, chord, measures, note, score } from './scoreText';

const HELD = score(
  measures(
    `${attributes()}${note('G4', 4)}<backup><duration>4</duration></backup>` +
      `${chord('C3 E3', 2, '<voice>2</voice>')}${chord('B2 D3', 2, '<voice>2</voice>')}`,
    `${chord('C3 E3 G4', 4)}`,
  ),
);

const noteCount = (xml: string) => readMusicXml(xml).notes.length;

test('a note over two chords is told as held, and only there', () => {
  const { value } = readMusicXmlLine(HELD);
  expect(value.columns.map(({ held }) => held ?? null)).toEqual([null, ['G4'], null]);
});

test('as MusicXML it is tied and comes back as one note', () => {
  const { value } = readMusicXmlLine(HELD);
  const written = writeMusicXmlLine(value).value;
  expect(written.match(/<tie type="start"\/>/g)).toHaveLength(1);
  expect(noteCount(written)).toBe(noteCount(HELD));
  expect(readMusicXmlLine(written).value.columns.map(({ held }) => held ?? null)).toEqual([
    null,
    ['G4'],
    null,
  ]);
});

test('as MIDI it is struck once and sounds to its end (read by @tonejs/midi 2)', () => {
  const { value } = readMusicXmlLine(HELD);
  const midi = new Midi(writeMidiFile(value).value);
  const struck = midi.tracks.flatMap(({ notes }) => notes).filter(({ name }) => name === 'G4');
  expect(struck.map(({ ticks, durationTicks }) => [ticks / 480, durationTicks / 480])).toEqual([
    [0, 4],
    [4, 4],
  ]);
});

test('it moves with its line, and a chord that lacks it strikes nothing', () => {
  const { value } = readMusicXmlLine(HELD);
  const moved = moveLine(
    { key: value.key, columns: value.columns },
    moveBetween(value.key, parseKey('D major')),
  );
  expect(moved.columns[1]!.held).toEqual(['A4']);
  const other = value.columns.map((column, at) =>
    at === 1 ? { ...column, entry: { kind: 'notes' as const, notes: ['B2', 'D3', 'F4'] } } : column,
  );
  expect(writeMusicXmlLine({ ...value, columns: other }).value).not.toContain('<tie ');
});

test('a chorale keeps its number of notes through a line and back', () => {
  const xml = readFileSync(join(__dirname, 'oracles', 'chorale-012.musicxml'), 'utf8');
  const written = writeMusicXmlLine(readMusicXmlLine(xml).value).value;
  const [before, after] = [noteCount(xml), noteCount(written)];
  // Unisons of two voices are one note of a hand; nothing is struck more often than it was.
  expect(after).toBeLessThanOrEqual(before);
  expect(after).toBeGreaterThan(0.9 * before);
});
