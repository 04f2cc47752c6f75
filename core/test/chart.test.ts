/** The chart for accompanists: simplified chords, what is lost, rates, capos and the sheet (common practice). */
import {
  chartLossWords,
  chartOf,
  chartText,
  parseMetre,
  parseSymbol,
  parseTypedVoices,
  printSymbol,
  readScore,
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
const reading = readScore(score);
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
