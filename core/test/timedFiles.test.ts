/**
 * Lines with bars, repeats, keys, words, melody and voices, out to files and in again. MusicXML is also read
 * by Verovio 6.3.0 and MIDI by
 * @tonejs/midi 2, both independent readers.
 */
import { Midi } from '@tonejs/midi';
import fc from 'fast-check';
import {
  bestVoicing,
  ordinaryKeys,
  parseKey,
  parseNumeral,
  printKey,
  printNote,
  readBarredLine,
  parseMetre,
  printLine,
  entryText,
  type FourNotes,
  type LineColumn,
} from '../src';
import {
  PLAIN_LINE,
  readMusicXmlLine,
  readRomanText,
  writeCsv,
  writeMidiFile,
  writeMusicXmlLine,
  writeRomanText,
  type LineFile,
} from '../src/format';
import { verovio, type Toolkit } from './verovio';

let toolkit: Toolkit;
beforeAll(async () => (toolkit = await verovio()), 60_000);

/** A line as it is typed, with what else is decided about single columns. */
function lineOf(
  text: string,
  { key = 'G major', metre = '4/4', ...rest }: Partial<Omit<LineFile, 'key'>> & { key?: string } = {},
  decided: Record<number, Partial<LineColumn>> = {},
): LineFile {
  const { tokens, upbeat } = readBarredLine(text, parseKey(key), parseMetre(metre));
  const columns = tokens.map((token, at): LineColumn => {
    if ('error' in token) throw token.error;
    const { length, repeatStart, repeatEnd } = token;
    return {
      entry: token.entry,
      ...(length ? { length } : {}),
      ...(repeatStart ? { repeatStart } : {}),
      ...(repeatEnd ? { repeatEnd } : {}),
      ...decided[at],
    };
  });
  return { ...PLAIN_LINE, title: 'A line', tempo: 96, ...rest, key: parseKey(key), metre, upbeat, columns };
}

const typed = (file: LineFile) =>
  printLine(
    file.columns.map((column) => ({ ...column, text: entryText(column.entry) })),
    parseMetre(file.metre),
    file.upbeat,
  );

const RICH = lineOf(
  'V:1 | I vi | |: ii:3 V65/V:1 | V7 :| V7/IV IV | ii:3/2 V7:1/2 I:2 |',
  { source: 'Exercise book, page 3' },
  {
    0: { words: 'Oh' },
    2: { melody: ['B4', 'A4'] },
    3: { phraseEnd: true },
    6: { key: 'C major' },
    10: { phraseEnd: true },
  },
);

describe('MusicXML', () => {
  test('bars, upbeat, lengths, repeats, keys, words, melody, phrase ends, title and source come back', () => {
    const out = writeMusicXmlLine(RICH);
    expect(out.remarks).toEqual([]);
    const back = readMusicXmlLine(out.value);
    expect(back.remarks).toEqual([]);
    expect(back.value).toEqual(RICH);
  });

  test('four voices come back as four voices, and Verovio reads every one of their notes', () => {
    const key = parseKey('D major');
    const found = bestVoicing({
      key,
      numerals: ['I', 'ii65', 'V7', 'I'].map((text) => parseNumeral(text, key)),
    });
    const voices = 'voices' in found ? found.voices : [];
    const file = lineOf('| I:3/2 ii65:1/2 V7:2 | I |', { key: 'D major' });
    const { value } = writeMusicXmlLine(file, voices);
    const back = readMusicXmlLine(value).value;
    expect(back.columns.map(({ locks }) => locks)).toEqual(voices.map((notes) => notes.map(printNote)));
    expect(typed(back)).toBe(typed(file));
    expect(toolkit.loadData(value)).toBeTruthy();
    const mei = toolkit.getMEI();
    // One layer a voice: the soprano's layer holds the soprano's names in order, and so on.
    const layers = [1, 2, 5, 6].map((n) =>
      [...mei.matchAll(new RegExp(`<layer [^>]*n="${n}">([\\s\\S]*?)</layer>`, 'g'))].flatMap(([, layer]) =>
        [...layer!.matchAll(/pname="(.)"/g)].map(([, name]) => name!.toUpperCase()),
      ),
    );
    expect(layers).toEqual(
      [0, 1, 2, 3].map((voice) => voices.map((notes) => printNote(notes[voice as 0 | 1 | 2 | 3]).charAt(0))),
    );
    expect((mei.match(/<(?:chord|note) [^>]*dots="1"/g) ?? []).length).toBe(4);
  });

  test('a change of key stands in the file, and Verovio sees it', () => {
    const file = lineOf('| I V7 | I V7 | I |', { key: 'A major' }, { 2: { key: 'E minor' } });
    const { value } = writeMusicXmlLine(file);
    expect(
      [...value.matchAll(/<fifths>(-?\d)<\/fifths>\s*<mode>(\w+)</g)].map(
        ([, fifths, mode]) => `${fifths} ${mode}`,
      ),
    ).toEqual(['3 major', '1 minor']);
    expect(readMusicXmlLine(value).value.columns[2]!.key).toBe('E minor');
    expect(toolkit.loadData(value)).toBeTruthy();
    expect(toolkit.getMEI()).toMatch(/keySig[^>]*sig="1s"|key\.sig="1s"/);
  });

  test('a chord over the barline is tied, and comes back as one', () => {
    const file = lineOf('I:3 V:2 I:3', { metre: '4/4' });
    const { value } = writeMusicXmlLine(file);
    expect(value.match(/<tie type="start"/g)!.length).toBeGreaterThan(0);
    expect(typed(readMusicXmlLine(value).value)).toBe(typed(file));
    expect(toolkit.loadData(value)).toBeTruthy();
  });

  test('words under a chord that is still sought stand under its rest', () => {
    expect(writeMusicXmlLine(lineOf('| ? I |', {}, { 0: { words: 'who' } })).value).toMatch(
      /<rest\/>[\s\S]*<text>who<\/text>/,
    );
  });

  test('what cannot be carried is told', () => {
    const file = lineOf('| I:1 |: V:1 I:2 :| ? |', {}, { 0: { ruling: { key: 'G major', numeral: 'I' } } });
    expect(writeMusicXmlLine(file).remarks).toEqual([
      '1 chord that is to be worked back went as rests.',
      '1 repeat within a bar was left out.',
      '1 ruling went as plain numeral.',
    ]);
  });

  test('any line of any lengths comes back, in every key', () => {
    const lengths = fc.constantFrom('1', '2', '3', '4', '1/2', '3/2', '2/3', '4/3', '5');
    fc.assert(
      fc.property(
        fc.constantFrom(...ordinaryKeys('major')),
        fc.constantFrom('2/4', '3/4', '4/4', '6/8'),
        fc.array(fc.tuple(fc.constantFrom('I', 'ii6', 'IV', 'V65', 'V7/V', 'vi'), lengths), {
          minLength: 1,
          maxLength: 8,
        }),
        (key, metre, chords) => {
          const file = lineOf(chords.map(([text, length]) => `${text}:${length}`).join(' '), {
            key: printKey(key),
            metre,
          });
          const back = readMusicXmlLine(writeMusicXmlLine(file).value).value;
          expect(back.columns.map(({ entry, length }) => `${entryText(entry)}:${length ?? '2'}`)).toEqual(
            chords.map(([text, length]) => `${text}:${length}`),
          );
        },
      ),
      {
        numRuns: 60,
        // Over the barline stay five sixths of a quarter, which no one note value writes.
        examples: [
          [
            parseKey('Cb major'),
            '6/8',
            [
              ['I', '3/2'],
              ['I', '2/3'],
              ['I', '1'],
            ],
          ],
        ],
      },
    );
  });
});

