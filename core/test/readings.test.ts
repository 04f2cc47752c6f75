/**
 * Notes and a key give ranked numerals with the reason for each (docs/conventions.md; common practice).
 */
import fc from 'fast-check';
import {
  attempt,
  chordMap,
  chordOfNumeral,
  numeralsForChord,
  numeralsForNotes,
  notesFromBass,
  ordinaryKeys,
  parseKey,
  parseNoteName,
  parseNumeral,
  parseSymbol,
  printNumeral,
  sameChord,
  sameNumeral,
  targetsOf,
  transposeEntry,
} from '../src';
import { anyChord, ordinaryKey } from './arbitraries';

const first = (symbol: string, key: string) => {
  const k = parseKey(key);
  const reading = numeralsForChord(parseSymbol(symbol), k)[0]!;
  return `${printNumeral(reading.numeral, k)} ${reading.reason}`;
};

test.each([
  ['Dm7', 'C major', 'ii7 diatonic'], ['E', 'A minor', 'V harmonic'], ['Em', 'A minor', 'v diatonic'],
  ['G#dim7', 'A minor', 'viio7 harmonic'], ['G', 'A minor', 'VII diatonic'],
  ['C+', 'A minor', 'III+ harmonic'], ['D', 'A minor', 'IV melodic'],
  ['Fm', 'C major', 'iv mixture'], ['Ab', 'C major', 'bVI mixture'], ['Eb', 'C major', 'bIII mixture'],
  ['Bdim7', 'C major', 'viio7 mixture'], ['Dm7b5', 'C major', 'iiø7 mixture'], ['Cm', 'C major', 'i mixture'],
  ['A', 'A minor', 'I mixture'],
  ['D7', 'C major', 'V7/V applied'], ['A7/C#', 'C major', 'V65/ii applied'],
  ['C7', 'C major', 'V7/IV applied'], ['F#dim7', 'C major', 'viio7/V applied'],
  ['F#m7b5', 'C major', 'viiø7/V applied'], ['E', 'C major', 'V/vi applied'],
  ['G7', 'A minor', 'VII7 diatonic'],
  ['Db/F', 'C major', 'N6 neapolitan'], ['Bb/D', 'A minor', 'N6 neapolitan'],
  ['Db7', 'C major', 'subV7 substitute'], ['Bb7', 'C major', 'bVII7 mixture'],
  ['G7#5#9', 'C major', 'V+7#9 chromatic'],
])('%s in %s is %s', (symbol, key, numeral) => {
  expect(first(symbol, key)).toBe(numeral);
}); // prettier-ignore

test('augmented sixths are known by their spelling, not by their sound', () => {
  const read = (notes: string, key: string) => {
    const k = parseKey(key);
    return printNumeral(numeralsForNotes(notes.split(' ').map(parseNoteName), k)[0]!.numeral, k);
  };
  expect([read('Ab C F#', 'C minor'), read('Ab C D F#', 'C minor'), read('Ab C Eb F#', 'C major')]).toEqual([
    'It+6',
    'Fr+6',
    'Ger+6',
  ]);
  expect(read('Ab C Eb Gb', 'C minor')).not.toBe('Ger+6');
});

test('every stack of every key is read as its own degree first', () => {
  for (const mode of ['major', 'minor'] as const) {
    for (const key of ordinaryKeys(mode)) {
      for (const top of [5, 7] as const) {
        for (const column of chordMap(key, top)) {
          const found = numeralsForChord(column.chord, key)[0]!.numeral;
          expect(printNumeral(found, key)).toBe(printNumeral(column.numeral, key));
        }
      }
    }
  }
});

test('every reading stands for the very chord it was given for', () => {
  fc.assert(
    fc.property(anyChord, ordinaryKey, (chord, key) => {
      if (!attempt(() => notesFromBass(chord)).ok) return;
      const readings = attempt(() => numeralsForChord(chord, key));
      if (!readings.ok) return;
      for (const { numeral } of readings.value) {
        const made = attempt(() => chordOfNumeral(numeral, key));
        if (made.ok) expect(sameChord(made.value, chord)).toBe(true);
      }
      const costs = readings.value.map((r) => r.cost);
      expect(costs).toEqual([...costs].sort((a, b) => a - b));
    }),
    { numRuns: 600 },
  );
});

test('a target is a major or minor triad of the key, and its dominant is found again', () => {
  for (const mode of ['major', 'minor'] as const) {
    for (const key of ordinaryKeys(mode)) {
      const targets = targetsOf(key);
      expect(targets.length).toBeGreaterThanOrEqual(5);
      for (const target of targets) {
        const dominant = { ...parseNumeral('V7', key), target };
        const chord = attempt(() => chordOfNumeral(dominant, key));
        if (!chord.ok) continue;
        const read = numeralsForChord(chord.value, key);
        // A dominant that is the key's own chord (VII7 of minor for V7/III) is read plainly first.
        const own = read[0]!.numeral.target === null && read[0]!.reason === 'diatonic';
        expect([
          printNumeral(dominant, key),
          own || read.some(({ numeral }) => sameNumeral(numeral, dominant)),
        ]).toEqual([printNumeral(dominant, key), true]);
      }
    }
  }
});

test('numerals keep their text through transposition to all keys of the mode', () => {
  const line = ['I', 'ii65', 'V43/V', 'viiø7/V', 'N6', 'Ger+6', 'Cad64', 'subV7', 'bVII7', 'V7b9'];
  for (const key of ordinaryKeys('major'))
    for (const text of line)
      expect(transposeEntry({ kind: 'numeral', text }, parseKey('C major'), key)).toEqual({
        kind: 'numeral',
        text,
      });
});
