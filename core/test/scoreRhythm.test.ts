/**
 * Rhythm, titles and symbols of scores as files of other programs hold them (MusicXML 4), and whole scores as MIDI.
 */
import { parseTypedVoices, printLength, printSymbol, type Score } from '../src';
import { readScoreFile, writeScoreMidi, writeScoreXml } from '../src/format';
import { attributes, bytes, note, onsets, partwise, piece, written } from './scoreXml';

describe('rhythm as it is written (MusicXML 4, note and time-modification)', () => {
  const triplet =
    '<time-modification><actual-notes>3</actual-notes><normal-notes>2</normal-notes></time-modification>';
  const rounded = attributes.replace('<divisions>2', '<divisions>256');
  /** A third of an eighth as programs round it. */
  const third = (step: string, duration: number, voice = 1) =>
    note(step, 5, duration, `<voice>${voice}</voice><type>16th</type>${triplet}`);

  test.each([
    [
      [42, 43, 43],
      [43, 43, 42],
    ],
    [
      [43, 43, 43],
      [42, 43, 43],
    ],
  ])('durations that were rounded (%j, %j) are the triplets that they mean', (first, second) => {
    const three = (lengths: readonly number[], voice = 1) =>
      lengths.map((length, at) => third('CDE'[at]!, length, voice)).join('');
    const sum = (lengths: readonly number[]) => lengths.reduce((all, one) => all + one, 0);
    // Voice 2 goes back from the middle of voice 1, and so from a rounded time.
    const bar =
      three(first) +
      note('G', 4, 768, '<voice>1</voice><type>half</type><dot/>') +
      `<backup><duration>${sum(first) + 768 - first[0]!}</duration></backup>` +
      `<backup><duration>${first[0]!}</duration></backup>` +
      three(second, 2);
    const score = written(partwise([rounded + bar]));
    expect(onsets(score, 0)).toEqual(['C5@0', 'D5@1/6', 'E5@1/3', 'G4@1/2', 'C5@0', 'D5@1/6', 'E5@1/3']);
    expect(score.notes.filter(({ tuplet }) => tuplet).every(({ ticks }) => ticks === 1680)).toBe(true);
  });

  test('a duration that says something else than the type is believed', () => {
    const odd = note('C', 5, 2, '<type>eighth</type>') + note('D', 5, 6, '<type>whole</type>');
    expect(onsets(written(partwise([attributes + odd])), 0)).toEqual(['C5@0', 'D5@1']);
  });
});

test.each([
  ['<movement-title>Slack Water</movement-title>', 'Slack Water'],
  ['<credit><credit-type>title</credit-type><credit-words>Groynes</credit-words></credit>', 'Groynes'],
  ['', 'harbour wall 2'],
])('a piece is called what its file says, or as its file: %s', (head, title) => {
  const text = partwise([attributes + note('C', 5, 8)]).replace(
    '<score-partwise>',
    `<score-partwise>${head}`,
  );
  expect(readScoreFile('songs/harbour wall 2.musicxml', bytes(text)).value.title).toBe(title);
});

test('the symbols of a lead sheet go out again where they stood', () => {
  const harmony = (step: string, kind: string) =>
    `<harmony><root><root-step>${step}</root-step></root><kind>${kind}</kind></harmony>`;
  const song = written(
    partwise([
      attributes + harmony('C', 'major') + note('E', 5, 4) + harmony('G', 'dominant') + note('D', 5, 4),
    ]),
  );
  const symbols = ({ symbols: all }: Score) =>
    all.map(({ at, chord }) => `${printLength(at)} ${printSymbol(chord)}`);
  expect(symbols(song)).toEqual(['0 C', '2 G7']);
  expect(symbols(written(writeScoreXml(song)))).toEqual(['0 C', '2 G7']);
});

test('a whole score goes out as MIDI and comes back with its notes, repeats played out', () => {
  const score = parseTypedVoices('S: | G4 A4 B4 C5 | D5:4 |\nB: | C3:4 | G2:4 |', piece);
  const repeated: Score = {
    ...score,
    bars: score.bars.map((bar, at) => (at === 0 ? { ...bar, repeatStart: true, repeatEnd: true } : bar)),
  };
  const { value, remarks } = writeScoreMidi(repeated);
  const back = readScoreFile('back.mid', value).value;
  expect(remarks).toEqual(['1 repeat was played out.']);
  expect(onsets(back, 0)).toEqual([
    ...['G4@0', 'A4@1', 'B4@2', 'C5@3', 'G4@4', 'A4@5', 'B4@6', 'C5@7'],
    'D5@8',
  ]);
  expect(onsets(back, 1)).toEqual(['C3@0', 'C3@4', 'G2@8']);
});
