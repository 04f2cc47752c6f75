/** Printing and then reading gives the same value: every notation, every school, all keys. */
import fc from 'fast-check';
import {
  DEFAULT_LABEL_STYLE,
  attempt,
  chordOfNumeral,
  displayNoteName,
  notesFromBass,
  parseFigure,
  parseInterval,
  parseKey,
  parseNote,
  parseNoteName,
  parseNoteNameIn,
  parseNumeral,
  parseSymbol,
  printFigure,
  printInterval,
  printKey,
  printNote,
  printNoteName,
  printNumeral,
  printSymbol,
  sameChord,
  sameNumeral,
  sortMembers,
  targetsOf,
  type Numeral,
  type LabelStyle,
  type Chord,
} from '../src';
import { anyChord, anyKey, anyName, anyNote, anyStack, ordinaryKey } from './arbitraries';

test('notes, names in three letter systems, keys, intervals and figures', () => {
  fc.assert(fc.property(anyNote, (note) => expect(parseNote(printNote(note))).toEqual(note)));
  fc.assert(
    fc.property(anyName, fc.constantFrom('english', 'german', 'fixed-do'), (name, letters) => {
      expect(parseNoteName(printNoteName(name))).toEqual(name);
      expect(parseNoteNameIn(displayNoteName(name, letters), letters)).toEqual(name);
    }),
  );
  fc.assert(fc.property(anyKey, (key) => expect(parseKey(printKey(key))).toEqual(key)));
  const interval = fc
    .tuple(fc.integer({ min: 1, max: 22 }), fc.integer({ min: -4, max: 3 }))
    .filter(([number, deviation]) => number > 1 || deviation >= 0);
  fc.assert(
    fc.property(interval, ([number, deviation]) =>
      expect(parseInterval(printInterval({ number, deviation }))).toEqual({ number, deviation }),
    ),
  );
  const figure = fc
    .record({
      number: fc.integer({ min: 2, max: 13 }),
      sign: fc.constantFrom(null, -2, -1, 0, 1, 2),
      raise: fc.constant(false),
    })
    .filter((f) => f.number !== 3 || f.sign !== null);
  fc.assert(fc.property(figure, (f) => expect(parseFigure(printFigure(f))).toEqual(f)));
});

const symbolSchools = fc.record({
  minor: fc.constantFrom('m', '-', 'min'),
  majorSeventh: fc.constantFrom('maj7', 'M7', '△7'),
  halfDiminished: fc.constantFrom('m7b5', 'ø7'),
  diminished: fc.constantFrom('dim', '°'),
  augmented: fc.constantFrom('+', 'aug'),
}) as fc.Arbitrary<LabelStyle['symbols']>;

test('chord symbols: every stack with every bass, in every school, with letters or signs', () => {
  fc.assert(
    fc.property(
      anyChord,
      symbolSchools,
      fc.boolean(),
      fc.constantFrom(undefined, 'german', 'fixed-do'),
      (chord: Chord, school, glyphs, letters) => {
        const text = printSymbol(chord, { school, glyphs, ...(letters ? { letters } : {}) });
        const read = parseSymbol(text, letters);
        if (!sameChord(read, chord))
          throw new Error(`${JSON.stringify(chord)} printed ${text}, read ${JSON.stringify(read)}`);
      },
    ),
    { numRuns: 4000 },
  );
});

const schools = fc.record({
  numeralCase: fc.constantFrom('quality', 'capitals-suffix', 'capitals-bare'),
  inversion: fc.constantFrom('figures', 'letters', 'slash', 'words'),
  sevenths: fc.constantFrom('explicit', 'diatonic'),
  symbols: symbolSchools,
  minorDegrees: fc.constantFrom('plain', 'flat'),
  applied: fc.constantFrom('slash', 'of', 'arrow'),
}).map((part) => ({ ...DEFAULT_LABEL_STYLE, ...part }) as LabelStyle); // prettier-ignore

test('numerals: every degree, stack and inversion, plain and applied, in every school', () => {
  const place = fc.tuple(
    fc.integer({ min: 1, max: 7 }),
    fc.integer({ min: -1, max: 1 }),
    anyStack,
    fc.nat(),
    fc.nat(),
  );
  fc.assert(
    fc.property(ordinaryKey, place, schools, (key, [degree, alteration, stack, pick, targetPick], school) => {
      const members = sortMembers(stack);
      const targets = [null, ...targetsOf(key)];
      const numeral: Numeral = {
        degree,
        alteration,
        members,
        lowest: members[pick % members.length]!,
        special: null,
        target: targets[targetPick % targets.length]!,
      };
      if (!attempt(() => notesFromBass(chordOfNumeral(numeral, key))).ok) return;
      const text = printNumeral(numeral, key, school);
      const read = parseNumeral(text, key, school);
      if (!sameNumeral(read, numeral))
        throw new Error(
          `${JSON.stringify(numeral)} in ${printKey(key)} printed ${text}, read ${JSON.stringify(read)}`,
        );
    }),
    { numRuns: 6000 },
  );
});

test.each([
  'N',
  'N6',
  'N64',
  'It+6',
  'Fr+6',
  'Ger+6',
  'Cad64',
  'CTo7',
  'CTo42',
  'subV7',
  'subV7/V',
  'V65/ii',
  'viio7/V/V',
  'Ger+6/V',
  'viiø43',
  'V7b9',
  'V9',
  'V13[no5]',
  'Vsus4',
  'V7sus4',
  'III+',
  'Imaj65',
])('%s is printed as it is written, in all 30 keys', (text) => {
  fc.assert(fc.property(ordinaryKey, (key) => expect(printNumeral(parseNumeral(text, key), key)).toBe(text)));
});
