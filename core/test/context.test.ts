/**
 * Labels in context, against the experts' labels of seven four-part chorales by J. S. Bach (music21's corpus:
 * analysts
 * Andrew Jones and Dmitri Tymoczko, proofreader Hamish Robb), and handbook progressions in every key (common
 * practice).
 */
import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import fc from 'fast-check';
import {
  analyseProgression,
  chordOfNumeral,
  contextReasonWords,
  ordinaryKeys,
  parseKey,
  parseNoteName,
  parseNumeral,
  parseSymbol,
  printKey,
  printNumeral,
  readInContext,
  ROMANTEXT,
  sameKey,
  signatureFifths,
  type ChordIn,
  type ContextReading,
  type Key,
  type Numeral,
} from '../src';
import { anyChord } from './arbitraries';

interface Table {
  readonly signature: number;
  readonly fermatas: readonly string[];
  readonly labels: readonly Label[];
}

interface Label {
  readonly at: string;
  readonly for: string;
  readonly key: string;
  readonly numeral: string;
  readonly bass: string;
  readonly notes: readonly string[];
}

const CHORALES = ['001', '002', '004', '006', '008', '012', '016'];
const fraction = (text: string) => {
  const [top, bottom = '1'] = text.split('/');
  return Number(top) / Number(bottom);
};

interface Piece {
  readonly chords: ChordIn[];
  readonly ends: number[];
  readonly signature: number;
  readonly expert: readonly { readonly key: Key; readonly numeral: Numeral; readonly length: number }[];
}

function piece(name: string): Piece {
  const table = JSON.parse(readFileSync(join(__dirname, 'oracles', `chorale-${name}.json`), 'utf8')) as Table;
  const fermatas = table.fermatas.map(fraction);
  return {
    signature: table.signature,
    chords: table.labels.map(({ bass, notes }) => ({
      notes: [bass, ...notes.filter((note) => note !== bass)].map(parseNoteName),
    })),
    ends: table.labels.flatMap(({ at, for: length }, index) =>
      fermatas.some((f) => f >= fraction(at) - 1e-9 && f < fraction(at) + fraction(length) - 1e-9)
        ? [index]
        : [],
    ),
    expert: table.labels.map(({ key, numeral, for: length }) => ({
      key: parseKey(key),
      numeral: parseNumeral(numeral, parseKey(key), ROMANTEXT),
      length: fraction(length),
    })),
  };
}

const PIECES = CHORALES.map(piece);
const sameDegree = (a: Numeral, b: Numeral) =>
  a.degree === b.degree && (a.target?.degree ?? 0) === (b.target?.degree ?? 0);

/** Share of the time for which something holds of the readings of a chord. */
function share(
  holds: (readings: readonly ContextReading[], expert: Piece['expert'][number]) => boolean,
  read: (piece: Piece) => ContextReading[][],
): number {
  let agreed = 0;
  let all = 0;
  for (const one of PIECES) {
    read(one).forEach((readings, index) => {
      const expert = one.expert[index]!;
      all += expert.length;
      if (holds(readings, expert)) agreed += expert.length;
    });
  }
  return agreed / all;
}

const freely = ({ chords, ends, signature }: Piece) => readInContext(chords, { signature, phraseEnds: ends });

/** Every span that the expert counts in one key, by itself. */
const inGivenKeys = ({ chords, ends, signature, expert }: Piece) => {
  const readings: ContextReading[][] = [];
  for (let from = 0; from < chords.length;) {
    let to = from;
    while (to < chords.length && sameKey(expert[to]!.key, expert[from]!.key)) to++;
    const phraseEnds = ends.filter((end) => end >= from && end < to).map((end) => end - from);
    readings.push(
      ...readInContext(chords.slice(from, to), { signature, phraseEnds, key: expert[from]!.key }),
    );
    from = to;
  }
  return readings;
};

