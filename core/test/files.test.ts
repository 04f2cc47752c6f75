/**
 * Files of progressions: RomanText out and in, MIDI out as read by @tonejs/midi 2 (an independent reader),
 * CSV as read by
 * papaparse, and MusicXML of several keys. RomanText is described by Tymoczko, Gotham, Cuthbert and Ariza
 * (ISMIR 2019).
 */
import { Midi } from '@tonejs/midi';
import fc from 'fast-check';
import { parse } from 'papaparse';
import {
  labelLine,
  midiNumber,
  ordinaryKeys,
  parseKey,
  parseNote,
  printKey,
  printNumeral,
  settingsOf,
  type FourNotes,
  type LineColumn,
} from '../src';
import {
  PLAIN_LINE,
  readRomanText,
  writeCsv,
  writeMidiFile,
  writeRomanText,
  type LineFile,
} from '../src/format';

const numerals = (line: string): LineColumn[] =>
  line.split(' ').map((text) => ({ entry: { kind: 'numeral', text } }));
const file = (key: string, columns: readonly LineColumn[], title = 'A line'): LineFile => ({
  ...PLAIN_LINE,
  title,
  key: parseKey(key),
  tempo: 92,
  columns,
});
const labels = ({ key, columns }: LineFile) =>
  labelLine(columns, key, { modulate: false }).map(({ labelled, key: own }) =>
    labelled.ok
      ? `${printKey(own)} ${printNumeral(labelled.labels.numeral, own)} ${labelled.labels.symbol}`
      : labelled.error.message,
  );

describe('RomanText', () => {
  test('keys, phrase ends, title and tempo come back', () => {
    const columns = numerals('I vi V65/ii ii V7 I viio7 i iv V');
    const marked = columns.map((column, at) => ({
      ...column,
      ...(at === 3 ? { phraseEnd: true } : {}),
      ...(at === 4 ? { key: 'E major' } : {}),
      ...(at === 6 ? { key: 'C# minor' } : {}),
    }));
    const out = writeRomanText(file('A major', marked));
    expect(out.remarks).toEqual([]);
    expect(out.value).toContain('m1 A: I\n');
    expect(out.value).toContain('m4 ii ||\nm5 E: V7\n');
    expect(out.value).toContain('m7 c#: viio7\n');
    const back = readRomanText(out.value);
    expect(back.remarks).toEqual([]);
    expect(back.value).toMatchObject({ title: 'A line', tempo: 92 });
    expect(labels(back.value)).toEqual(labels(file('A major', marked)));
    expect(back.value.columns.map(({ phraseEnd }) => phraseEnd ?? false)).toEqual(
      marked.map((_, at) => at === 3),
    );
  });

  test('what it says comes back in every key', () => {
    const line = [
      'I',
      'ii65',
      'viiø7',
      'V42',
      'V7/vi',
      'N6',
      'Ger+6',
      'It+6',
      'Fr+6',
      'iv',
      'bVI',
      'Cad64',
      'V9',
      'Imaj7',
      'IV6',
    ];
    fc.assert(
      fc.property(
        fc.constantFrom(...ordinaryKeys('major')),
        fc.array(fc.constantFrom(...line), { minLength: 1, maxLength: 12 }),
        (key, chosen) => {
          const out = file(printKey(key), numerals(chosen.join(' ')));
          expect(labels(readRomanText(writeRomanText(out).value).value)).toEqual(labels(out));
        },
      ),
    );
  });

  test('a numeral that is not read leaves its neighbours alone; bars are repeated; the rest is refused', () => {
    const read = readRomanText(
      'Title: T\nComposer: X\nm1 b: i b2 zz b3 V\nm2 i ||\nm3 = m1\nm4-5 = m1-2\nm6 = m9\n',
    );
    expect(labels(read.value).map((label) => label.split(' ')[2])).toEqual([
      'i',
      'V',
      'i',
      'i',
      'V',
      'i',
      'V',
      'i',
    ]);
    expect(read.remarks).toEqual([
      expect.stringMatching(/^m1 b2: “zz”/),
      expect.stringMatching(/^Line 7: “m6 = m9” repeats bars that were not found/),
    ]);
    expect(labels(read.value)[0]).toBe('B minor i Bm');
    expect(() => readRomanText('nothing here')).toThrow(/holds no bar with a numeral/);
    fc.assert(
      fc.property(fc.string({ maxLength: 200 }), (text) => {
        try {
          readRomanText(text);
        } catch (error) {
          expect((error as Error).name).toBe('TheoryError');
        }
      }),
    );
  });

  test('what it cannot say is told', () => {
    const out = writeRomanText(
      file('C major', [...numerals('I subV7 I'), { entry: { kind: 'numeral', text: 'V65/xx' } }]),
    );
    expect(out.remarks).toEqual([
      expect.stringMatching(/^Chord 2: a substitute/),
      expect.stringMatching(/^Chord 4 has no numeral/),
    ]);
  });
});

