/**
 * Scores in and out of files: MusicXML as other programs write it, and as it is written here. The small scores
 * are our own.
 */
import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import {
  barAt,
  beatIn,
  countNotes,
  parseTypedVoices,
  printLength,
  printNote,
  analyseScore,
  rowsOfScore,
  scoreOfRows,
  toRead,
  type Score,
} from '../src';
import { readScoreFile, writeScoreXml } from '../src/format';
import { chorale } from './choraleReading';
import { verovio } from './verovio';
import { attributes, bytes, note, onsets, partwise, piece, written } from './scoreXml';

describe('MusicXML as other programs write it', () => {
  const forward = '<barline location="left"><repeat direction="forward"/></barline>';
  const backward = '<barline location="right"><repeat direction="backward"/></barline>';
  const four = note('C', 5, 2) + note('D', 5, 2) + note('E', 5, 2) + note('F', 5, 2);
  const three = note('C', 5, 2) + note('D', 5, 2) + note('E', 5, 2);
  const cut = (signs: boolean, number = '2') =>
    partwise([
      attributes + note('G', 4, 2),
      four,
      three + (signs ? backward : ''),
      (signs ? forward : '') + note('G', 4, 2),
      four,
    ]).replace('number="4"', number === '2' ? 'number="4"' : `number="${number}" implicit="yes"`);
  const places = ({ bars, notes }: Score) =>
    notes.map(({ onset }) => {
      const bar = barAt(bars, onset)!;
      return `${bar.number}.${beatIn(onset, bar)}`;
    });

  test.each([
    ['a repeat', cut(true)],
    ['its number', cut(false, 'X1')],
  ])('a bar that is cut in two, as %s shows, is one bar: its beats are counted on', (_, text) => {
    const score = written(text);
    expect(score.bars.map(({ number }) => number)).toEqual([0, 1, 2, 2, 3]);
    const told = ['0.4', '1.1', '1.2', '1.3', '1.4', '2.1', '2.2', '2.3', '2.4', '3.1', '3.2', '3.3', '3.4'];
    expect(places(score)).toEqual(told);
    // As it is kept, and as it is read back from what is written here.
    expect(places(scoreOfRows(rowsOfScore(score)))).toEqual(told);
    expect(places(written(writeScoreXml(score, analyseScore(toRead(score)))))).toEqual(told);
  });

  test('two short bars with nothing between them stay two', () => {
    expect(written(cut(false)).bars.map(({ number }) => number)).toEqual([0, 1, 2, 3, 4]);
  });

  test('a part that does not fill its bar leaves the next bar where it is, and is told', () => {
    const { value, remarks } = readScoreFile(
      'piece.xml',
      bytes(
        partwise(
          [attributes + note('C', 5, 8), note('D', 5, 8)],
          [attributes + note('C', 3, 4), note('G', 3, 8)],
        ),
      ),
    );
    expect(onsets(value, 1)).toEqual(['C3@0', 'G3@4']);
    expect(remarks.join(' ')).toMatch(/1 bar that a part does not fill as it should was read as written/);
  });

  test('voices by backup and forward, chords, ties and rests', () => {
    const score = written(
      partwise([
        attributes +
          note('E', 5, 4, '<voice>1</voice>') +
          note('G', 5, 4, '<chord/><voice>1</voice>') +
          note('E', 5, 4, '<tie type="start"/><voice>1</voice>') +
          '<backup><duration>8</duration></backup><forward><duration>2</duration></forward>' +
          note('C', 4, 6, '<voice>2</voice>'),
        note('E', 5, 8, '<tie type="stop"/>'),
      ]),
    );
    expect(onsets(score, 0)).toEqual(['E5@0', 'G5@0', 'E5@2', 'C4@1', 'E5@4']);
    const sounding = toRead(score).notes;
    expect(sounding).toHaveLength(4);
    expect(sounding.map(({ onset, end }) => `${printLength(onset)}-${printLength(end)}`)).toContain('2-8');
  });

  test('a timewise score is the same piece as the partwise one', () => {
    const parts = [
      [attributes + note('C', 5, 8), note('D', 5, 8)],
      [attributes + note('E', 3, 8), note('F', 3, 8)],
    ];
    const timewise =
      '<score-timewise><part-list><score-part id="P0"><part-name>Part 1</part-name></score-part>' +
      '<score-part id="P1"><part-name>Part 2</part-name></score-part></part-list>' +
      [0, 1]
        .map(
          (bar) =>
            `<measure number="${bar + 1}">` +
            `${parts.map((own, at) => `<part id="P${at}">${own[bar]}</part>`).join('')}</measure>`,
        )
        .join('') +
      '</score-timewise>';
    expect(rowsOfScore(written(timewise))).toEqual(rowsOfScore(written(partwise(...parts))));
  });

  test('a part in B flat sounds a whole step lower than it is written', () => {
    const transpose = '<transpose><diatonic>-1</diatonic><chromatic>-2</chromatic></transpose>';
    const score = written(
      partwise([attributes.replace('</attributes>', `${transpose}</attributes>`) + note('D', 5, 8)]),
    );
    expect(onsets(score, 0)).toEqual(['C5@0']);
    expect(score.parts[0]!.transposition).toEqual({ letters: -1, halfSteps: -2 });
  });

  test('grace notes, cues and percussion are kept and not read as chords', () => {
    const grace = '<note><grace/><pitch><step>B</step><octave>4</octave></pitch></note>';
    const drum = '<note><unpitched/><duration>2</duration></note>';
    const cue = '<note><cue/><pitch><step>A</step><octave>4</octave></pitch><duration>2</duration></note>';
    const score = written(partwise([attributes + grace + note('C', 5, 4) + drum + cue]));
    expect(score.notes.map(({ kind }) => kind)).toEqual(['grace', 'note', 'percussion', 'cue']);
    expect(toRead(score).notes.map((one) => printNote(one.note))).toEqual(['C5']);
    expect(countNotes(score, 0)).toBe(2);
  });

  test('repeats, endings, fermatas, clefs and words', () => {
    const fermata = '<notations><fermata/></notations><lyric><text>sea</text></lyric>';
    const clef = '<clef><sign>F</sign><line>4</line></clef>';
    const score = written(
      partwise([
        attributes.replace('</attributes>', `${clef}</attributes>`) +
          '<barline location="left"><repeat direction="forward"/></barline>' +
          note('C', 3, 8, fermata),
        '<barline location="left"><ending number="1" type="start"/></barline>' +
          note('D', 3, 8) +
          '<barline><ending number="1" type="stop"/><repeat direction="backward"/></barline>',
      ]),
    );
    expect(score.bars.map(({ repeatStart, repeatEnd, ending }) => [repeatStart, repeatEnd, ending])).toEqual([
      [true, undefined, undefined],
      [undefined, true, '1'],
    ]);
    expect(score.parts[0]!.clefs).toEqual([{ staff: 1, at: 0, clef: 'bass' }]);
    expect(score.notes[0]).toMatchObject({ fermata: true, lyric: 'sea' });
    expect(toRead(score).fermatas).toEqual([0]);
  });

  test.each([
    ['piece.pdf', '%PDF', /ending are not known here/],
    ['piece.musicxml', 'no xml', /not a MusicXML score|not well-formed/],
    [
      'piece.musicxml',
      '<score-partwise><part id="P"><measure/></part></score-partwise>',
      /no notes with a pitch/,
    ],
    ['piece.mid', 'RIFF....', /does not begin with MThd/],
    ['piece.mid', 'MThd\0\0\0\u0006', /ends within its header/],
  ])('%s holding %j is refused in words', (name, text, reason) => {
    expect(() => readScoreFile(name, bytes(text))).toThrow(reason);
  });

  test('every note of the chorale table is in its MusicXML, in its part', () => {
    const xml = readFileSync(join(__dirname, 'oracles', 'chorale-012.musicxml'));
    const score = readScoreFile('012.musicxml', xml).value;
    const table = chorale('012').score;
    const rows = (
      notes: readonly { part: number; onset: number; end: number; note: Parameters<typeof printNote>[0] }[],
    ) => notes.map((one) => `${one.part} ${one.onset} ${one.end} ${printNote(one.note)}`).sort();
    expect(rows(toRead(score).notes)).toEqual(rows(table.notes));
    expect(toRead(score).fermatas).toEqual(table.fermatas);
  });
});

