/** The chart for accompanists: simplified chords, what is lost, rates, capos and the sheet (common practice). */
import {
  chartClashes,
  chartClashWords,
  chartWithWords,
  chartLossWords,
  chartOf,
  chartText,
  parseMetre,
  parseSymbol,
  parseTypedVoices,
  printSymbol,
  analyseScore,
  simplified,
  toRead,
  type ChartOptions,
} from '../src';

const score = toRead(
  parseTypedVoices(
    [
      'S: | D5:2 B4 | C5 B4 A4 | F#4:3 | G4:3 |',
      'B: | G2 (B3 D4) (B3 D4) | D3 (A3 C4) (A3 C4) | D3 (A3 C4) (A3 C4) | G2 (B3 D4) (B3 D4) |',
    ].join('\n'),
    { title: 'Slack Water', fifths: 1, metre: parseMetre('3/4') },
  ),
);
const reading = analyseScore(score);
const chart = (options: Partial<ChartOptions> = {}) =>
  chartOf(score, reading, { rate: 'chord', simple: false, capo: 0, ...options });
const symbols = (options: Partial<ChartOptions> = {}) =>
  chart(options).map(({ chord }) => printSymbol(chord));

test('chords that go on are named once', () => {
  expect(symbols()).toEqual(['G', 'D7', 'G']);
  expect(symbols({ rate: 'bar' })).toEqual(['G', 'D7', 'G']);
});

test('sevenths become triads; the seventh in the tune and the dominant at the cadence are told', () => {
  expect(symbols({ simple: true })).toEqual(['G', 'D', 'G']);
  const [, dominant] = chart({ simple: true });
  expect(dominant!.hurts).toEqual(expect.arrayContaining(['in-tune', 'cadence']));
  expect(chartLossWords(chart({ simple: true }), score.bars)).toMatch(
    /left out of 1 chord.*in the tune in measure 2.*cadence/,
  );
  expect(chartLossWords(chart(), score.bars)).toBe('Nothing is left out of the chords.');
});

test.each([
  ['Cmaj7', 'C', 1],
  ['Am7/G', 'Am', 1],
  ['Am7/C', 'Am/C', 1],
  ['Bm7b5', 'Bdim', 1],
  ['G#dim7', 'G#dim7', 0],
  ['C', 'C', 0],
])('%s is simplified to %s', (symbol, to, count) => {
  const { chord, dropped } = simplified(parseSymbol(symbol));
  expect([printSymbol(chord), dropped.length]).toEqual([to, count]);
});

test.each([
  [0, ['G', 'D7', 'G']],
  [2, ['F', 'C7', 'F']],
  [3, ['E', 'B7', 'E']],
  [5, ['D', 'A7', 'D']],
  [1, ['F#', 'C#7', 'F#']],
])('with a capo at fret %i the chords are %j', (capo, expected) => {
  expect(symbols({ capo })).toEqual(expected);
});

test('the sheet has four bars a line, and a sign where a chord goes on', () => {
  expect(chartText(score, chart(), printSymbol)).toBe('| G | D7 | % | G |');
});

test.each([
  ['Bb', ['A', 'E7', 'A']],
  ['Eb', ['E', 'B7', 'E']],
  ['F', ['D', 'A7', 'D']],
] as const)('for instruments in %s the chords are named as they are fingered', (part, expected) => {
  expect(symbols({ part })).toEqual(expected);
});

describe('the words of a chart', () => {
  const sung = parseTypedVoices(
    'S: | G4 A4 B4:2 | C5:2 B4:2 | A4 A4 G4:2 |\nB: | G2:4 | C3:2 G3:2 | D3:2 G2:2 |',
    {
      title: 'Harbour Wall',
      fifths: 1,
      metre: parseMetre('4/4'),
    },
  );
  const words = ['Low', 'and', 'slow', 'the', 'wa-', 'ter', 'goes', 'home'];
  let next = 0;
  const score = {
    ...sung,
    notes: sung.notes.map((one) => (one.part === 0 ? { ...one, lyric: words[next++]! } : one)),
  };
  const given = toRead(score);
  const read = analyseScore(given);
  const print = (chord: Parameters<typeof printSymbol>[0]) => printSymbol(chord);
  const own = chartOf(given, read, { rate: 'chord', simple: true, capo: 0 });

  test('stand under their chords, each line to its phrase end', () => {
    const twoBars = score.bars[1]!.to;
    expect(chartWithWords(score, own, [twoBars], print)).toBe(
      ['G            C   G', 'Low and slow the wa-', '', 'D        G', 'ter goes home'].join('\n'),
    );
  });

  test('a piece without words has none', () => {
    expect(chartWithWords(sung, own, [], print)).toBeNull();
  });
});

describe('where chart and piece disagree', () => {
  test('a chart of one chord a bar passes over the others, and that is told with the notes', () => {
    const two = toRead(
      parseTypedVoices('S: | E5 E5 D5:2 | C5:4 |\nA: | C5 C5 B4:2 | G4:4 |\nB: | C3:2 G2:2 | C3:4 |', {
        title: 'Ferry',
        fifths: 0,
        metre: parseMetre('4/4'),
      }),
    );
    const read = analyseScore(two);
    const bars = chartOf(two, read, { rate: 'bar', simple: true, capo: 0 });
    const clashes = chartClashes(two, read, bars);
    expect(clashes.map((one) => chartClashWords(one, two.bars))).toEqual([
      'measure 1 beat 3: the chart has C, the piece has D and B.',
    ]);
    expect(chartClashes(two, read, chartOf(two, read, { rate: 'chord', simple: true, capo: 0 }))).toEqual([]);
  });

  test('what only passes, and a seventh left out, are no disagreement', () => {
    expect(chartClashes(score, reading, chart({ simple: true }))).toEqual([]);
  });
});
