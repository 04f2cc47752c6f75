/**
 * Scores from Standard MIDI and from typed voices, the rows in which they are kept, and what is made of them: a
 * line of chords, faults of four parts.
 */
import fc from 'fast-check';
import { writeMidi, type MidiEvent } from 'midi-file';
import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import {
  lineOfReading,
  parseMetre,
  parseTypedVoices,
  printKey,
  printLength,
  printNote,
  printNumeral,
  analyseScore,
  rowOfRuling,
  rowsOfScore,
  rulingOfRow,
  scoreFaults,
  scoreOfRows,
  parseKey,
  parseNumeral,
  toRead,
  type Score,
} from '../src';
import { readMidiScore, readMusicXml, readScoreFile } from '../src/format';
import { CHORALES, chorale } from './choraleReading';

const piece = { title: 'Tide Table', fifths: 0, metre: parseMetre('4/4') };
const onsets = (score: Score, part: number) =>
  score.notes
    .filter((one) => one.part === part && one.note)
    .map((one) => `${printNote(one.note!)}@${printLength(one.onset)}`);

/** A Standard MIDI File of tracks of `[key, from, to]` in ticks, 480 a quarter. */
function midi(tracks: readonly (readonly (readonly [number, number, number])[])[], head: MidiEvent[] = []) {
  const track = (notes: readonly (readonly [number, number, number])[]): MidiEvent[] => {
    const events = notes.flatMap(([noteNumber, from, to]) => [
      { at: from, on: true, noteNumber },
      { at: to, on: false, noteNumber },
    ]);
    events.sort((a, b) => a.at - b.at || Number(a.on) - Number(b.on));
    let last = 0;
    const made = events.map(({ at, on, noteNumber }): MidiEvent => {
      const deltaTime = at - last;
      last = at;
      return { deltaTime, type: on ? 'noteOn' : 'noteOff', channel: 0, noteNumber, velocity: on ? 80 : 0 };
    });
    return [...made, { deltaTime: 0, type: 'endOfTrack', meta: true }];
  };
  const first: MidiEvent[] = [...head, { deltaTime: 0, type: 'endOfTrack', meta: true }];
  return Uint8Array.from(
    writeMidi({
      header: { format: 1, numTracks: tracks.length + 1, ticksPerBeat: 480 },
      tracks: [first, ...tracks.map(track)],
    }),
  );
}

describe('Standard MIDI', () => {
  test('a written file keeps its times; one track over both hands is split and told', () => {
    const { value, remarks } = readMidiScore(
      midi([
        [
          [48, 0, 960],
          [64, 0, 480],
          [67, 480, 960],
          [43, 960, 1440],
          [71, 960, 1440],
        ],
      ]),
    );
    expect(onsets(value, 0)).toEqual(['C3@0', 'E4@0', 'G4@1', 'G2@2', 'B4@2']);
    expect(value.parts[0]!.staves).toBe(2);
    expect(value.notes.map(({ staff }) => staff)).toEqual([2, 1, 1, 2, 1]);
    expect(remarks.join(' ')).toMatch(/split into two hands/);
  });

  test('a played file is taken to a grid, and that is told', () => {
    const { value, remarks } = readMidiScore(
      midi([
        [
          [60, 7, 463],
          [64, 489, 951],
          [67, 955, 1430],
          [72, 1447, 1905],
        ],
      ]),
    );
    expect(onsets(value, 0)).toEqual(['C4@0', 'E4@1', 'G4@2', 'C5@3']);
    expect(value.notes.map(({ ticks }) => printLength(ticks))).toEqual(['1', '1', '1', '1']);
    expect(remarks.join(' ')).toMatch(/taken to the nearest/);
  });

  test('notes are spelled by the signature and by where they go', () => {
    const head: MidiEvent[] = [{ deltaTime: 0, type: 'keySignature', meta: true, key: -3, scale: 0 }];
    // E flat, A natural up to B flat, and G flat down to F.
    const { value } = readMidiScore(
      midi(
        [
          [
            [63, 0, 480],
            [69, 480, 960],
            [70, 960, 1440],
            [66, 1440, 1920],
            [65, 1920, 2400],
          ],
        ],
        head,
      ),
    );
    expect(onsets(value, 0).map((one) => one.split('@')[0])).toEqual(['Eb4', 'A4', 'Bb4', 'Gb4', 'F4']);
  });

  test('metres and the tempo come from the file', () => {
    const head: MidiEvent[] = [
      { deltaTime: 0, type: 'setTempo', meta: true, microsecondsPerBeat: 500_000 },
      {
        deltaTime: 0,
        type: 'timeSignature',
        meta: true,
        numerator: 3,
        denominator: 4,
        metronome: 24,
        thirtyseconds: 8,
      },
    ];
    const { value } = readMidiScore(
      midi(
        [
          [
            [60, 0, 1440],
            [62, 1440, 2880],
          ],
        ],
        head,
      ),
    );
    expect(value.tempo).toBe(120);
    expect(value.bars.map(({ from, to }) => `${printLength(from)}-${printLength(to)}`)).toEqual([
      '0-3',
      '3-6',
    ]);
  });
});

