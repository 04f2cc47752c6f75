/** What a setting is made of, and how a fit is told (common practice of doubling and spacing). */
import {
  FITS,
  fitWords,
  parseNote,
  parseSymbol,
  readingFit,
  settingFactWords,
  settingFacts,
  settingFit,
  type FourNotes,
} from '../src';

const facts = (...chords: readonly (readonly [symbol: string, notes: string])[]) =>
  settingFacts(
    chords.map(([, notes]) => notes.split(' ').map(parseNote) as unknown as FourNotes),
    chords.map(([symbol]) => parseSymbol(symbol)),
  ).map((fact) => `${fact.at} ${settingFactWords(fact)}`);

test.each([
  ['C', 'E5 G4 C4 C3', []],
  ['C', 'E5 E4 G3 C3', ['0 the third is doubled']],
  ['C', 'G4 E4 G3 C3', ['0 the fifth is doubled']],
  ['C/G', 'E5 C5 G4 G3', []],
  [
    'C',
    'E4 C4 C4 C3',
    ['0 the root stands three times', '0 the fifth is left out', '0 alto and tenor in unison'],
  ],
  ['C', 'E5 C5 G4 C3', ['0 more than an octave between tenor and bass']],
])('%s as %s', (symbol, notes, wanted) => expect(facts([symbol, notes])).toEqual(wanted));

test('upper voices leap where they go further than a fourth; the bass may', () => {
  expect(facts(['C', 'E4 C4 G3 C3'], ['F', 'C5 A4 F4 F2'])).toEqual([
    '1 more than an octave between tenor and bass',
    '1 the soprano leaps a sixth',
    '1 the alto leaps a sixth',
    '1 the tenor leaps a seventh',
  ]);
});

test('fits go from equal to far as the cost grows, a setting’s by its chords', () => {
  expect([0, 1, 3, 9].map(readingFit)).toEqual([...FITS]);
  expect([0, 2, 8, 20].map((excess) => settingFit(excess, 8))).toEqual(['equal', 'close', 'worse', 'far']);
  expect(new Set(FITS.map(fitWords)).size).toBe(FITS.length);
});
