/** Reference values computed with music21 10.5.1 or written by experts; see oracles/README.md. */
import {
  chordOfNumeral,
  halfSteps,
  intervalBetween,
  inversionOf,
  notesFromBass,
  notesOfFigures,
  parseFigures,
  parseFigure,
  parseKey,
  parseNote,
  parseNoteName,
  parseNumeral,
  parseSymbol,
  printNoteName,
  qualityName,
  qualityWord,
  describe as describeChord,
  ROMANTEXT,
  isAugmentedSixthName,
  stackedNotes,
} from '../src';
import choraleNumerals from './oracles/chorale-numerals.json';
import figures from './oracles/figures.json';
import intervals from './oracles/intervals.json';
import numerals from './oracles/numerals.json';
import symbols from './oracles/symbols.json';

/** Runs every case and fails with the list of those that differ. */
function disagreements<T>(cases: readonly T[], compare: (value: T) => [unknown, unknown]): string[] {
  const wrong: string[] = [];
  for (const value of cases) {
    let pair: [unknown, unknown];
    try {
      pair = compare(value);
    } catch (error) {
      pair = [String(error), 'a value'];
    }
    if (JSON.stringify(pair[0]) !== JSON.stringify(pair[1]))
      wrong.push(`${JSON.stringify(value)} gave ${JSON.stringify(pair[0])}`);
  }
  return wrong;
}

const names = (list: ReturnType<typeof notesFromBass>) => list.map(printNoteName);

test('intervals: number, quality, half steps and direction', () => {
  const wrong = disagreements(intervals, (value) => {
    const found = intervalBetween(parseNote(value.from), parseNote(value.to));
    return [
      [found.number, qualityWord(found), Math.abs(halfSteps(found)), found.direction],
      [value.number, value.quality, value.halfSteps, value.direction],
    ];
  });
  expect(intervals.length).toBeGreaterThan(500);
  expect(wrong).toEqual([]);
});

test('numerals: notes from the bass upward, root and inversion in all 30 keys', () => {
  const wrong = disagreements(numerals, (value) => {
    const key = parseKey(value.key);
    const numeral = parseNumeral(value.numeral, key);
    const chord = chordOfNumeral(numeral, key);
    const sixth = isAugmentedSixthName(numeral.special);
    return [
      [
        names(notesFromBass(chord)),
        sixth ? null : printNoteName(chord.root),
        sixth ? null : inversionOf(chord),
      ],
      [value.notes, value.root, value.inversion],
    ];
  });
  expect(numerals.length).toBeGreaterThan(1400);
  expect(wrong).toEqual([]);
});

test('figures over a bass: the set of notes sounding', () => {
  const wrong = disagreements(figures, (value) => {
    const key = parseKey(value.key);
    const notes = notesOfFigures(parseNoteName(value.bass), value.figures.map(parseFigure), key);
    return [[...new Set(names(notes))].sort(), [...value.notes].sort()];
  });
  expect(figures.length).toBeGreaterThan(2000);
  expect(parseFigures('#6 4 3')).toHaveLength(3);
  expect(wrong).toEqual([]);
});

test('chord symbols: the full stack, root, bass and quality', () => {
  const wrong = disagreements(symbols, (value) => {
    const chord = parseSymbol(value.symbol);
    return [
      [
        names(stackedNotes(chord)).sort(),
        printNoteName(chord.root),
        printNoteName(chord.bass),
        qualityName(describeChord(chord.members)),
      ],
      [[...value.notes].sort(), value.root, value.bass, value.kind],
    ];
  });
  expect(symbols.length).toBeGreaterThan(400);
  expect(wrong).toEqual([]);
});

test('every numeral the experts wrote over seven chorales, read as RomanText', () => {
  const wrong = disagreements(choraleNumerals, (value) => {
    const key = parseKey(value.key);
    const chord = chordOfNumeral(parseNumeral(value.numeral, key, ROMANTEXT), key);
    return [
      [printNoteName(chord.root), printNoteName(chord.bass), names(notesFromBass(chord)).sort()],
      [value.root, value.bass, [...value.notes].sort()],
    ];
  });
  expect(choraleNumerals.length).toBeGreaterThan(100);
  expect(wrong).toEqual([]);
});
