/**
 * Scores read chord by chord: seven chorales against the experts' labels (core/test/choraleReading.ts), and
 * small phrases whose analysis is common practice.
 */
import {
  agreementWords,
  compareLabels,
  differenceSentence,
  labelsOfLine,
  evidenceWords,
  keyEvidence,
  likelyUpbeat,
  nonChordSentence,
  parseKey,
  parseNumeral,
  printKey,
  printNoteName,
  printNumeral,
  analyseScore,
  TICKS_A_QUARTER,
  type ReadOptions,
  type ScoreToRead,
} from '../src';
import { agreement, chorale, CHORALES, MORE_CHORALES, sum } from './choraleReading';
import { phrase } from './scorePhrase';

const read = (score: ScoreToRead, options?: ReadOptions) => {
  const reading = analyseScore(score, options);
  return {
    reading,
    numerals: reading.chords.map(({ key, numeral }) => printNumeral(numeral, key)).join(' '),
    keys: reading.keys.map(({ key }) => printKey(key)),
    foreign: reading.chords.flatMap(({ nonChord }) => nonChord.map((one) => one.kind)),
    sentences: reading.chords.flatMap(({ nonChord }) =>
      nonChord.map((one) => nonChordSentence(one, score.notes)),
    ),
  };
};

describe.each([
  ['seven chorales', CHORALES, { full: 78, chord: 88, root: 94, key: 86, shown: 95 }],
  ['twelve more', MORE_CHORALES, { full: 73, chord: 88, root: 93, key: 82, shown: 95 }],
] as const)('%s from their notes, signature, metre and fermatas alone', (_, names, least) => {
  const all = sum(names.map((name) => chorale(name)).map((one) => agreement(one, analyseScore(one.score))));
  // Key, chord and lowest note; chord and lowest note; root; key; the expert's label among those that are shown.
  test.each(['full', 'chord', 'root', 'key', 'shown'] as const)(
    '%s: the least share of the time in %%',
    (measure) => {
      expect((100 * all[measure]) / all.total).toBeGreaterThanOrEqual(least[measure]);
    },
  );
});

describe('seven chorales', () => {
  test('the upbeat is found from the fermatas, or one that lies half a bar beside it', () => {
    const wrong = CHORALES.filter((name) => {
      const { score } = chorale(name);
      const { metre } = score.bars[1]!;
      const first = score.bars[0]!;
      const whole = score.bars[1]!.to - score.bars[1]!.from;
      const own = (first.to - first.from) % whole;
      const found = likelyUpbeat(score.notes, metre, score.fermatas);
      return found !== own && (found + whole / 2) % whole !== own && (own + whole / 2) % whole !== found;
    });
    expect(wrong).toEqual([]);
  });
});

describe('notes outside the chord (common practice)', () => {
  test.each([
    ['a passing note', ['E5:1/2 D5:1/2 C5 C5:2', 'G4 G4 G4:2', 'C4 C4 E4:2', 'C3 C3 C3:2'], 'passing'],
    ['a neighbour note', ['E5:1/2 F5:1/2 E5 E5:2', 'G4 G4 G4:2', 'C4 C4 C4:2', 'C3 C3 C3:2'], 'neighbour'],
    ['a suspension', ['C5:2 C5 B4 C5:4', 'E4:2 D4:2 E4:4', 'G3:2 G3:2 G3:4', 'C3:2 G2:2 C3:4'], 'suspension'],
    [
      'an anticipation',
      ['E5:2 D5:3/2 C5:1/2 C5:4', 'G4:2 G4:2 G4:4', 'C4:2 B3:2 C4:4', 'C3:2 G2:2 C3:4'],
      'anticipation',
    ],
  ] as const)('%s is named', (_, voices, kind) => {
    const { foreign } = read(phrase([...voices]));
    expect(foreign).toEqual([kind]);
  });

  test('a 4–3 suspension that resolves into the dominant is one chord with it, and says its figures', () => {
    const { numerals, sentences } = read(
      phrase(['C5:2 C5 B4 C5:4', 'E4:2 D4:2 E4:4', 'G3:2 G3:2 G3:4', 'C3:2 G2:2 C3:4']),
    );
    expect(numerals).toBe('I V I');
    expect(sentences).toEqual(['C5 is held over, a suspension 4–3, and falls to B4.']);
  });

  test('a broken chord is gathered into one', () => {
    const { numerals } = read(
      phrase(
        [
          'E5:4 D5:4 E5:4',
          'C4:1/2 G4:1/2 E4:1/2 G4:1/2 C4:1/2 G4:1/2 E4:1/2 G4:1/2 ' +
            'B3:1/2 G4:1/2 D4:1/2 G4:1/2 B3:1/2 G4:1/2 F4:1/2 G4:1/2 C4:1/2 G4:1/2 E4:1/2 G4:1/2 C4:2',
        ],
        {},
      ),
    );
    expect(numerals).toBe('I V6 V65 I');
  });

  test('a member that does not sound is supplied and told', () => {
    const { reading } = read(
      phrase(['E5:2 D5:2 C5:4', 'C5:2 B4:2 C5:4', 'G4:2 G4:2 C4:4', 'C3:2 G3:2 C3:4']),
    );
    const last = reading.chords[reading.chords.length - 1]!;
    expect(last.supplied.map(printNoteName)).toEqual(['E', 'G']);
  });
});

