import {
  analyseScore,
  lineOfReading,
  playedBars,
  rowsOfScore,
  scoreOfRows,
  toRead,
  versesOf,
  type Score,
} from '../src';
import { musicXmlText, readMusicXml, writeScoreXml } from '../src/format/musicxml';

/** A note element in quarters; what stands in `inside` goes behind its type. */
const note = (pitch: string, inside = '', notations = '') => {
  const [, step, octave] = /([A-G])(\d)/.exec(pitch)!;
  return (
    `<note><pitch><step>${step}</step><octave>${octave}</octave></pitch><duration>1</duration><voice>1</voice>` +
    `<type>quarter</type><staff>1</staff>${notations && `<notations>${notations}</notations>`}${inside}</note>`
  );
};
const direction = (type: string, sound = '') =>
  `<direction><direction-type>${type}</direction-type>${sound}</direction>`;
const lyric = (number: number, text: string, syllabic = 'single') =>
  `<lyric number="${number}"><syllabic>${syllabic}</syllabic><text>${text}</text></lyric>`;

/** Four bars of a piece of our own with nearly everything that stands at notes and staves. */
const PIECE = `<score-partwise>
<part-list><score-part id="P1"><part-name>Flute</part-name></score-part></part-list>
<part id="P1">
<measure number="1">
<attributes><divisions>1</divisions><time><beats>4</beats><beat-type>4</beat-type></time></attributes>
${direction('<words>Calm</words>', '<sound tempo="72"/>')}
${direction('<segno/>', '<sound segno="segno"/>')}
${direction('<dynamics><mp/></dynamics>')}
${direction('<wedge type="crescendo"/>')}
<harmony><root><root-step>C</root-step></root><kind>major</kind></harmony>
${note('C5', lyric(1, 'Har', 'begin') + lyric(2, 'Ev', 'begin'), '<slur type="start" number="1"/>')}
${note(
  'D5',
  lyric(1, 'bour', 'end') + lyric(2, 'ning', 'end'),
  '<slur type="stop" number="1"/><slur type="start" number="1"/>',
)}
${note('E5', '', '<slur type="stop" number="1"/><articulations><staccato/></articulations>')}
${direction('<wedge type="stop"/>')}
${note(
  'F5',
  '',
  '<technical><fingering>3</fingering></technical><ornaments><tremolo type="single">2</tremolo></ornaments>',
)}
</measure>
<measure number="2">
<harmony><root><root-step>C</root-step></root><kind>none</kind></harmony>
${direction('<octave-shift type="down" size="8"/>')}
${note('C6')}${note('D6', '', '<arpeggiate/>')}${note('E6')}${note('F6')}
${direction('<octave-shift type="stop" size="8"/>')}
${direction('<words>Fine</words>', '<sound fine="yes"/>')}
</measure>
<measure number="3"><harmony><root><root-step>G</root-step></root><kind>dominant</kind></harmony>
${note('G5')}${note('A5')}${note('B5')}${note('C6')}</measure>
<measure number="4">${note('C5')}${note('D5')}${note('E5')}${note('F5')}
${direction('<words>D.S. al Fine</words>', '<sound dalsegno="segno"/>')}</measure>
</part></score-partwise>`;

const read = (text: string): Score => readMusicXml(text).score;
const plainSigns = ({ signs = [] }: Score) =>
  signs.map(({ kind, text, at, to }) => [kind, text, at / QUARTER, to / QUARTER]);
const QUARTER = read(PIECE).notes[1]!.onset;

describe('what stands at notes and staves of a file', () => {
  const score = read(PIECE);

  it('is read: marks, verses, signs, and where no chord is meant', () => {
    expect(score.notes.slice(0, 4).map(({ marks }) => marks)).toEqual([
      ['slur 1'],
      ['slur-end 1', 'slur 1'],
      ['slur-end 1', 'staccato'],
      ['finger 3', 'tremolo 2'],
    ]);
    expect(versesOf(score.notes[0]!.lyric)).toEqual(['Har-', 'Ev-']);
    expect(score.noChord).toEqual([4 * QUARTER]);
    const end = (8 * QUARTER - 1) / QUARTER;
    expect(plainSigns(score)).toEqual([
      ['tempo', 'Calm', 0, 0],
      ['segno', '', 0, 0],
      ['dynamic', 'mp', 0, 0],
      ['louder', '', 0, 3],
      ['8va', '', 4, 8],
      ['fine', 'Fine', end, end],
      ['dal-segno', 'D.S. al Fine', (16 * QUARTER - 1) / QUARTER, (16 * QUARTER - 1) / QUARTER],
    ]);
  });

  it('stays as it is through rows and through a file written out', () => {
    expect(scoreOfRows(rowsOfScore(score))).toEqual(score);
    const again = read(writeScoreXml(score));
    expect(again.notes.map(({ marks, lyric }) => [marks, lyric])).toEqual(
      score.notes.map(({ marks, lyric }) => [marks && expect.arrayContaining([...marks]), lyric]),
    );
    expect(plainSigns(again)).toEqual(plainSigns(score));
    expect(again.noChord).toEqual(score.noChord);
    expect(again.symbols).toEqual(score.symbols);
  });

  it('a verse that has nothing at a note leaves its place free', () => {
    const text = PIECE.replace(lyric(1, 'Har', 'begin'), '');
    expect(versesOf(read(text).notes[0]!.lyric)).toEqual(['', 'Ev-']);
  });

  it('a file as bytes comes to the same', () => {
    expect(read(musicXmlText(new TextEncoder().encode(PIECE)))).toEqual(score);
  });
});

describe('the order in which bars are played', () => {
  const withSigns = (changes: (text: string) => string) => playedBars(read(changes(PIECE)));

  it('goes back to the sign and ends at Fine', () => {
    expect(withSigns((text) => text)).toEqual([0, 1, 2, 3, 0, 1]);
  });

  it('goes over to the coda', () => {
    const coda = (text: string) =>
      text
        .replace('D.S. al Fine', 'D.S. al Coda')
        .replace(
          '<words>Fine</words></direction-type><sound fine="yes"/>',
          '<words>To Coda</words></direction-type>',
        )
        .replace('<measure number="3">', `<measure number="3">${direction('<coda/>')}`)
        .replace('<segno/>', '<words>here</words>')
        .replace('<sound segno="segno"/>', '')
        .replace('<measure number="2">', `<measure number="2">${direction('<segno/>')}`);
    expect(withSigns(coda)).toEqual([0, 1, 2, 3, 1, 2, 3]);
  });

  it('plays repeats before the jump and not after it', () => {
    const repeated = (text: string) =>
      text.replace(
        '</measure>\n<measure number="2">',
        '<barline location="right"><repeat direction="backward"/></barline></measure>\n<measure number="2">',
      );
    expect(withSigns(repeated)).toEqual([0, 0, 1, 2, 3, 0, 1]);
  });
});

describe('a piece whose symbols say that no chord is meant', () => {
  it('has chords that end there, and a rest in the line that is taken out', () => {
    const score = read(PIECE);
    const reading = analyseScore(toRead(score));
    expect(reading.chords.map(({ from, to }) => [from / QUARTER, to / QUARTER])).toEqual([
      [0, 4],
      [8, 16],
    ]);
    const line = lineOfReading(toRead(score), reading)!;
    expect(line.columns.map(({ entry, length }) => [entry.kind, length])).toEqual([
      ['numeral', '4'],
      ['rest', '4'],
      ['numeral', '8'],
    ]);
  });
});
