/** Everyday progressions, labelled as a handbook would, in every key. */
import {
  analyseProgression,
  keyOf,
  nameAbove,
  parseKey,
  parseNoteName,
  parseSymbol,
  printKey,
  printNumeral,
  signatureFifths,
  transposeChord,
  intervalUp,
  type Analysis,
  type ContextReading,
} from '../src';
import { EVERYDAY, type Everyday } from './everydayTable';

const C = parseNoteName('C');
const TONICS = ['C', 'G', 'D', 'A', 'E', 'B', 'F', 'Bb', 'Eb', 'Ab', 'Db', 'F#'].map(parseNoteName);

const numeralOf = ({ numeral, key, reason }: ContextReading) =>
  printNumeral(reason === 'cadential-six-four' ? { ...numeral, special: 'Cad' } : numeral, key);

/** The progression moved to another tonic. */
function on(tonic: (typeof TONICS)[number], { symbols, key }: Everyday) {
  const home = parseKey(key);
  const by = intervalUp(C, tonic);
  const move = (name: typeof tonic) => nameAbove(name, by);
  const chords = symbols.split(' ').map((symbol) => ({ chord: transposeChord(parseSymbol(symbol), move) }));
  return { chords, key: keyOf(move(home.tonic), home.mode) };
}

const joints = (list: Analysis['arrows']) =>
  list.map(({ from, to, kind }) => `${from}>${to}${kind === 'fifth' ? '' : `:${kind}`}`).join(' ');

describe.each(EVERYDAY)('$symbols in $key', (row) => {
  test.each(row.given ? [true] : [true, false])('in every key (given: %s)', (given) => {
    for (const tonic of TONICS) {
      const { chords, key } = on(tonic, row);
      // Keys that nobody writes are left out.
      if (Math.abs(signatureFifths(key)) > 7) continue;
      const found = analyseProgression(chords, given ? { key } : {});
      expect([printKey(key), found.chords.map(({ best }) => numeralOf(best)).join(' ')]).toEqual([
        printKey(key),
        row.numerals,
      ]);
      expect(found.keys.map((area) => printKey(area.key))).toEqual([printKey(key)]);
      if (row.cadence !== undefined) expect(found.cadences.at(-1)?.kind ?? null).toBe(row.cadence);
      if (row.arrows !== undefined) expect(joints(found.arrows)).toBe(row.arrows);
      if (row.brackets !== undefined)
        expect(found.brackets.map((one) => `${one.from}-${one.to}>${one.target ?? ''}`).join(' ')).toBe(
          row.brackets,
        );
    }
  });
});

test('enough of them are tried', () => {
  expect(EVERYDAY.length).toBeGreaterThanOrEqual(60);
});
