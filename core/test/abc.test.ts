/** ABC notation (The ABC Music Standard 2.1, C. Walshaw and others): tunes with chord symbols as they travel. */
import fc from 'fast-check';
import { analyseScore, printSymbol, printNote, TheoryError, toRead, type Score } from '../src';
import { readScoreFile } from '../src/format/scoreFile';

const REEL = `X:1
T:The Slipway
C:A. Nother
M:4/4
L:1/8
Q:1/4=100
K:Dm
|:"Dm"D2 F2 A2 d2|"Gm"G2 B2 "A7"^c3 c|"Dm"(3def d4 z2:|
w:one two three-_ four
"F"[FAc]4 "C7/E"E4-|E8|]
`;

const read = (text: string) => readScoreFile('tune.abc', new TextEncoder().encode(text));
const notesOf = ({ notes }: Score) =>
  notes.map(({ onset, ticks, note }) => `${onset} ${ticks} ${note ? printNote(note) : 'rest'}`);
const QUARTER = read('X:1\nL:1/4\nK:C\nC').value.notes[0]!.ticks;

describe('a tune', () => {
  const { value: score, remarks } = read(REEL);

  test('has its title, key, metre, tempo, and every note in its time', () => {
    expect(score).toMatchObject({ title: 'The Slipway', composer: 'A. Nother', tempo: 100 });
    expect(score.signatures).toEqual([{ at: 0, fifths: -1 }]);
    expect(score.bars.map(({ metre: { over, under } }) => `${over}/${under}`)).toEqual(Array(5).fill('4/4'));
    const q = QUARTER;
    expect(notesOf(score).slice(0, 8)).toEqual([
      ...['D4', 'F4', 'A4', 'D5'].map((note, at) => `${at * q} ${q} ${note}`),
      ...[`${4 * q} ${q} G4`, `${5 * q} ${q} Bb4`, `${6 * q} ${1.5 * q} C#5`, `${7.5 * q} ${q / 2} C#5`],
    ]);
    expect(remarks).toEqual([]);
  });

  test('a sign holds to the end of its bar, a tuplet fills its time, a tie and words come over', () => {
    const triplet = score.notes.filter(({ tuplet }) => tuplet);
    expect(triplet.map(({ tuplet }) => tuplet)).toEqual(Array(3).fill([3, 2]));
    expect(triplet.reduce((sum, { ticks }) => sum + ticks, 0)).toBe(QUARTER);
    expect(triplet.map(({ beam }) => beam)).toEqual(['begin', 'continue', 'end']);
    expect(score.notes.filter(({ tieStart }) => tieStart).map(({ note }) => printNote(note!))).toEqual([
      'E4',
    ]);
    expect(score.notes.filter(({ tieEnd }) => tieEnd)).toHaveLength(1);
    expect(score.notes.flatMap(({ lyric }) => lyric ?? [])).toEqual(['one', 'two', 'three-', 'four']);
  });

  test('its symbols are its chords, with numerals; repeats stand at their bars', () => {
    expect(score.symbols.map(({ chord }) => printSymbol(chord))).toEqual([
      'Dm',
      'Gm',
      'A7',
      'Dm',
      'F',
      'C7/E',
    ]);
    expect(analyseScore(toRead(score)).chords.every(({ bySymbol }) => bySymbol)).toBe(true);
    expect(score.bars[0]!.repeatStart).toBe(true);
    expect(score.bars[2]!.repeatEnd).toBe(true);
  });
});

test('an upbeat is measure 0, endings and a new key stand where they begin', () => {
  const { value } = read('X:1\nM:3/4\nL:1/4\nK:G\nD|:GAB|1 c2 D:|2 c3||[K:Eb]E3|]');
  expect(value.bars.map(({ number, ending }) => `${number}${ending ? ` ending ${ending}` : ''}`)).toEqual([
    ...['0', '1', '2 ending 1', '3 ending 2', '4'],
  ]);
  expect(value.signatures.map(({ fifths }) => fifths)).toEqual([1, -3]);
  expect(printNote(value.notes[value.notes.length - 1]!.note!)).toBe('Eb4');
});

test('two voices are two parts, each under the signature in its clef', () => {
  const { value } = read('X:1\nM:4/4\nL:1/4\nV:1\nV:2 clef=bass\nK:G\n[V:1] CDEF|\n[V:2] F,4|');
  expect(value.parts.map(({ clefs }) => clefs[0]!.clef)).toEqual(['treble', 'bass']);
  expect(value.notes.filter(({ part }) => part === 1).map(({ note }) => printNote(note!))).toEqual(['F#3']);
});

test('of a book the first tune is read, and that is said', () => {
  const { value, remarks } = read(`X:1\nT:Ebb\nK:C\nCDE\n\nX:2\nT:Flow\nK:C\nEDC\n`);
  expect(value.title).toBe('Ebb');
  expect(remarks[0]).toBe('The file holds 2 tunes; the first was read.');
});

test.each([
  ['', /no notes|no music|cannot be read/],
  ['X:1\nT:Words alone\nK:C\n', /no notes|no music|cannot be read/],
  ['X:1\nK:C\nz4|z4|', /no notes/],
  [' '.repeat(1_000_001), /larger than 1 MB/],
])('a text that is no tune, or too large, is told (%#)', (text, wrong) => {
  expect(() => read(text)).toThrow(TheoryError);
  expect(() => read(text)).toThrow(wrong);
});

test('a tune that was changed anywhere is read or told, never anything else', () => {
  fc.assert(
    fc.property(fc.nat(REEL.length), fc.nat(12), fc.string({ maxLength: 6 }), (at, gone, put) => {
      const text = REEL.slice(0, at) + put + REEL.slice(at + gone);
      try {
        const { value } = read(text);
        expect(value.bars[0]!.from).toBe(0);
        const { to } = value.bars[value.bars.length - 1]!;
        for (const { onset, ticks } of value.notes) expect(onset + ticks).toBeLessThanOrEqual(to);
      } catch (error) {
        expect(error).toBeInstanceOf(TheoryError);
      }
    }),
    { numRuns: 200 },
  );
});