describe('RomanText', () => {
  test('bars, beats, upbeat, repeats, keys, phrase ends and the metre come back', () => {
    const plain: LineFile = {
      ...RICH,
      columns: RICH.columns.map(({ words: _words, melody: _melody, ...column }) => column),
    };
    const out = writeRomanText(plain);
    expect(out.remarks).toEqual([]);
    expect(out.value).toContain('Time Signature: 4/4');
    expect(out.value).toContain('m0 b4 G: V\nm1 I b3 vi\nm2 ||: ii || b4 V65/V\nm3 V7 :||\n');
    expect(readRomanText(out.value)).toEqual({ value: plain, remarks: [] });
  });

  test('beats of a compound metre are dotted, and thirds of a beat come back', () => {
    const file = lineOf('| I:3/2 V:1/2 I:1 |', { metre: '6/8' });
    const { value } = writeRomanText(file);
    expect(value).toContain('m1 G: I b2 V b2.333 I');
    expect(typed(readRomanText(value).value)).toBe(typed(file));
  });

  test('words, melody, voices and the very notes cannot be said, and that is told', () => {
    expect(writeRomanText(lineOf('| I (D3 F#4 A4) |')).remarks).toEqual([
      'The very notes of 1 chord went as numerals.',
    ]);
    expect(writeRomanText(RICH).remarks).toEqual([
      'The words of 1 chord cannot be said in RomanText.',
      'The melody of 1 chord cannot be said in RomanText.',
    ]);
  });
});

test('MIDI plays repeats out, with lengths, keys, words and the melody, as an independent reader finds them', () => {
  const { value, remarks } = writeMidiFile(RICH);
  expect(remarks).toEqual(['1 repeat was played out.']);
  const midi = new Midi(value);
  expect(midi.header.timeSignatures.map(({ timeSignature }) => timeSignature)).toEqual([
    [1, 4],
    [4, 4],
  ]);
  expect(midi.header.keySignatures.map(({ key, ticks }) => [key, ticks])).toEqual([
    ['G', 0],
    ['C', 480 * 21],
  ]);
  const bass = midi.tracks[midi.tracks.length - 1]!.notes.map(({ ticks, durationTicks }) => [
    ticks / 480,
    durationTicks / 480,
  ]);
  expect(bass.map(([, length]) => length)).toEqual([1, 2, 2, 3, 1, 4, 3, 1, 4, 2, 2, 1.5, 0.5, 2]);
  expect(bass[bass.length - 1]).toEqual([27, 2]);
  expect(midi.tracks[0]!.notes.map(({ name, durationTicks }) => [name, durationTicks / 480])).toEqual([
    ['B4', 1],
    ['A4', 1],
  ]);
});

test('CSV says the bar, the beat and the length', () => {
  const rows = writeCsv(RICH)
    .split('\r\n')
    .slice(0, 4)
    .map((row) => row.split(',').slice(0, 5).join(' '));
  expect(rows).toEqual([
    'bar beat length key numeral',
    '0 4 1 G major V',
    '1 1 2 G major I',
    '1 3 2 G major vi',
  ]);
});

test('voices that are locked go to MIDI without being asked for', () => {
  const four = ['B4', 'D4', 'G3', 'G2'] as const;
  const file = lineOf('I', {}, { 0: { locks: [...four] } });
  expect(
    new Midi(writeMidiFile(file).value).tracks
      .filter(({ notes }) => notes.length > 0)
      .map(({ notes }) => notes[0]!.name),
  ).toEqual(four);
  const none: readonly (FourNotes | null)[] = [null];
  expect(
    new Midi(writeMidiFile(lineOf('I'), none).value).tracks.filter(({ notes }) => notes.length > 0),
  ).toHaveLength(2);
});