describe('typed voices', () => {
  test('a line a voice, with lengths, chords, rests, ties, fermatas and an upbeat', () => {
    const score = parseTypedVoices(
      'S: | G4 | C5 B4:1/2 A4:1/2 G4_ G4 | C5:4^ |\nB: | r | C3:2 (E3 G3):2 | C3:4 |',
      piece,
    );
    expect(score.parts.map(({ name }) => name)).toEqual(['Soprano', 'Bass']);
    expect(score.bars.map(({ number }) => number)).toEqual([0, 1, 2]);
    expect(onsets(score, 1)).toEqual(['C3@1', 'E3@3', 'G3@3', 'C3@5']);
    expect(toRead(score).notes.filter(({ part }) => part === 0)).toHaveLength(6);
    expect(score.parts.map(({ clefs }) => clefs[0]!.clef)).toEqual(['treble', 'bass']);
  });

  test.each([
    ['', /there is no voice/],
    ['S: C5 H5', /“H”|“H5”/],
    [
      'S: | C5:3 | D5:4 |\nB: | C3:4 | D3:4 |',
      /Bass, bar 0.*lasts 4 quarters, and the upbeat of the first voice 3/,
    ],
    ['S: | C5:4 | D5:3 | E5:4 |', /Soprano, bar 2.*lasts 3 quarters, and its metre asks for 4/],
    ['S: C5:x', /not a note of Soprano/],
  ])('%j says what is wrong', (text, reason) => {
    expect(() => parseTypedVoices(text, piece)).toThrow(reason);
  });
});

describe('rows', () => {
  test.each(CHORALES.slice(0, 3))('chorale %s from its file comes back the same from its rows', () => {
    const xml = readFileSync(join(__dirname, 'oracles', 'chorale-012.musicxml'));
    const score = readScoreFile('012.musicxml', xml).value;
    expect(scoreOfRows(rowsOfScore(score))).toEqual(score);
  });

  test('any typed piece comes back from its rows', () => {
    const word = fc.constantFrom('C5', 'F#4:1/2', 'Bb3:3/2', 'r:2', '(C4 Eb4):1', 'G4:2^', 'A4_');
    fc.assert(
      fc.property(fc.array(word, { minLength: 1, maxLength: 30 }), (words) => {
        const score = parseTypedVoices(`S: ${words.join(' ')}`, piece);
        expect(scoreOfRows(rowsOfScore(score))).toEqual(score);
      }),
    );
  });

  test.each([
    ['notes', '0 1 1 0 1 H4 -'],
    ['notes', '7 1 1 0 1 C4 -'],
    ['notes', '0 1 1 x 1 C4 -'],
    ['bars', '1 4 0 4/4 -'],
    ['signatures', '0 9'],
  ] as const)('a row of %s that reads %j is refused and quoted', (field, row) => {
    const rows = rowsOfScore(parseTypedVoices('S: C5 D5 E5 F5', piece));
    expect(() => scoreOfRows({ ...rows, [field]: [row] })).toThrow(/“/);
  });

  test('rulings come back from their rows', () => {
    const key = parseKey('A minor');
    const numeral = parseNumeral('V65/iv', key);
    for (const ruling of [
      { kind: 'numeral', from: 10080, to: 25200, key, numeral },
      { kind: 'key', from: 0, to: 40320, key },
      { kind: 'split', at: 5040 },
      { kind: 'phrase-end', at: 10080 },
    ] as const)
      expect(rulingOfRow(rowOfRuling(ruling))).toEqual(ruling);
  });
});

test('the chords of a score are a line with its bars, keys and phrase ends', () => {
  const { score } = chorale('012');
  const reading = analyseScore(score);
  const line = lineOfReading(score, reading)!;
  expect(line.metre).toBe('3/4');
  expect(line.upbeat).toBe('1');
  expect(line.columns).toHaveLength(reading.chords.length);
  const quarters = line.columns
    .map(({ length }) => length!)
    .reduce((sum, one) => {
      const [over, under = '1'] = one.split('/');
      return sum + Number(over) / Number(under);
    }, 0);
  expect(quarters).toBe(48);
  expect(line.columns.filter(({ phraseEnd }) => phraseEnd)).toHaveLength(3);
  expect(line.key).toBe(printKey(reading.chords[0]!.key));
  expect(line.columns[0]!.entry).toEqual({
    kind: 'numeral',
    text: printNumeral(reading.chords[0]!.numeral, reading.chords[0]!.key),
  });
});

test('faults of four single parts are told with their times; others have none', () => {
  const faulty = parseTypedVoices('S: C5:2 D5:2\nA: G4:2 A4:2\nT: E4:2 F4:2\nB: C3:2 D3:2', piece);
  const given = toRead(faulty);
  const faults = scoreFaults(given, analyseScore(given))!;
  expect(faults.some(({ rule, at }) => rule === 'parallel-octaves' && at === 20160)).toBe(true);
  const two = toRead(parseTypedVoices('S: C5:4\nB: (C3 E3):4', piece));
  expect(scoreFaults(two, analyseScore(two))).toBeNull();
});

test('a hostile or huge file is refused', () => {
  expect(() => readMusicXml('<score-partwise>'.repeat(50_000))).toThrow(/well-formed|taken apart/);
  expect(() => readMidiScore(new Uint8Array(21_000_000))).toThrow(/larger than 20 MB/);
});