test('with no key given, key and numeral are the experts’ for three quarters of the time', () => {
  expect(
    share(
      ([best], expert) => sameKey(best!.key, expert.key) && sameDegree(best!.numeral, expert.numeral),
      freely,
    ),
  ).toBeGreaterThanOrEqual(0.75);
});

test('the experts’ reading is among the readings shown for nine tenths of the time', () => {
  const among = (readings: readonly ContextReading[], expert: Piece['expert'][number]) =>
    readings.some((one) => sameKey(one.key, expert.key) && sameDegree(one.numeral, expert.numeral));
  expect(share(among, freely)).toBeGreaterThanOrEqual(0.9);
});

test('with the key of each span given, the numeral is the experts’ for 97 % of the time', () => {
  expect(
    share(([best], expert) => sameDegree(best!.numeral, expert.numeral), inGivenKeys),
  ).toBeGreaterThanOrEqual(0.97);
  const spans = (one: Piece) =>
    readInContext(one.chords, {
      signature: one.signature,
      phraseEnds: one.ends,
      keys: one.expert.map(({ key }) => key),
    });
  expect(
    share(
      ([best], expert) => sameKey(best!.key, expert.key) && sameDegree(best!.numeral, expert.numeral),
      spans,
    ),
  ).toBeGreaterThanOrEqual(0.97);
});

// Progressions as harmony handbooks print them (common practice; from memory), written out as chords in every
// key and read without one.
const HANDBOOK: readonly (readonly ['major' | 'minor', string])[] = [
  ['major', 'I IV V7 I'],
  ['major', 'I vi IV ii V7 I'],
  ['major', 'I V6 vi iii6 IV I6 ii65 V7 I'],
  ['major', 'I V65/V V V65/ii ii V7 I'],
  ['major', 'I viio6 I6 IV ii6 I64 V7 I'],
  ['major', 'I V7/IV IV iv I64 V7 I'],
  ['minor', 'i iv V7 i'],
  ['minor', 'i VI iio6 V7 i'],
  ['minor', 'i viio6 i6 iv i64 V7 i'],
  ['minor', 'i N6 V7 i'],
  ['minor', 'i VI Ger+6 V i'],
  ['minor', 'i viio7 i iv6 V i'],
];

test.each(HANDBOOK)('in every %s key, %s is read back', (mode, line) => {
  for (const key of ordinaryKeys(mode)) {
    const numerals = line.split(' ').map((text) => parseNumeral(text, key));
    const chords = numerals.map((numeral): ChordIn => {
      const chord = chordOfNumeral(numeral, key);
      return { notes: [chord.bass, ...chord.members.map((m) => parseNoteName(noteText(chord, m)))] };
    });
    const read = readInContext(chords, { signature: signatureFifths(key) });
    expect(read.map(([best]) => `${printKey(best!.key)} ${printNumeral(best!.numeral, best!.key)}`)).toEqual(
      numerals.map((numeral) => `${printKey(key)} ${printNumeral(numeral, key)}`),
    );
  }
});

function noteText(
  chord: ReturnType<typeof chordOfNumeral>,
  member: { degree: number; alteration: number },
): string {
  const { root } = chord;
  const letter = (root.step + member.degree - 1) % 7;
  const sizes = [0, 2, 4, 5, 7, 9, 11];
  const natural = sizes[letter]! - sizes[root.step]! + (letter < root.step ? 12 : 0);
  const alteration = root.alteration + sizes[(member.degree - 1) % 7]! + member.alteration - natural;
  return 'CDEFGAB'[letter]! + (alteration < 0 ? 'b'.repeat(-alteration) : '#'.repeat(alteration));
}

const symbols = (line: string, options = {}) =>
  analyseProgression(
    line.split(' ').map((text) => ({ chord: parseSymbol(text) })),
    options,
  );
const numeralsOf = (analysis: ReturnType<typeof symbols>) =>
  analysis.chords.map(({ best }) => printNumeral(best.numeral, best.key)).join(' ');

