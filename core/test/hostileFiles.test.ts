/** Files that mean harm are answered soon: read as far as they can be, or refused in words. */
import { strToU8, zipSync } from 'fflate';
import { MOST_COLUMNS } from '../src';
import { musicXmlText, readMusicXmlLine, readRomanText, type Carried, type LineFile } from '../src/format';
import { attributes, chord, measures, note, score } from './scoreText';

const many = (count: number, one: (at: number) => string) =>
  Array.from({ length: count }, (_, at) => one(at)).join('');
const plain = score(measures(attributes() + chord('C4 E4 G4')));
const container = (path: string) =>
  strToU8(`<container><rootfiles><rootfile full-path="${path}"/></rootfiles></container>`);
const big = new Uint8Array(49_000_000);

const archive = zipSync({
  'META-INF/container.xml': container('s.xml'),
  's.xml': strToU8(plain),
  a: [big, { level: 1 }],
  b: [big, { level: 1 }],
});
const prototypes = zipSync({ 'META-INF/container.xml': container('__proto__') });

const overlapping = (at: number) =>
  `${note(`${'CDEFGAB'[at % 7]!}${at % 9}`, 9_000_000)}<backup><duration>8999999</duration></backup>`;
const tied = () => note('C4', 1, '<tie type="stop"/><tie type="start"/>');
/** Each entity twice the one before it. */
const doubling = many(20, (at) => {
  const before = at === 0 ? 'b' : `c${at - 1}`;
  return `<!ENTITY c${at} "&${before};&${before};">`;
});
const entities = `<!DOCTYPE s [<!ENTITY a "aaaaaaaaaa"><!ENTITY b "&a;&a;&a;&a;&a;&a;&a;&a;">${doubling}]>`;
const titled = plain.replace('<part-list/>', '<work><work-title>&c19;</work-title></work>');

type Read = () => Carried<LineFile>;

/** Far above what each takes: the alarm for what would never end. */
const ALARM_MS = 30_000;

function soon<Result>(work: () => Result): Result {
  const begin = performance.now();
  const result = work();
  expect(performance.now() - begin).toBeLessThan(ALARM_MS);
  return result;
}

test.each<[string, number, Read]>([
  [
    '2,000 changes of key',
    2000,
    () => readMusicXmlLine(score(measures(many(2_000, (at) => attributes('', at % 7) + chord('C4 E4 G4'))))),
  ],
  ['an archive of large members that nobody asked for', 1, () => readMusicXmlLine(musicXmlText(archive))],
  ['RomanText of signs', 1, () => readRomanText(`m1 C: ${'b1.'.repeat(300_000)} ${'|'.repeat(300_000)} I`)],
  ['RomanText of a header without an end', 1, () => readRomanText(`Title${' '.repeat(500_000)}x\nm1 C: I`)],
  [
    'RomanText of 100,000 bars',
    MOST_COLUMNS,
    () => readRomanText(many(100_000, (at) => `m${at} C: I b3 V\n`)),
  ],
  [
    'RomanText that repeats itself',
    MOST_COLUMNS,
    () => readRomanText(`m1 C: I\n${many(2000, (at) => `m${at + 2}-${at + 1900} = m1-1900\n`)}`),
  ],
])('%s: read soon, %i columns', (_, columns, read) => {
  expect(soon(read).value.columns).toHaveLength(columns);
});

test.each<[string, RegExp, () => unknown]>([
  [
    '15,000 notes that overlap',
    /more notes sound together than a score can have/,
    () => readMusicXmlLine(score(measures(attributes() + many(15_000, overlapping)))),
  ],
  [
    'far more notes than a score has, in a file that is not even whole',
    /it holds 60001 notes, and a score has 60000 at most/,
    () => readMusicXmlLine('<score-partwise>' + '<note><rest/></note>'.repeat(60_001)),
  ],
  ['an archive whose container names a prototype', /names no score in it/, () => musicXmlText(prototypes)],
  [
    'elements 50,000 deep',
    /cannot be taken apart/,
    () => readMusicXmlLine(score('<a>'.repeat(50_000) + '</a>'.repeat(50_000))),
  ],
  [
    'RomanText of one line of digits',
    /holds no bar with a numeral/,
    () => readRomanText(`m1 C: ${'1'.repeat(1_000_000)}`),
  ],
  [
    'RomanText of numerals that go on',
    /holds no bar with a numeral/,
    () => readRomanText(`m1 C: ${'V/'.repeat(300_000)}I ${'[add9]'.repeat(100_000)}`),
  ],
])('%s: refused soon, in words', (_, words, read) => {
  soon(() => expect(read).toThrow(words));
});

test('a score over 50 MB is not even taken apart', () => {
  soon(() => expect(() => musicXmlText(new Uint8Array(50_000_001))).toThrow(/larger than 50 MB/));
});

test('20,000 ties over one note are one note, which is no chord', () => {
  const read = () => readMusicXmlLine(score(measures(attributes() + many(20_000, tied))));
  expect(soon(read).value.columns).toHaveLength(0);
});

test('entities within entities never grow', () => {
  const read = () => readMusicXmlLine(titled.replace('?>', `?>\n${entities}`));
  const { title, columns } = soon(read).value;
  expect([columns.length, title.length <= 200]).toEqual([1, true]);
});

test('a document type of any form is read past', () => {
  for (const type of [
    '<!DOCTYPE score-partwise>',
    '<!DOCTYPE score-partwise SYSTEM "partwise.dtd">',
    '<!DOCTYPE score-partwise PUBLIC "-//A//B" "http://localhost/partwise.dtd">',
    '<!DOCTYPE score-partwise [<!ELEMENT a (b)><!ATTLIST a b CDATA #IMPLIED>]>',
  ])
    expect(readMusicXmlLine(plain.replace('?>', `?>\n${type}\n`)).value.columns).toHaveLength(1);
});
