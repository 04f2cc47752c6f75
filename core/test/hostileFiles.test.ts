/** Files that mean harm are answered soon, in words. */
import { strToU8, zipSync } from 'fflate';
import { attempt } from '../src';
import { musicXmlText, readMusicXmlLine, readRomanText } from '../src/format';
import { attributes, chord, measures, note, score } from './scoreText';

describe('files that mean harm', () => {
  const many = (count: number, one: (at: number) => string) =>
    Array.from({ length: count }, (_, at) => one(at)).join('');
  const big = new Uint8Array(49_000_000);
  const container = strToU8('<container><rootfiles><rootfile full-path="s.xml"/></rootfiles></container>');
  const plain = score(measures(attributes() + chord('C4 E4 G4')));
  const archive = zipSync({
    'META-INF/container.xml': container,
    's.xml': strToU8(plain),
    a: [big, { level: 1 }],
    b: [big, { level: 1 }],
  });
  const hostile: [string, () => unknown][] = [
    ['2,000 changes of key', () => readMusicXmlLine(score(measures(many(2_000, (at) => attributes('', at % 7) + chord('C4 E4 G4')))))],
    ['15,000 notes that overlap', () => readMusicXmlLine(score(measures(attributes() + many(15_000, (at) => `${note('CDEFGAB'[at % 7]! + (at % 9), 9_000_000)}<backup><duration>8999999</duration></backup>`))))],
    ['tied notes without an end', () => readMusicXmlLine(score(measures(attributes() + many(20_000, () => note('C4', 1, '<tie type="stop"/><tie type="start"/>')))))],
    ['an archive of large members that nobody asked for', () => readMusicXmlLine(musicXmlText(archive))],
    ['an archive whose container names a prototype', () => musicXmlText(zipSync({ 'META-INF/container.xml': strToU8('<container><rootfiles><rootfile full-path="__proto__"/></rootfiles></container>') }))],
    ['entities within entities', () => readMusicXmlLine(`<!DOCTYPE s [<!ENTITY a "aaaaaaaaaa"><!ENTITY b "&a;&a;&a;&a;&a;&a;&a;&a;&a;&a;">${many(20, (at) => `<!ENTITY c${at} "&${at === 0 ? 'b' : `c${at - 1}`};&${at === 0 ? 'b' : `c${at - 1}`};">`)}]>${plain.replace('<part-list/>', '<work><work-title>&c19;</work-title></work>')}`)],
    ['elements 50,000 deep', () => readMusicXmlLine(score('<a>'.repeat(50_000) + '</a>'.repeat(50_000)))],
    ['RomanText of one line of digits', () => readRomanText(`m1 C: ${'1'.repeat(1_000_000)}`)],
    ['RomanText of one header without an end', () => readRomanText(`Title${' '.repeat(500_000)}x\nm1 C: I`)],
    ['RomanText of signs', () => readRomanText(`m1 C: ${'b1.'.repeat(300_000)} ${'|'.repeat(300_000)} I`)],
    ['RomanText of numerals that go on', () => readRomanText(`m1 C: ${'V/'.repeat(300_000)}I ${'[add9]'.repeat(100_000)}`)],
    ['RomanText of 100,000 bars', () => readRomanText(many(100_000, (at) => `m${at} C: I b3 V\n`))],
    ['RomanText that repeats itself', () => readRomanText(`m1 C: I\n${many(2000, (at) => `m${at + 2}-${at + 1900} = m1-1900\n`)}`)],
  ]; // prettier-ignore

  test.each(hostile)('%s: answered soon', (_, read) => {
    const begin = performance.now();
    const result = attempt(read);
    // Far above what it takes: this is the alarm for what would never end.
    expect(performance.now() - begin).toBeLessThan(30_000);
    if (!result.ok) expect(result.error.message.length).toBeLessThan(400);
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
});