describe('MIDI', () => {
  test('an independent reader finds every note, its length, the tempo, the metre and the signature', () => {
    const line = file('Eb major', numerals('I IV V7 I'));
    const midi = new Midi(writeMidiFile(line).value);
    expect(midi.header.tempos[0]!.bpm).toBeCloseTo(92, 2);
    expect(midi.header.timeSignatures[0]!.timeSignature).toEqual([2, 4]);
    expect(midi.header.keySignatures[0]).toMatchObject({ key: 'Eb', scale: 'major' });
    const expected = settingsOf(
      line.columns.map(({ entry }) => entry),
      line.key,
    ).map(({ upper, lower }) => [...upper, ...lower].map(midiNumber).sort((a, b) => a - b));
    const found = expected.map((_, at) =>
      midi.tracks
        .flatMap(({ notes }) => notes.filter(({ ticks }) => ticks === at * 960).map(({ midi: note }) => note))
        .sort((a, b) => a - b),
    );
    expect(found).toEqual(expected);
    expect(
      new Set(midi.tracks.flatMap(({ notes }) => notes.map(({ durationTicks }) => durationTicks))),
    ).toEqual(new Set([960]));
  });

  test('voices go to tracks of their own, and an unreadable chord is a rest that is told', () => {
    const voices = ['B4 D4 G3 G2', 'A4 F#4 C4 D3'].map(
      (chord) => chord.split(' ').map(parseNote) as unknown as FourNotes,
    );
    const midi = new Midi(writeMidiFile(file('G major', numerals('I V7')), voices).value);
    expect(
      midi.tracks.filter(({ notes }) => notes.length > 0).map(({ notes }) => notes.map(({ name }) => name)),
    ).toEqual([
      ['B4', 'A4'],
      ['D4', 'F#4'],
      ['G3', 'C4'],
      ['G2', 'D3'],
    ]);
    const rest = writeMidiFile(
      file('G major', [{ entry: { kind: 'numeral', text: 'Vzz' } }, ...numerals('I')]),
    );
    expect(rest.remarks).toEqual([expect.stringMatching(/^Chord 1 cannot be read and is a rest: “Vzz”/)]);
    expect(
      Math.min(...new Midi(rest.value).tracks.flatMap(({ notes }) => notes.map(({ ticks }) => ticks))),
    ).toBe(960);
  });
});

test('CSV holds the rows of the bench, quoted where it must be', () => {
  const rows = parse<Record<string, string>>(
    writeCsv(file('A minor', [...numerals('i V65 i'), { entry: { kind: 'numeral', text: 'V"x,' } }])),
    {
      header: true,
      skipEmptyLines: true,
    },
  ).data;
  expect(rows.map(({ numeral, figures, symbol, cadence }) => [numeral, figures, symbol, cadence])).toEqual([
    ['i', '', 'Am', ''],
    ['V65', '6 5', 'E7/G♯', ''],
    ['i', '', 'Am', 'authentic'],
    ['', '', '', ''],
  ]);
  expect(rows[3]!['remark']).toMatch(/^“V"x,”/);
});
