/**
 * MusicXML out and in; what is written is read by Verovio 6.3.0, an independent reader, and compared note by
 * note.
 */
import { XMLParser } from 'fast-xml-parser';
import fc from 'fast-check';
import {
  entryText,
  ordinaryKeys,
  parseKey,
  printKey,
  readIntervalLine,
  readLine,
  settingsOf,
  type Entry,
  type Key,
} from '../src';
import { PLAIN_LINE } from '../src/format';
import {
  chordKindOf,
  membersOfKind,
  intervalsToMusicXml,
  readMusicXml,
  readMusicXmlLine,
  writeMusicXmlLine,
} from '../src/format/musicxml';
import { anyChord } from './arbitraries';
import { verovio, type Toolkit } from './verovio';

interface Plain {
  readonly title: string;
  readonly key: Key;
  readonly tempo: number;
  readonly entries: readonly Entry[];
}

const progressionToMusicXml = ({ entries, ...line }: Plain) =>
  writeMusicXmlLine({ ...PLAIN_LINE, ...line, columns: entries.map((entry) => ({ entry })) }).value;
const progressionFromMusicXml = (xml: string) => {
  const { value, remarks } = readMusicXmlLine(xml);
  return { ...value, entries: value.columns.map(({ entry }) => entry), unread: remarks.length };
};

let toolkit: Toolkit;
beforeAll(async () => (toolkit = await verovio()), 60_000);

function entriesOf(line: string, key: string): Entry[] {
  return readLine(line, parseKey(key)).flatMap((token) => {
    if ('error' in token) throw token.error;
    return [token.entry];
  });
}

const LINES: readonly (readonly [string, string])[] = [
  ['A major', 'I vi V65/ii ii ii65 V7 I'],
  ['C minor', 'i iv6 viio7 i N6 Ger+6 V7 i Cad64'],
  ['Gb major', 'Imaj7 V7/IV IVmaj7 iv bVII7 I'],
  ['E minor', 'Em Am/C B7/D# F#m7b5 B7b9 (E2 G3 B3 E4)'],
];

/**
 * Notes of MEI in document order as `F#4`; Verovio gives every altered note its written or sounding
 * accidental.
 */
function notesOfMei(mei: string): string[] {
  const signs: Record<string, string> = { s: '#', f: 'b', n: '', ss: '##', x: '##', ff: 'bb' };
  return [...mei.matchAll(/<note\b([^>]*?)(?:\/>|>([\s\S]*?)<\/note>)/g)].map(([, attributes, inner]) => {
    const attribute = (name: string) => new RegExp(`\\b${name}="([^"]*)"`).exec(attributes!)?.[1] ?? '';
    const accidental = /accid(?:\.ges)?="([^"]*)"/.exec(`${inner ?? ''} ${attributes}`)?.[1] ?? 'n';
    return attribute('pname').toUpperCase() + signs[accidental] + attribute('oct');
  });
}

test.each(LINES)('in %s, “%s” is read by Verovio note by note', (key, line) => {
  const entries = entriesOf(line, key);
  const xml = progressionToMusicXml({ title: 'Round trip', key: parseKey(key), tempo: 80, entries });
  expect(toolkit.loadData(xml)).toBeTruthy();
  const mei = toolkit.getMEI();
  const expected = settingsOf(entries, parseKey(key)).flatMap(({ upper, lower }) =>
    [...upper, ...lower].map(
      (n) =>
        'CDEFGAB'[n.step]! +
        (n.alteration < 0 ? 'b'.repeat(-n.alteration) : '#'.repeat(n.alteration)) +
        n.octave,
    ),
  );
  expect(notesOfMei(mei)).toEqual(expected);
  expect((mei.match(/<harm\b/g) ?? []).length).toBeGreaterThanOrEqual(entries.length);
});

test.each(LINES)('in %s, “%s” comes back with the same notes, key and labels', (key, line) => {
  const entries = entriesOf(line, key);
  const back = progressionFromMusicXml(
    progressionToMusicXml({ title: 'Ebb & “Flow” <1>', key: parseKey(key), tempo: 92, entries }),
  );
  expect([back.title, printKey(back.key), back.tempo, back.unread]).toEqual(['Ebb & “Flow” <1>', key, 92, 0]);
  expect(settingsOf(back.entries, back.key)).toEqual(settingsOf(entries, parseKey(key)));
  // Symbols come back as the numerals that were written beside them.
  const again = progressionFromMusicXml(progressionToMusicXml({ ...back }));
  expect(again.entries.map(entryText)).toEqual(back.entries.map(entryText));
});