describe('MusicXML out', () => {
  const back = (score: Score) => rowsOfScore(written(writeScoreXml(score, analyseScore(toRead(score)))));
  const plain = (score: Score) => ({ ...rowsOfScore(score), symbols: [] as readonly string[] });

  test.each([
    'S: | G4 | C5 B4:1/2 A4:1/2 G4_ G4 | C5:4^ |\nB: | r | C3:2 (E3 G3):2 | C3:4 |',
    'S: C5:1/8 D5:7/8 E5:3/2 F5:3/2',
  ])('a typed piece comes back note for note: %j', (text) => {
    const score = parseTypedVoices(text, piece);
    const rows = back(score);
    expect([...rows.notes].sort()).toEqual([...plain(score).notes].sort());
    expect({ ...rows, notes: [], symbols: [] }).toEqual({ ...plain(score), notes: [] });
  });

  test('so do voices, staves, tuplets, graces, a part in B flat, repeats, endings, clefs and words', () => {
    const transpose = '<transpose><diatonic>-1</diatonic><chromatic>-2</chromatic></transpose>';
    const triplet =
      '<time-modification><actual-notes>3</actual-notes><normal-notes>2</normal-notes></time-modification>';
    const grace = '<note><grace/><pitch><step>B</step><octave>4</octave></pitch><voice>1</voice></note>';
    const source = written(
      partwise(
        [
          attributes
            .replace('<divisions>2', '<divisions>6')
            .replace(
              '</attributes>',
              `<staves>2</staves><clef number="2"><sign>F</sign><line>4</line></clef></attributes>`,
            ) +
            '<barline location="left"><repeat direction="forward"/></barline>' +
            grace +
            [0, 1, 2]
              .map(() =>
                note('C', 5, 4, `<voice>1</voice>${triplet}<staff>1</staff><lyric><text>ah</text></lyric>`),
              )
              .join('') +
            note('E', 5, 12, '<voice>1</voice><staff>1</staff>') +
            '<backup><duration>24</duration></backup>' +
            note('C', 3, 24, '<voice>5</voice><staff>2</staff>'),
          '<barline location="left"><ending number="1" type="start"/></barline>' +
            note('D', 5, 24) +
            '<barline><ending number="1" type="stop"/><repeat direction="backward"/></barline>',
        ],
        [attributes.replace('</attributes>', `${transpose}</attributes>`) + note('D', 5, 8), note('E', 5, 8)],
      ),
    );
    const rows = back(source);
    expect([...rows.notes].sort()).toEqual([...plain(source).notes].sort());
    expect(rows.bars).toEqual(plain(source).bars);
    expect(rows.parts).toEqual(plain(source).parts);
  });

  test('a chorale goes out with its labels, and an engraver from the registry reads every note of it', async () => {
    const xml = readFileSync(join(__dirname, 'oracles', 'chorale-012.musicxml'));
    const score = readScoreFile('012.musicxml', xml).value;
    const reading = analyseScore(toRead(score));
    const text = writeScoreXml(score, reading);
    expect([...rowsOfScore(written(text)).notes].sort()).toEqual([...rowsOfScore(score).notes].sort());
    expect(text.match(/<function>/g)).toHaveLength(reading.chords.length);
    const toolkit = await verovio();
    expect(toolkit.loadData(text)).toBeTruthy();
    expect(toolkit.getMEI().match(/<note /g)).toHaveLength(score.notes.filter((one) => one.note).length);
  });
});

test('words that go over several notes keep their hyphens, in and out', () => {
  const sung = (text: string, syllabic: string) =>
    `<lyric><syllabic>${syllabic}</syllabic><text>${text}</text></lyric>`;
  const xml = partwise([
    attributes +
      note('C', 5, 2, sung('lan', 'begin')) +
      note('D', 5, 2, sung('tern', 'middle')) +
      note('E', 5, 2, sung('light', 'end')) +
      note('C', 5, 2, sung('burns', 'single')),
  ]);
  const read = written(xml);
  expect(read.notes.map(({ lyric }) => lyric)).toEqual(['lan-', 'tern-', 'light', 'burns']);
  const again = written(writeScoreXml(read, analyseScore(toRead(read))));
  expect(again.notes.map(({ lyric }) => lyric)).toEqual(['lan-', 'tern-', 'light', 'burns']);
});
