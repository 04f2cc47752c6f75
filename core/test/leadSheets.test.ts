/** Songs with chord symbols: the symbols are their chords, and the tune is judged against them (common practice). */
import {
  analyseScore,
  parseSymbol,
  parseNumeral,
  parseKey,
  printKey,
  printNumeral,
  scoreChordSteps,
  TICKS_A_QUARTER,
  type ScoreToRead,
} from '../src';
import { phrase } from './scorePhrase';

/** A tune with symbols, each so many quarters long. */
const song = (tune: string, symbols: string, fifths = 0): ScoreToRead => {
  let at = 0;
  return {
    ...phrase([tune], { fifths }),
    symbols: symbols.split(' ').map((word) => {
      const [chord, length = '4'] = word.split(':');
      const one = { at: at * TICKS_A_QUARTER, chord: parseSymbol(chord!) };
      at += Number(length);
      return one;
    }),
  };
};
const numerals = (score: ScoreToRead, options = {}) =>
  analyseScore(score, options).chords.map(({ numeral, key }) => printNumeral(numeral, key));

const inF = song('C5 A4 F4 A4 D5 C5 Bb4 A4 G4 E4 C4 E4 F4:4', 'F Bb C7 F');

test('a song in F without a written signature is in F, by its symbols', () => {
  const { keys, cadences } = analyseScore(inF);
  expect(keys.map(({ key }) => printKey(key))).toEqual(['F major']);
  expect(numerals(inF)).toEqual(['I', 'IV', 'V7', 'I']);
  expect(cadences).toEqual([{ at: 3, kind: 'authentic' }]);
});

test('the tune is judged against the symbols', () => {
  const { chords } = analyseScore(inF);
  const foreign = chords.flatMap(({ nonChord }, at) => nonChord.map(({ kind, note }) => [at, note, kind]));
  expect(foreign).toEqual([
    [1, 5, 'passing'],
    [1, 7, 'passing'],
  ]);
  expect(chords.every(({ supplied, bySymbol }) => supplied.length === 0 && bySymbol)).toBe(true);
});

test('brackets, arrows and substitutes stand as over a typed line', () => {
  const standard = song('F5:4 F5:4 E5:4 A4:4 D5:4 B4:4 C5:4', 'Dm7 Db7 Cmaj7 A7 Dm7 G7 Cmaj7');
  const { arrows, brackets } = analyseScore(standard);
  expect(numerals(standard)).toEqual(['ii7', 'subV7', 'Imaj7', 'V7/ii', 'ii7', 'V7', 'Imaj7']);
  expect(arrows.map(({ from, kind }) => `${from} ${kind}`)).toContain('1 substitute');
  expect(brackets.map(({ from, to }) => [from, to])).toContainEqual([4, 5]);
});

test('the notes are read instead where that is asked for', () => {
  expect(numerals(inF, { chordsFrom: 'notes' })).not.toEqual(numerals(inF));
});

test('a numeral that is ruled stands in the place of its symbol, a key over its time', () => {
  const key = parseKey('F major');
  const from = 4 * TICKS_A_QUARTER;
  const ruled = analyseScore(inF, {
    rulings: [{ kind: 'numeral', from, to: 2 * from, key, numeral: parseNumeral('ii6', key) }],
  });
  expect([printNumeral(ruled.chords[1]!.numeral, key), ruled.chords[1]!.ruled]).toEqual(['ii6', true]);
  const moved = analyseScore(inF, {
    rulings: [{ kind: 'key', from: 0, to: 4 * from, key: parseKey('Bb major') }],
  });
  expect(moved.keys.map((area) => printKey(area.key))).toEqual(['Bb major']);
});

test('the working says that a symbol says the chord', () => {
  const [first] = scoreChordSteps(inF, analyseScore(inF), 2);
  expect(first).toEqual(['The symbol ', { strong: 'C7' }, ' says the chord.']);
});

test('symbols before the first note and in rests are chords; a single one is none of a piece', () => {
  const odd = song('r:4 F4:4 r:4 C5:4', 'F F Bb F');
  expect(numerals(odd)).toEqual(['I', 'I', 'IV', 'I']);
  const single = analyseScore({ ...odd, symbols: odd.symbols!.slice(0, 1) });
  expect(single.chords.some(({ bySymbol }) => bySymbol)).toBe(false);
});

test('a broken chord of the tune is judged note by note', () => {
  const broken = song('C5:1/2 E5:1/2 G5:1/2 B4:1/2 C5:2 B4:4', 'C G');
  const [first] = analyseScore(broken).chords;
  expect(first!.nonChord.map(({ note, at }) => [note, at / TICKS_A_QUARTER])).toEqual([[3, 1.5]]);
});