describe('keys', () => {
  test('a raised third at the end of a minor piece changes no key', () => {
    const { keys, numerals } = read(
      phrase([
        'A4:2 B4:2 C5:2 B4:2 A4:4',
        'E4:2 G#4:2 A4:2 G#4:2 E4:4',
        'C4:2 E4:2 E4:2 E4:2 C#4:4',
        'A3:2 E3:2 A2:2 E3:2 A2:4',
      ]),
    );
    expect(keys).toEqual(['A minor']);
    expect(numerals.endsWith('V I')).toBe(true);
  });

  test('the evidence for a key is its cadence, its leading note and where it begins and ends', () => {
    const score = phrase([
      'A4:2 B4:2 C5:2 B4:2 A4:4',
      'E4:2 G#4:2 A4:2 G#4:2 E4:4',
      'C4:2 E4:2 E4:2 E4:2 C4:4',
      'A3:2 E3:2 A2:2 E3:2 A2:4',
    ]);
    const { reading } = read(score);
    const [area] = reading.keys;
    const own = keyEvidence(score, reading, area!, area!.key).map((one) => evidenceWords(one, score.bars));
    expect(own).toEqual(
      expect.arrayContaining(['begins on its tonic', 'ends on its tonic', 'authentic cadence, measure 3']),
    );
    expect(own.some((one) => one.startsWith('its raised leading tone G♯'))).toBe(true);
    const other = keyEvidence(score, reading, area!, parseKey('C major'));
    expect(other.some(({ kind, speaks }) => kind === 'foreign' && speaks === 'against')).toBe(true);
  });
});

describe('rulings', () => {
  const score = chorale('012').score;
  const plain = analyseScore(score);

  test('a numeral that is ruled stands, and the others are read with it', () => {
    const at = plain.chords.findIndex(
      (one) => one.readings.length > 1 && one.to - one.from >= TICKS_A_QUARTER,
    );
    const chord = plain.chords[at]!;
    const other = chord.readings[1]!;
    const { from, to } = other;
    const ruled = analyseScore(score, {
      rulings: [{ kind: 'numeral', from, to, key: other.key, numeral: other.numeral }],
    });
    const now = ruled.chords.find((one) => one.from === from)!;
    expect(now.ruled).toBe(true);
    expect([printKey(now.key), printNumeral(now.numeral, now.key)]).toEqual([
      printKey(other.key),
      printNumeral(other.numeral, other.key),
    ]);
    expect(now.to).toBe(to);
  });

  test('a key that is ruled holds for all of its time and no further', () => {
    const key = parseKey('G major');
    const [from, to] = [3, 7].map((quarters) => quarters * TICKS_A_QUARTER) as [number, number];
    const ruled = analyseScore(score, { rulings: [{ kind: 'key', from, to, key }] });
    const inside = ruled.chords.filter((one) => one.from >= from && one.from < to);
    expect(inside.length).toBeGreaterThan(2);
    expect(inside.map((one) => printKey(one.key))).toEqual(inside.map(() => 'G major'));
  });

  test('chords are split and joined where it is ruled', () => {
    const long = plain.chords.find((one) => one.endSlice - one.firstSlice >= 2)!;
    const at = plain.slices[long.firstSlice + 1]!.from;
    expect(plain.chords.some((one) => one.from === at)).toBe(false);
    const split = analyseScore(score, { rulings: [{ kind: 'split', at }] });
    expect(split.chords.some((one) => one.from === at)).toBe(true);
    const second = plain.chords[3]!;
    const joined = analyseScore(score, { rulings: [{ kind: 'join', at: second.from }] });
    expect(joined.chords.some((one) => one.from === second.from)).toBe(false);
  });

  test('a ruling whose time is no onset any more is left out', () => {
    const numeral = parseNumeral('V', parseKey('C major'));
    const lost = analyseScore(score, {
      rulings: [{ kind: 'numeral', from: 17, to: 4711, key: parseKey('C major'), numeral }],
    });
    expect(lost.chords.map((one) => printNumeral(one.numeral, one.key))).toEqual(
      plain.chords.map((one) => printNumeral(one.numeral, one.key)),
    );
  });
});

