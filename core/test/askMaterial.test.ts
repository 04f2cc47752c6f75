/**
 * Much material thrown together, the same each time since some of it takes long: what is asked keeps to it, or is
 * refused in words.
 */
import fc from 'fast-check';
import {
  KINDS,
  kindOf,
  askQuestions,
  CLEFS,
  parseKey,
  parseNote,
  parseNoteName,
  printedFifths,
  printInterval,
  intervalBetween,
  signatureAlteration,
  staffPosition,
  TheoryError,
  checkQuestion,
  type Clef,
  type GivenData,
  type MaterialText,
  type Note,
  type Question,
} from '../src';

const IDS = KINDS.map(({ id }) => id);
const SLOW = new Set([
  ...['parts-faults', 'key-find', 'progression-label', 'figures-realise', 'parts-complete', 'harmonise'],
  'score-label',
]);
const LOWEST_LINE: Record<Clef, number> = { treble: 30, bass: 18, alto: 24, tenor: 22 };

const keys = fc.subarray(
  ['C major', 'G major', 'D major', 'Eb major', 'Db major', 'A minor', 'F# minor', 'C minor', 'G# minor'],
  { minLength: 1 },
);
const material = fc.record(
  {
    keys,
    clefs: fc.subarray([...CLEFS], { minLength: 1 }),
    intervals: fc.subarray(['m2', 'M3', 'P4', 'A4', 'd5', 'm6', 'M7', 'P8'], { minLength: 1 }),
    inversions: fc.subarray([0, 1, 2, 3], { minLength: 1 }),
    accidentals: fc.constantFrom('none', 'signature', 'single', 'double'),
    ledgerLines: fc.integer({ min: 0, max: 4 }),
    compound: fc.boolean(),
    length: fc.integer({ min: 2, max: 7 }),
    positions: fc.subarray(['close', 'open'], { minLength: 1 }),
    untaught: fc.subarray(['iii', 'viio', 'vi']),
  },
  { requiredKeys: [] },
) as fc.Arbitrary<MaterialText>;

/** The questions of some material; null where it admits none, which is said in words. */
function asked(kind: string, of: MaterialText, seed: number): readonly Question[] | null {
  try {
    return askQuestions({ kind, seed, count: 3, material: of }).questions;
  } catch (error) {
    expect(error).toBeInstanceOf(TheoryError);
    expect((error as TheoryError).message).toMatch(/it admits no question\.|the list is empty\./);
    return null;
  }
}

/** The notes that stand on one staff, as they are given. */
function written({ given }: Question): Note[] {
  const texts = [given['from'], given['to'], given['note'], given['bass'], given['notes']].flat();
  return texts.flatMap((text) => (typeof text === 'string' && /\d$/.test(text) ? [parseNote(text)] : []));
}

describe.each(IDS)('%s', (kind) => {
  const { materialFields: takes } = kindOf(kind);

  test('keeps to its keys, clefs, ledger lines and signs', () => {
    let made = 0;
    fc.assert(
      fc.property(material, fc.nat({ max: 1000 }), (of, seed) => {
        for (const question of asked(kind, of, seed) ?? []) {
          made++;
          const { given } = question;
          if (of.keys && typeof given['key'] === 'string') expect(of.keys).toContain(given['key']);
          if (of.clefs && takes.includes('clefs') && 'clef' in given)
            expect(of.clefs).toContain(given['clef']);
          const clef = given['clef'] as Clef;
          if (!(clef in LOWEST_LINE) || !takes.includes('ledgerLines')) continue;
          const lines = (of.ledgerLines ?? kindOf(kind).defaults.ledgerLines ?? 1) as number;
          for (const note of written(question)) {
            const place = staffPosition(note) - LOWEST_LINE[clef];
            expect(place).toBeGreaterThanOrEqual(-2 * lines);
            expect(place).toBeLessThanOrEqual(8 + 2 * lines);
          }
          if (takes.includes('accidentals')) expectSigns(question, of);
        }
      }),
      { seed: 20, numRuns: SLOW.has(kind) ? 3 : 6 },
    );
    // Most material admits something, so that the checks above were made.
    expect(made).toBeGreaterThan(5);
  }, 60_000);

  test('answers hang on what is given alone', () => {
    for (const { given, answers } of askQuestions({ kind, seed: 31, count: 5 }).questions) {
      const again = JSON.parse(JSON.stringify(given)) as typeof given;
      expect(kindOf(kind).solve(again)).toEqual(answers);
    }
  });

  test('a question of another shape is refused in words', () => {
    for (const wrong of [{}, { key: 3 }, { key: 'C major', clef: 'treble' }])
      expect(refusal(() => solvedOf(kind, wrong))).toBe(true);
  });
});

/** What is right in something that came from outside: it is checked before. */
function solvedOf(kind: string, given: GivenData): readonly unknown[] {
  checkQuestion({ kind, given });
  return kindOf(kind).solve(given);
}

/** Whether it throws a TheoryError, or answers without any of its fields. */
function refusal(make: () => readonly unknown[]): boolean {
  try {
    return make().length > 0;
  } catch (error) {
    return error instanceof TheoryError;
  }
}

/** Signs go as far as the material lets them, and no farther. */
function expectSigns(question: Question, { accidentals }: MaterialText): void {
  const level = accidentals ?? kindOf(question.kind).defaults.accidentals ?? 'single';
  const fifths = printedFifths(parseKey(String(question.given['key'])));
  for (const { step, alteration } of written(question)) {
    const plain = alteration === signatureAlteration(fifths, step);
    if (level === 'none') expect([plain, alteration]).toEqual([true, 0]);
    if (level === 'signature') expect(plain).toBe(true);
    if (level === 'single') expect(Math.abs(alteration)).toBeLessThanOrEqual(1);
    expect(Math.abs(alteration)).toBeLessThanOrEqual(2);
  }
}

test('intervals are those that were named, or an octave wider where that is asked for', () => {
  fc.assert(
    fc.property(material, fc.nat({ max: 1000 }), (of, seed) => {
      const names = (of.intervals as string[] | undefined) ?? null;
      for (const { given } of asked('interval-name', of, seed) ?? []) {
        const { number, ...rest } = intervalBetween(
          parseNote(String(given['from'])),
          parseNote(String(given['to'])),
        );
        const simple = number > 8 ? number - 7 : number;
        if (of.compound !== true) expect(number).toBeLessThanOrEqual(8);
        if (names) expect(names).toContain(printInterval({ ...rest, number: simple }));
      }
    }),
    { seed: 20, numRuns: 40 },
  );
}, 60_000);

test('chords have the qualities and inversions that were named', () => {
  const qualities = ['minor', 'diminished'];
  for (const kind of ['triad-name', 'triad-build'])
    for (const { given, answers } of askQuestions({
      kind,
      seed: 8,
      count: 30,
      material: { qualities, inversions: [1] },
    }).questions) {
      const { quality, inversion } = (kind === 'triad-name' ? answers[0] : given) as Record<string, unknown>;
      expect(qualities).toContain(quality);
      expect(inversion).toBe(1);
    }
});

test('numerals are those that were named, in keys that have them', () => {
  const numerals = ['V65/V', 'ii6', 'bII6'];
  const { questions } = askQuestions({ kind: 'numeral-build', seed: 8, count: 12, material: { numerals } });
  for (const { given, answers } of questions) {
    expect(numerals).toContain(given['numeral']);
    for (const note of answers[0] as string[]) expect(() => parseNoteName(note)).not.toThrow();
  }
});
