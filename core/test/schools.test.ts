/** What each school prints, choice by choice (the table of schools in docs/conventions.md). */
import {
  DEFAULT_LABEL_STYLE,
  displayNoteName,
  labelEntry,
  parseKey,
  parseNoteName,
  parseNumeral,
  parseSymbol,
  partsText,
  printNumeral,
  printSymbol,
  ROMANTEXT,
  sameNumeral,
  typesetParts,
  vocabulary,
  type LabelStyle,
} from '../src';

const C = parseKey('C major');
const A_MINOR = parseKey('A minor');
const school = (part: Partial<LabelStyle>): LabelStyle => ({ ...DEFAULT_LABEL_STYLE, ...part });
const shown = (text: string, part: Partial<LabelStyle>, key = C) =>
  printNumeral(parseNumeral(text, key), key, school(part));

test.each([
  ['ii', 'ii', 'IIm', 'II'], ['V', 'V', 'V', 'V'], ['viio', 'viio', 'VIIdim', 'VII'],
  ['ii7', 'ii7', 'IIm7', 'II7'], ['Imaj7', 'Imaj7', 'Imaj7', 'I7'], ['V7', 'V7', 'V7', 'V7'],
  ['viiø7', 'viiø7', 'VIIm7b5', 'VII7'],
  ['I7', 'I7', 'I7', 'Idom7'], ['II', 'II', 'II', 'IImaj'], ['iv', 'iv', 'IVm', 'IVm'],
  ['bVI', 'bVI', 'bVI', 'bVImaj'], ['III+', 'III+', 'III+', 'III+'],
])('%s by quality is %s, with a suffix %s, bare %s', (text, byQuality, suffixed, bare) => {
  const cases = [{}, { numeralCase: 'capitals-suffix' }, { numeralCase: 'capitals-bare' }] as const;
  expect(cases.map((one) => shown(text, one))).toEqual([byQuality, suffixed, bare]);
}); // prettier-ignore

test.each([
  ['V6', 'V6', 'Vb', 'V/B', 'V, first inversion'], ['V64', 'V64', 'Vc', 'V/D', 'V, second inversion'],
  ['V65', 'V65', 'V7b', 'V7/B', 'V7, first inversion'],
  ['V42', 'V42', 'V7d', 'V7/F', 'V7, third inversion'], ['V7', 'V7', 'V7', 'V7', 'V7'],
  ['viio6', 'viio6', 'viiob', 'viio/D', 'viio, first inversion'],
])('%s in figures %s, letters %s, slash %s, words %s', (text, figures, letters, slash, words) => {
  const ways = [{}, { inversion: 'letters' }, { inversion: 'slash' }, { inversion: 'words' }] as const;
  expect(ways.map((one) => shown(text, one))).toEqual([figures, letters, slash, words]);
}); // prettier-ignore

test('bare sevenths: explicit, or the scale’s own', () => {
  const diatonic = { sevenths: 'diatonic' } as const;
  expect([
    shown('Imaj7', {}),
    shown('Imaj7', diatonic),
    shown('I7', diatonic),
    shown('V7', diatonic),
    shown('Vmaj7', diatonic),
  ]).toEqual(['Imaj7', 'I7', 'I7[b7]', 'V7', 'Vmaj7']);
  expect(sameNumeral(parseNumeral('I7', C, school(diatonic)), parseNumeral('Imaj7', C))).toBe(true);
  expect(sameNumeral(parseNumeral('IV7', C, ROMANTEXT), parseNumeral('IVmaj7', C))).toBe(true);
  expect(sameNumeral(parseNumeral('ii9', C, ROMANTEXT), parseNumeral('ii9', C))).toBe(true);
  expect(sameNumeral(parseNumeral('iii9', C, ROMANTEXT), parseNumeral('iii7b9', C))).toBe(true);
});

test('minor VI and VII with and without their flats are one thing', () => {
  const flat = ['VI', 'VII7', 'viio7'].map((text) => shown(text, { minorDegrees: 'flat' }, A_MINOR));
  expect(flat).toEqual(['bVI', 'bVII7', 'viio7']);
  for (const [one, other] of [['VI', 'bVI'], ['VII', 'bVII'], ['viio7', '#viio7'], ['vio', '#vio']] as const)
    expect(sameNumeral(parseNumeral(one, A_MINOR), parseNumeral(other, A_MINOR))).toBe(true);
}); // prettier-ignore

test('applied chords in four ways', () => {
  const ways = (['slash', 'of', 'arrow', 'arrows-only'] as const).map((applied) =>
    shown('V65/ii', { applied }),
  );
  expect(ways).toEqual(['V65/ii', 'V65 of ii', '(V65)→ii', 'V65→ii']);
  for (const [index, applied] of (['slash', 'of', 'arrow', 'arrows-only'] as const).entries())
    expect(sameNumeral(parseNumeral(ways[index]!, C, school({ applied })), parseNumeral('V65/ii', C))).toBe(
      true,
    );
});

test('the cadential six-four is shown over the dominant or as a tonic, and stays Cad64 in plain text', () => {
  const cadential = parseNumeral('Cad64', C);
  expect(partsText(typesetParts(cadential, C))).toBe('V64–');
  expect(partsText(typesetParts(cadential, C, school({ cadentialSixFour: 'tonic' })))).toBe('I64');
  expect(
    partsText(typesetParts(parseNumeral('Cad64', A_MINOR), A_MINOR, school({ cadentialSixFour: 'tonic' }))),
  ).toBe('i64');
  expect(printNumeral(cadential, C, school({ cadentialSixFour: 'tonic' }))).toBe('Cad64');
});

test.each([
  ['Cm7', 'C-7', { minor: '-' }], ['Cm7', 'Cmin7', { minor: 'min' }],
  ['Cmaj9', 'CM9', { majorSeventh: 'M7' }], ['Cmaj7', 'C△7', { majorSeventh: '△7' }],
  ['Cm7b5', 'Cø7', { halfDiminished: 'ø7' }], ['Cdim7', 'C°7', { diminished: '°' }],
  ['C+7', 'Caug7', { augmented: 'aug' }], ['CmMaj7', 'C-△7', { minor: '-', majorSeventh: '△7' }],
] as const)('%s is printed %s with %j', (plain, printed, part) => {
  const symbols = { ...DEFAULT_LABEL_STYLE.symbols, ...part };
  expect(printSymbol(parseSymbol(plain), { school: symbols })).toBe(printed);
  expect(printSymbol(parseSymbol(printed))).toBe(plain);
}); // prettier-ignore

test('letters and words', () => {
  expect(displayNoteName(parseNoteName('Bb'), 'german')).toBe('B');
  expect([
    vocabulary(DEFAULT_LABEL_STYLE).halfSteps,
    vocabulary(school({ words: 'note' })).halfSteps,
    vocabulary(school({ words: 'note' })).leading,
  ]).toEqual(['half steps', 'semitones', 'leading note']);
  const labels = labelEntry({ kind: 'symbol', text: 'Bm7/D' }, C, school({ letters: 'german' }));
  expect(labels.ok && [labels.labels.symbol, labels.labels.letters]).toEqual([
    'Hm7/D',
    ['H', 'D', 'Fis', 'A'],
  ]);
});