test('silence, one note and one cluster are read without a fault', () => {
  expect(analyseScore({ notes: [], bars: [], signatures: [], fermatas: [] }).chords).toEqual([]);
  expect(read(phrase(['C4:4'])).numerals).toBe('I');
  expect(read(phrase(['C4:4', 'C#4:4', 'D4:4', 'D#4:4', 'Fx4:4', 'Bbb3:4'])).reading.chords).toHaveLength(1);
});

describe('compared with somebody else’s labels', () => {
  const score = phrase([
    'E5:2 F5:2 D5:2 C5:2',
    'C5:2 C5:2 B4:2 G4:2',
    'G4:2 A4:2 G4:2 E4:2',
    'C3:2 F3:2 G3:2 C3:2',
  ]);
  const reading = analyseScore(score);
  const line = (numerals: string, key = 'C major') => ({
    key: parseKey(key),
    upbeat: '0',
    columns: numerals.split(' ').map((text) => ({ entry: { kind: 'numeral' as const, text }, length: '2' })),
  });
  const against = (numerals: string, key?: string) =>
    compareLabels(labelsOfLine(line(numerals, key), score), reading);

  test('the same labels agree all the time', () => {
    expect(against('I IV V I')).toEqual({ full: 1, chord: 1, key: 1, differences: [] });
  });

  test('another chord, another lowest note and another key are told apart, with what they cost', () => {
    const { full, chord, key, differences } = against('I ii6 V6 I');
    expect([full, chord, key]).toEqual([0.5, 0.5, 1]);
    expect(differences.map(({ ours, what }) => [ours, what])).toEqual([
      [1, 'chord'],
      [2, 'inversion'],
    ]);
    expect(against('IV bVII I IV', 'G major').differences.map(({ what }) => what)).toEqual([
      'key',
      'key',
      'key',
      'key',
    ]);
    const labels = labelsOfLine(line('I ii6 V6 I'), score);
    const said = differenceSentence(differences[0]!, labels[1]!, reading.chords[1]!);
    expect(said.map((part) => (typeof part === 'string' ? part : '·')).join('')).toMatch(
      /^· for ·: another chord, Dm\/F for F\. It/,
    );
    expect(agreementWords(against('I ii6 V6 I'))).toMatch(
      /^Agrees for 50 % of the time in key, chord and lowest note/,
    );
  });

  test('an upbeat of the labels lies over that of the score', () => {
    const upbeat = phrase(['G4 C5:4', 'E4 E4:4', 'B3 G3:4', 'G3 C3:4'], { upbeat: 1 });
    const labels = labelsOfLine(
      {
        key: parseKey('C major'),
        upbeat: '0',
        columns: [{ entry: { kind: 'numeral', text: 'I' }, length: '4' }],
      },
      upbeat,
    );
    expect(labels.map(({ from }) => from)).toEqual([TICKS_A_QUARTER]);
  });
});
