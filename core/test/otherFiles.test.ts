/** MusicXML as other programs write it. */
import { strToU8 } from 'fflate';
import { parseKey, printKey } from '../src';
import {
  musicXmlText,
  readMusicXmlLine,
  writeCsv,
  writeMusicXmlLine,
  type Carried,
  type LineFile,
} from '../src/format';
import { attributes, chord, measures, note, score, timesOf } from './scoreText';

const notesOf = ({ value }: Carried<LineFile>) =>
  value.columns.map(({ entry }) => ('notes' in entry ? entry.notes.join(' ') : entry.text));
describe('MusicXML of other programs', () => {
  test.each([
    ['utf-16le', (text: string) => new Uint8Array(Buffer.from(`\uFEFF${text}`, 'utf16le'))],
    ['utf-16be', (text: string) => new Uint8Array(Buffer.from(`\uFEFF${text}`, 'utf16le').swap16())],
    [
      'latin1',
      (text: string) => new Uint8Array(Buffer.from(text.replace('?>', ' encoding="ISO-8859-1"?>'), 'latin1')),
    ],
    ['utf-8', (text: string) => strToU8(text)],
  ])('%s is read as what it says it is', (_, bytes) => {
    const work = '<work><work-title>Ébb &#233; &amp; &#xE9; &amp;#233;</work-title></work>';
    const text = score(measures(attributes() + chord('C4 E4 G4'))).replace(
      '<part-list/>',
      `${work}<part-list/>`,
    );
    expect(readMusicXmlLine(musicXmlText(bytes(text))).value.title).toBe('Ébb é & é &#233;');
  });

  test('an encoding that is not known is named', () => {
    const text = score('').replace('?>', ' encoding="harbour-8"?>');
    expect(() => musicXmlText(strToU8(text))).toThrow(/“harbour-8”.*not known.*UTF-8/);
  });

  test('what one note or sign has wrong never refuses the score, and is told with its bar', () => {
    const odd = [
      '<note><pitch><step>H</step><octave>4</octave></pitch><duration>1</duration></note>',
      '<note><pitch><step>C</step><alter>0.5</alter><octave>4</octave></pitch><duration>1</duration></note>',
      '<note><pitch><step>C</step><octave>44</octave></pitch><duration>1</duration></note>',
      '<note><unpitched/><duration>1</duration></note>',
      note('D5', -3),
      note('D5', 'soon'),
      note('D5', 0, '<grace/>'),
      '<attributes><key><fifths>9</fifths></key><time><beats>0</beats><beat-type>5</beat-type></time></attributes>',
      '<harmony><root><root-step>C</root-step></root><kind>none</kind></harmony>',
      '<harmony><root><root-step>D</root-step></root><kind>constructor</kind></harmony>',
      '<harmony><root><root-step>Q</root-step></root><kind>Neapolitan</kind></harmony>',
      '<direction><direction-type><pedal type="start"/></direction-type></direction>',
      '<barline><ending number="3" type="start"/></barline>',
    ];
    const { value, remarks } = readMusicXmlLine(
      score(measures(attributes() + chord('C4 E4 G4'), odd.join(''), chord('G3 B3 D4'))),
    );
    const said = remarks.join(' ');
    for (const one of [
      /2 notes without a readable pitch were left out \(first in bar 2\)/,
      /1 quarter tone was taken to the nearest half step \(in bar 2\)/,
      /1 note of percussion was left out/,
      /2 durations that are no numbers were taken for none/,
      /1 grace note was left out/,
      /1 signature that no key has was passed over/,
      /1 metre that a line cannot have was passed over/,
      /1 chord symbol without notes of its own was passed over/,
      /1 place without a chord \(N\.C\.\) was passed over/,
      /1 pedal mark was left out/,
      /1 third or later ending was left out/,
    ])
      expect(said).toMatch(one);
    expect(notesOf({ value, remarks })).toEqual(['C4 E4 G4', 'G3 B3 D4']);
  });

  test.each([
    ['a clarinet in B♭', -1, -2, '', 2, 0, ['D4 F#4 A4', 'C4 E4 G4']],
    ['an alto saxophone', -5, -9, '', 3, 0, ['A4 C#5 E5', 'C4 E4 G4']],
    ['a horn in F without its letters', null, -7, '', 1, 0, ['G4 B4 D5', 'C4 E4 G4']],
    ['a double bass', 0, 0, '<octave-change>-1</octave-change>', 0, 0, ['C4 E4 G4', 'C3 E3 G3']],
    ['an instrument in A', -2, -3, '', 0, 3, ['C5 E5 G5', 'A4 C#5 E5']],
  ] as const)('%s is read as it sounds', (_, diatonic, chromatic, octave, written, sounding, [from, to]) => {
    const letters = diatonic === null ? '' : `<diatonic>${diatonic}</diatonic>`;
    const transpose = `<transpose>${letters}<chromatic>${chromatic}</chromatic>${octave}</transpose>`;
    const read = readMusicXmlLine(score(measures(attributes(transpose, written) + chord(from))));
    expect(notesOf(read)).toEqual([to]);
    expect(printKey(read.value.key)).toBe(printKey(parseKey(sounding === 3 ? 'A major' : 'C major')));
  });

  test('tuplets of any size, notes over sixty-four quarters and silence keep their time', () => {
    const read = readMusicXmlLine(
      score(
        measures(
          attributes('', 0, '5040') + chord('C4 E4 G4', 827) + chord('D4 F4 A4', 4 * 5040 - 827),
          `<note><rest/><duration>${8 * 5040}</duration></note>`,
          chord('C4 E4 G4', 100 * 5040),
        ),
      ),
    );
    expect(read.value.columns.map(({ length }) => length)).toEqual(['827/5040', '19333/5040', '8', '100']);
    expect(notesOf(read)[2]).toBe('N.C.');
  });

  test('changes of metre, additive metres and endings come into the line', () => {
    const three = '<attributes><time><beats>3+2</beats><beat-type>8</beat-type></time></attributes>';
    const first = '<barline location="left"><ending number="1" type="start"/></barline>';
    const again =
      '<barline location="right"><ending number="1" type="stop"/><repeat direction="backward"/></barline>';
    const second = '<barline location="left"><ending number="2" type="start"/></barline>';
    const { value, remarks } = readMusicXmlLine(
      score(
        measures(
          attributes('', 0, '2') + chord('C4 E4 G4', 8),
          first + chord('G3 B3 D4', 8) + again,
          `${second}${chord('G3 B3 F4', 8)}<barline location="right"><ending number="2" type="stop"/></barline>`,
          three + chord('C4 E4 G4', 5),
        ),
      ),
    );
    expect(value.columns.map(({ ending, repeatEnd, metre }) => [ending, repeatEnd, metre])).toEqual([
      [undefined, undefined, undefined],
      ['1', true, undefined],
      ['2', undefined, undefined],
      [undefined, undefined, '5/8'],
    ]);
    expect(timesOf(value)).toEqual(['1:1', '2:1', '3:1', '4:1']);
    expect(remarks).toEqual([]);
    expect(readMusicXmlLine(writeMusicXmlLine(value).value).value.columns).toEqual(value.columns);
  });

  test('a symbol stands where its offset says', () => {
    const harmony =
      '<harmony><root><root-step>G</root-step></root><kind>major</kind><offset>2</offset></harmony>';
    const read = readMusicXmlLine(score(measures(attributes() + harmony + chord('C4 E4 G4'))));
    expect(timesOf(read.value)).toEqual(['1:1', '1:3']);
  });
});

test('control characters never reach a score, and cells never begin as formulas do', () => {
  const file: LineFile = {
    title: 'Bell\u0007 \u0000\ud800buoy',
    key: parseKey('C major'),
    tempo: 80,
    metre: '4/4',
    upbeat: '0',
    source: '',
    columns: [{ entry: { kind: 'numeral', text: 'I' }, words: '=1+1|cmd' }],
  };
  const xml = writeMusicXmlLine(file).value;
  // eslint-disable-next-line no-control-regex -- these are what is looked for
  expect(xml).not.toMatch(/[\u0000-\u0008\u000b\u000c\u000e-\u001f]/);
  expect(xml).toContain('Bell');
  expect(writeCsv(file)).toContain(`'=1+1|cmd`);
});
