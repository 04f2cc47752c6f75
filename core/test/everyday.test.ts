/** Everyday progressions, labelled as a handbook would, in every key. */
import {
  analyseProgression,
  keyOf,
  labelLine,
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
import { MORE_EVERYDAY } from './everydayMore';
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

const ALL = [...EVERYDAY, ...MORE_EVERYDAY];

describe.each(ALL)('$symbols in $key', (row) => {
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
  expect(ALL.length).toBeGreaterThanOrEqual(150);
});

test('a dominant that goes on to V42 of IV at the end of a phrase is evaded', () => {
  const chords = 'C F G7 C7/Bb F/A G7 C'.split(' ').map((symbol) => ({ chord: parseSymbol(symbol) }));
  const { cadences } = analyseProgression(chords, { key: parseKey('C major'), phraseEnds: [3, 6] });
  expect(cadences.map(({ kind }) => kind)).toEqual(['evaded', 'authentic']);
});

describe.each([
  ['G F C G', 'G mixolydian', 'I VII IV I'],
  ['C Bb F C', 'C mixolydian', 'I VII IV I'],
  ['Dm G Dm', 'D dorian', 'i IV i'],
  ['Cm F7 Cm F7 Cm', 'C dorian', 'i IV7 i IV7 i'],
  ['Em F Em F Em', 'E phrygian', 'i II i II i'],
  ['F G F G F', 'F lydian', 'I II I II I'],
  ['Am D Am D', 'A dorian', 'i IV i IV'],
  ['Am G F G Am', 'A aeolian', null],
])('%s turns about %s', (symbols, mode, numerals) => {
  test('in every key', () => {
    for (const tonic of TONICS) {
      const by = intervalUp(C, tonic);
      const chords = symbols
        .split(' ')
        .map((symbol) => ({ chord: transposeChord(parseSymbol(symbol), (name) => nameAbove(name, by)) }));
      const { centres, chords: labelled } = analyseProgression(chords);
      expect(centres).toEqual([
        {
          from: 0,
          to: chords.length - 1,
          tonic: nameAbove(parseNoteName(mode.split(' ')[0]!), by),
          mode: mode.split(' ')[1],
        },
      ]);
      if (!numerals) continue;
      const modal = labelled.map(({ readings }) => readings.find(({ reason }) => reason === 'modal')!);
      expect(modal.map(numeralOf).join(' ')).toBe(numerals);
      // It stands beside the nearest major or minor reading, which comes first.
      expect(labelled.every(({ readings }) => readings[0]!.reason !== 'modal')).toBe(true);
    }
  });
});

test.each(['C F G7 C', 'Cm Fm G7 Cm', 'C Am Dm G7 C', 'F7 Bb7 F7 F7 C7 F7'])(
  '%s needs no mode',
  (symbols) => {
    const chords = symbols.split(' ').map((symbol) => ({ chord: parseSymbol(symbol) }));
    expect(analyseProgression(chords).centres).toEqual([]);
  },
);

test.each([
  ['Fm7 Bbm7 Eb7 Abmaj7 Dbmaj7 Dm7 G7 Cmaj7', 'Ab major@0 C major@5'],
  ['Cmaj7 F#m7 B7 Emaj7 Dm7 G7 Cmaj7', 'C major@0 E major@1 C major@4'],
  ['Dm7 G7 Cmaj7 Cm7 F7 Bbmaj7 Bbm7 Eb7 Abmaj7', 'C major@0 Bb major@3 Ab major@6'],
  ['Dm7 G7 Cmaj7 C#m7 F#7 Bmaj7 Cm7 F7 Bbmaj7', 'C major@0 B major@3 Bb major@6'],
  ['Gm7 C7 Fmaj7 Ebm7 Ab7 Dbmaj7', 'F major@0 Db major@3'],
  ['Am7 D7 Gmaj7 Cmaj7 F#m7b5 B7 Em', 'G major@0 E minor@3'],
  ['G D7 G Bb7 Eb Bb7 Eb', 'G major@0 Eb major@3'],
])('%s goes through its keys, each major where its tonic is', (symbols, keys) => {
  const chords = symbols.split(' ').map((symbol) => ({ chord: parseSymbol(symbol) }));
  const found = analyseProgression(chords).keys.map(({ key, from }) => `${printKey(key)}@${from}`);
  expect(found.join(' ')).toBe(keys);
});

test('a line whose keys are sought has readings in its mode, one whose key is given has none', () => {
  const columns = 'G F C G'.split(' ').map((text) => ({ entry: { kind: 'symbol' as const, text } }));
  const modal = (modulate: boolean) =>
    labelLine(columns, parseKey('G major'), { modulate }).map(({ readings }) =>
      readings.filter(({ reason }) => reason === 'modal').map(({ key }) => printKey(key)),
    );
  expect(modal(true)).toEqual(Array(4).fill(['G mixolydian']));
  expect(modal(false)).toEqual(Array(4).fill([]));
});
