/** The typed line of intervals: two notes are never taken for an interval, and everyday ways of saying one are read. */
import fc from 'fast-check';
import {
  displayNoteName,
  intervalBetween,
  parseNote,
  printInterval,
  printNote,
  readIntervalLine,
  readPair,
  type IntervalReading,
} from '../src';
import { anyNote } from './arbitraries';

const pair = (text: string, reading?: IntervalReading) => {
  const { from, to } = readPair(text, reading);
  return `${printNote(from)} ${printNote(to)}`;
};

test.each([
  // A letter A to G with an octave is a note, also where it could be an augmented interval.
  ['D3 A3', 'D3 A3'],
  ['C4 A4', 'C4 A4'],
  ['E4 A5', 'E4 A5'],
  ['a3 d4', 'A3 D4'],
  ['G#4-F##5', 'G#4 F##5'],
  // Built upward and downward.
  ['A d7', 'A4 Gb5'],
  ['Ab3 M6', 'Ab3 F4'],
  ['Ab3 -M6', 'Ab3 Cb3'],
  ['Ab3 M6 down', 'Ab3 Cb3'],
  ['C5 down P5', 'C5 F4'],
  ['C5 perfect fifth below', 'C5 F4'],
  ['C4 tritone', 'C4 F#4'],
  ['C4 tritone down', 'C4 Gb3'],
  ['F4 aug 4', 'F4 B4'],
  ['F4 +A4', 'F4 B4'],
  ['F4 augmented fourth', 'F4 B4'],
  ['C4 octave', 'C4 C5'],
  ['C4 5th', 'C4 G4'],
  ['B3 dd7', 'B3 Abb4'],
  // Notes without octaves: the first in the middle, the second the next one.
  ['E G#', 'E4 G#4'],
  ['A C', 'A4 C5'],
  ['A C down', 'A4 C4'],
  ['C C', 'C4 C5'],
])('“%s” is %s', (text, notes) => expect(pair(text)).toBe(notes));

test.each([
  ['As3 H3', 'german', 'Ab3 B3'],
  ['B3 Fis4', 'german', 'Bb3 F#4'],
  ['Es M3', 'german', 'Eb4 G4'],
  ['H d5', 'german', 'B4 F5'],
  ['do4 sol4', 'fixed-do', 'C4 G4'],
  ['si♭3 fa#4', 'fixed-do', 'Bb3 F#4'],
  ['ré m3', 'fixed-do', 'D4 F4'],
] as const)('“%s” in %s letters is %s', (text, letters, notes) =>
  expect(pair(text, { letters })).toBe(notes),
);

test('a note without an octave stands where it is asked to', () => {
  expect(pair('E G', { octave: 2 })).toBe('E2 G2');
});

test.each([
  ['C4', /two notes, or a note and what to build on it/],
  ['C4 down up P5', /two notes/],
  ['C4 3rd', /the quality is missing/],
  ['C4 P3', /never perfect/],
  ['X4 P5', /not a note/],
  ['C9 P8', /outside the keyboard/],
])('“%s” says what is wrong', (text, said) => expect(() => readPair(text)).toThrow(said));

test.each(['english', 'german', 'fixed-do'] as const)(
  'two notes as they are shown are read again: %s',
  (letters) => {
    fc.assert(
      fc.property(anyNote, anyNote, (from, to) => {
        const said = [from, to].map((note) => `${displayNoteName(note, letters)}${note.octave}`).join(' ');
        expect(pair(said, { letters })).toBe(`${printNote(from)} ${printNote(to)}`);
      }),
    );
  },
);

test('an interval built below by its name is that interval going down', () => {
  for (const name of ['m2', 'M3', 'P4', 'A4', 'd5', 'P5', 'm6', 'M7', 'P8']) {
    const [token] = readIntervalLine(`C5 ${name === 'A4' ? '+A4' : name} down`);
    if (!token || 'error' in token) throw new Error(name);
    const made = intervalBetween(token.pair.from, token.pair.to);
    expect([printInterval(made), made.direction]).toEqual([name, 'down']);
  }
});

test('an unreadable piece leaves its neighbours alone and keeps its place', () => {
  const tokens = readIntervalLine('D3 A3, C4 ?, E4 A5');
  expect(tokens.map((token) => ('pair' in token ? printNote(token.pair.to) : token.text))).toEqual([
    'A3',
    'C4 ?',
    'A5',
  ]);
  expect(tokens.map(({ start, end }) => [start, end])).toEqual([
    [0, 5],
    [7, 11],
    [13, 18],
  ]);
  expect(parseNote('A3')).toEqual({ step: 5, alteration: 0, octave: 3 });
});
