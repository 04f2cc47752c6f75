/** RomanText keeps its times. */
import {
  chordOfNumeral,
  notesFromBass,
  parseKey,
  parseNumeral,
  printNoteName,
  readRomanNumeral,
} from '../src';
import { romanTextNumeral } from '../src/format/romantext/write';
import { readRomanText, writeRomanText } from '../src/format';
import { timesOf } from './scoreText';

describe('RomanText', () => {
  const read = (...lines: string[]) => readRomanText(lines.join('\n'));

  test('beats, metres, endings, variants and pickups keep their time', () => {
    const { value, remarks } = read(
      'Composer: Nobody',
      'Time Signature: 4/4',
      'm0 b4 C: V',
      'm1 I b2.5 V6 b3 I b4.33 IV b4.67 V',
      'm1var1 vi b3 ii',
      'm2a V',
      'm2b I b3 V/V',
      'Time Signature: 3/4',
      'm3 G: I b3 V7',
      'm4 I',
      'm5-6 = m3-4',
    );
    expect(remarks).toEqual([]);
    expect([value.metre, value.upbeat]).toEqual(['4/4', '1']);
    expect(timesOf(value)).toEqual([
      '0:4', '1:1', '1:5/2', '1:3', '1:13/3', '1:14/3', '2:1', '3:1', '3:3', '4:1', '4:3', '5:1', '6:1', '6:3', '7:1',
    ]); // prettier-ignore
    expect(value.columns.map(({ metre }) => metre).filter(Boolean)).toEqual(['3/4']);
  });

  test('compound and five-part beats are exact', () => {
    expect(timesOf(read('Time Signature: 6/8', 'm1 C: I b1.33 V b2.67 I').value)).toEqual([
      '1:1',
      '1:4/3',
      '1:8/3',
    ]);
    expect(timesOf(read('Time Signature: 4/4', 'm1 C: I b1.2 V b1.4 I b2.125 V').value)).toEqual([
      '1:1', '1:6/5', '1:7/5', '1:17/8',
    ]); // prettier-ignore
  });

  test('a first bar that begins later begins with silence, not with an upbeat', () => {
    const { value } = read('Time Signature: 4/4', 'm1 b3 C: I', 'm2 V');
    expect(value.upbeat).toBe('0');
    expect(timesOf(value)).toEqual(['1:1', '1:3', '2:1']);
    expect(value.columns[0]!.entry).toEqual({ kind: 'rest', text: 'N.C.' });
  });

  test('two keys at one place are one chord', () => {
    const { value, remarks } = read('m1 C: I b3 vi G: ii', 'm2 V b3 I');
    expect(timesOf(value)).toEqual(['1:1', '1:3', '2:1', '2:3']);
    expect(value.columns[1]).toMatchObject({ entry: { text: 'ii' }, key: 'G major' });
    expect(remarks).toEqual([
      'm1 b3: vi in C major is ii in G major: one chord in two keys, kept in the new one.',
    ]);
  });

  test('what is not understood is told with its bar and beat', () => {
    const { remarks } = read('m3 C: I b2 Q b3 V', 'no bar at all', 'm4 zz');
    expect(remarks).toEqual([
      expect.stringMatching(/^m3 b2: “Q”/),
      expect.stringMatching(/^Line 2: “no bar at all” was not understood/),
      expect.stringMatching(/^m4 b1: “zz”/),
    ]);
  });

  test('what goes out comes back at the same places with the same chords', () => {
    const { value } = read(
      'Time Signature: 3/4',
      'm0 b3 c: V[no3][no5]',
      'm1 I64 b2.5 Vsus4 b3 V7[b9]',
      'Time Signature: 2/4',
      'm2 i7 b2.333 N',
      'm3 bII6 b2 viio7/V',
    );
    const written = writeRomanText(value).value;
    expect(written).toContain('V[no3][no5]');
    expect(written).toContain('V[add4][no3]');
    expect(written).toContain('Time Signature: 2/4\nm2');
    const again = readRomanText(written).value;
    expect(timesOf(again)).toEqual(timesOf(value));
    expect(again.columns.map(({ entry }) => entry)).toEqual(
      value.columns.map(({ entry }) =>
        'text' in entry && entry.text === 'N' ? { ...entry, text: 'bII' } : entry,
      ),
    );
  });
});

describe('what is added is counted in the signature of the key', () => {
  // As music21 10.5.1 hears them (read by hand; nothing here needs it).
  test.each([
    ['A minor', 'V9', 'V7[add#9]', 'E G# B D F#'],
    ['A minor', 'V7b9', 'V9', 'E G# B D F'],
    ['A minor', 'V7#9', 'V7[add##9]', 'E G# B D F##'],
    ['A minor', 'I[add6]', 'I[add#6]', 'A C# E F#'],
    ['A minor', 'IVmaj7', 'IV[add#7]', 'D F# A C#'],
    ['C major', 'V7b9', 'V7[addb9]', 'G B D F Ab'],
    ['C major', 'V9', 'V9', 'G B D F A'],
    ['C major', 'IVmaj7#11', 'IV7[add11]', 'F A C E B'],
    ['C major', 'I[add9]', 'I[add9]', 'C E G D'],
    ['C major', 'V9/V', 'V9/V', 'D F# A C E'],
    ['C major', 'V7b9/ii', 'V9/ii', 'A C# E G Bb'],
  ])('in %s %s goes as %s', (keyText, own, text, notes) => {
    const key = parseKey(keyText);
    const numeral = parseNumeral(own, key);
    expect(romanTextNumeral(numeral, key).text).toBe(text);
    const back = chordOfNumeral(readRomanNumeral(text, key), key);
    expect(notesFromBass(back).map(printNoteName).join(' ')).toBe(notes);
  });
});