test('brackets join a ii to its V, arrows follow dominants that resolve, an open target is open', () => {
  const line = symbols('Dm7 G7 Cmaj7 Bm7b5 E7 Am7 D7 G7 Gm7 C7 Dm7', { key: parseKey('C major') });
  expect(line.brackets).toEqual([
    { from: 0, to: 1, target: 2 },
    { from: 3, to: 4, target: 5 },
    // Am7 is where E7 goes, and itself the ii of D7.
    { from: 5, to: 6, target: 7 },
    { from: 8, to: 9, target: null },
  ]);
  expect(line.arrows).toEqual([
    { from: 1, to: 2, kind: 'fifth' },
    { from: 4, to: 5, kind: 'fifth' },
    { from: 6, to: 7, kind: 'fifth' },
  ]);
});

test.each([
  ['C G7 C', 'C major', 'authentic'],
  ['C F C', 'C major', 'plagal'],
  ['C Dm G', 'C major', 'half'],
  ['C G7 Am', 'C major', 'deceptive'],
  ['Am Dm/F E', 'A minor', 'phrygian-half'],
])('%s in %s ends with a %s cadence (common practice)', (line, key, kind) => {
  expect(symbols(line, { key: parseKey(key) }).cadences).toEqual([{ at: 2, kind }]);
});

test('perfect and imperfect cadences are told apart where that is asked for', () => {
  const options = { key: parseKey('C major'), splitCadences: true, phraseEnds: [2] };
  expect(symbols('F G7 C G7/B C', options).cadences).toEqual([
    { at: 2, kind: 'perfect' },
    { at: 4, kind: 'imperfect' },
  ]);
});

test('key areas follow the cadences; a ruling stands whatever the context says', () => {
  const line = 'C F G C A7 D G D7 G Dm G7 C';
  const areas = symbols(line, { signature: 0, phraseEnds: [3, 8] });
  expect(areas.keys.map(({ key }) => printKey(key))).toEqual(['C major', 'G major', 'C major']);
  const key = parseKey('C major');
  const rulings = new Map([[8, { key, numeral: parseNumeral('V', key) }]]);
  const ruled = symbols(line, { signature: 0, phraseEnds: [3, 8], rulings });
  expect(printNumeral(ruled.chords[8]!.best.numeral, key)).toBe('V');
  expect(ruled.chords[8]!.best.key).toBe(key);
});

test('what follows decides: the six-four, the applied dominant, the backdoor and the substitute', () => {
  expect(numeralsOf(symbols('C F C/G G7 C', { key: parseKey('C major') }))).toBe('I IV I64 V7 I');
  const analysis = symbols('C F C/G G7 C', { key: parseKey('C major') });
  expect(contextReasonWords(analysis.chords[2]!.best)).toBe('a six-four over the dominant that follows');
  expect(analysis.chords[2]!.function).toBe('dominant');
  expect(numeralsOf(symbols('C A7 Dm G7 C', { key: parseKey('C major') }))).toBe('I V7/ii ii V7 I');
  expect(numeralsOf(symbols('C Fm7 Bb7 C', { key: parseKey('C major') })).split(' ')[2]).toMatch(/^bVII7$/);
  expect(numeralsOf(symbols('Dm7 Db7 Cmaj7', { key: parseKey('C major') }))).toBe('ii7 subV7 Imaj7');
});

test('any line of chords is read: every chord has a reading, the best first', () => {
  fc.assert(
    fc.property(fc.array(anyChord, { minLength: 1, maxLength: 8 }), (chords) => {
      let readings: ContextReading[][];
      try {
        readings = readInContext(chords.map((chord) => ({ chord })));
      } catch (error) {
        expect((error as Error).name).toBe('TheoryError');
        return;
      }
      expect(readings).toHaveLength(chords.length);
      for (const list of readings) {
        expect(list[0]!.excess).toBeLessThan(1e-6);
        expect(list.every((one, i) => i === 0 || one.excess >= list[i - 1]!.excess)).toBe(true);
      }
    }),
    { numRuns: 60 },
  );
});