test('every chord map of the 30 keys comes back with its labels', () => {
  for (const key of [...ordinaryKeys('major'), ...ordinaryKeys('minor')]) {
    const entries = entriesOf('1 2 3 4 5 6 7', printKey(key));
    const back = progressionFromMusicXml(progressionToMusicXml({ title: 'Map', key, tempo: 80, entries }));
    expect(back.entries).toEqual(entries);
  }
});

test('kind and degrees stand for the very members of any chord', () => {
  fc.assert(
    fc.property(anyChord, (chord) => {
      const { kind, degrees } = chordKindOf(chord);
      const sort = (list: readonly { degree: number; alteration: number }[]) =>
        list.map((m) => `${m.degree}:${m.alteration}`).sort();
      expect(sort(membersOfKind(kind, degrees)!)).toEqual(sort(chord.members));
    }),
  );
});

test('figured bass and harmony are elements of the file', () => {
  const xml = progressionToMusicXml({
    title: 'Figures',
    key: parseKey('A minor'),
    tempo: 80,
    entries: entriesOf('V43 viio42', 'A minor'),
  });
  const parsed = new XMLParser({ ignoreAttributes: false }).parse(xml) as {
    'score-partwise': { part: { measure: Record<string, unknown>[] } };
  };
  const [first, second] = parsed['score-partwise'].part.measure;
  expect(first!['figured-bass']).toEqual({
    figure: [{ prefix: 'sharp', 'figure-number': 6 }, { 'figure-number': 4 }, { 'figure-number': 3 }],
  });
  expect(second!['figured-bass']).toEqual({
    figure: [{ 'figure-number': 4 }, { prefix: 'sharp', 'figure-number': 2 }],
  });
  expect(first!['harmony']).toMatchObject([
    { root: { 'root-step': 'E' }, bass: { 'bass-step': 'B' } },
    { function: 'V43' },
  ]);
});

test.each([
  ['not xml at all', /not well-formed XML|not a MusicXML/],
  ['<a><b></a>', /line 1.*not well-formed/],
  ['<score-timewise version="4.0"/>', /has no part/],
  ['<html></html>', /not a MusicXML score/],
  ['<score-partwise version="4.0"></score-partwise>', /has no part/],
])('%s is refused with its reason', (text, reason) => {
  expect(() => readMusicXml(text)).toThrow(reason);
});

test.each(['treble', 'bass', 'alto', 'tenor'] as const)(
  'a line of intervals in the %s clef is read by Verovio note by note, with the accidentals that are drawn',
  (clef) => {
    const pairs = readIntervalLine('F#3 A#3, C4 A#3, G#3 Fx4, Bb3 Dbb4, B3 E#4').flatMap((token) =>
      'pair' in token ? [token.pair] : [],
    );
    expect(
      toolkit.loadData(
        intervalsToMusicXml({ title: 'Intervals', key: parseKey('G major'), clef, perBar: 2, pairs }),
      ),
    ).toBeTruthy();
    const mei = toolkit.getMEI();
    expect(notesOfMei(mei)).toEqual(['F#3', 'A#3', 'C4', 'A#3', 'G#3', 'F##4', 'Bb3', 'Dbb4', 'B3', 'E#4']);
    const shapes = { treble: ['G', '2'], bass: ['F', '4'], alto: ['C', '3'], tenor: ['C', '4'] }[clef];
    expect([
      /clef[^>]*shape="(.)"|clef\.shape="(.)"/.exec(mei)!.slice(1).find(Boolean),
      /clef[^>]*line="(.)"|clef\.line="(.)"/.exec(mei)!.slice(1).find(Boolean),
    ]).toEqual(shapes);
    // The sharp of the signature and the second A sharp of the bar are understood; the B of a bar of its own
    // needs no natural.
    const written = [...mei.matchAll(/<note\b[^>]*?(?:\/>|>([\s\S]*?)<\/note>)/g)].map(
      ([whole]) => /accid="([^"]*)"/.exec(whole!)?.[1] ?? '',
    );
    expect(written.map((sign) => sign.replace('x', 'ss'))).toEqual([
      '',
      's',
      '',
      '',
      's',
      'ss',
      'f',
      'ff',
      '',
      's',
    ]);
  },
);
