/** Keys, their relations, and chord maps (common practice). */
import fc from 'fast-check';
import {
  attempt,
  chordMap,
  circleDistance,
  closelyRelated,
  degreeName,
  degreeNote,
  degreeOf,
  gapsOf,
  hasOrdinarySignature,
  homesOf,
  keyFromSignature,
  mapSymbol,
  nameUnderSignature,
  ordinaryKeys,
  parallelKey,
  parseKey,
  parseNoteName,
  parseSymbol,
  printKey,
  printNoteName,
  printNumeral,
  relativeKey,
  sameKey,
  scaleOf,
  SCALE_FORMS,
  signatureFifths,
  signatureWords,
  solfegeOf,
  stackedNotes,
  MODES,
} from '../src';
import { anyKey, ordinaryKey } from './arbitraries';

test.each([
  ['a minor', 'A minor'], ['f#', 'F# minor'], ['Bb', 'Bb major'], ['C#m', 'C# minor'],
  ['E flat major', 'Eb major'], ['G sharp minor', 'G# minor'], ['d dorian', 'D dorian'],
  ['C ionian', 'C major'], ['A aeolian', 'A minor'], ['c♯-moll', 'C# minor'],
])('“%s” is %s', (text, key) => {
  expect(printKey(parseKey(text))).toBe(key);
}); // prettier-ignore

test('German and fixed-do keys', () => {
  expect(['Fis-Dur', 'h-Moll', 'B-Dur', 'Es-Dur'].map((k) => printKey(parseKey(k, 'german')))).toEqual([
    'F# major',
    'B minor',
    'Bb major',
    'Eb major',
  ]);
  expect(printKey(parseKey('sol minor', 'fixed-do'))).toBe('G minor');
  for (const bad of ['', 'H major', 'C nowhere', 'C# D', 'major'])
    expect(attempt(() => parseKey(bad)).ok).toBe(false);
});

test('the relative is a minor third below and shares the signature; the parallel shares the tonic', () => {
  fc.assert(
    fc.property(ordinaryKey, (key) => {
      expect(signatureFifths(relativeKey(key))).toBe(signatureFifths(key));
      expect(sameKey(relativeKey(relativeKey(key)), key)).toBe(true);
      expect(parallelKey(key).tonic).toEqual(key.tonic);
      expect(Math.abs(signatureFifths(parallelKey(key)) - signatureFifths(key))).toBe(3);
      expect(closelyRelated(key)).toHaveLength(5);
      for (const near of closelyRelated(key)) expect(circleDistance(near, key)).toBeLessThanOrEqual(1);
    }),
  );
});

test('every key is found again from its signature', () => {
  for (const mode of MODES)
    for (const key of ordinaryKeys(mode))
      expect(sameKey(keyFromSignature(signatureFifths(key), mode), key)).toBe(true);
});

test('signatures in words', () => {
  expect(
    ['C major', 'F major', 'A major', 'Cb major', 'G# major'].map((k) => signatureWords(parseKey(k))),
  ).toEqual([
    'no sharps or flats',
    '1 flat · B♭',
    '3 sharps · F♯ C♯ G♯',
    '7 flats · B♭ E♭ A♭ D♭ G♭ C♭ F♭',
    'no ordinary signature · F𝄪 C♯ G♯ D♯ A♯ E♯ B♯',
  ]);
  expect(hasOrdinarySignature(parseKey('G# major'))).toBe(false);
});

test('each scale has seven letters, and its degrees are found again', () => {
  fc.assert(
    fc.property(anyKey, fc.constantFrom(...SCALE_FORMS), (key, form) => {
      const scale = attempt(() => scaleOf(key, form));
      if (!scale.ok) return;
      expect(new Set(scale.value.map((n) => n.step)).size).toBe(7);
      scale.value.forEach((note, i) => {
        expect(degreeNote(key, i + 1, form)).toEqual(note);
        expect(degreeOf(key, note).degree).toBe(i + 1);
      });
    }),
  );
  expect(() => degreeNote(parseKey('C'), 8)).toThrow(/degrees 1 to 7/);
});

test('the seventh degree is a leading note only a half step below the tonic', () => {
  expect(degreeName(parseKey('A minor'), 7)).toBe('subtonic');
  expect(degreeName(parseKey('A minor'), 7, 'harmonic')).toBe('leading');
  expect(degreeName(parseKey('D mixolydian'), 7)).toBe('subtonic');
  expect(degreeName(parseKey('F lydian'), 7)).toBe('leading');
});

test('the pattern of stacks is the same in every key of a mode', () => {
  for (const mode of ['major', 'minor'] as const) {
    const patterns = ordinaryKeys(mode).map((key) =>
      chordMap(key, 13)
        .map((c) => `${c.quality} ${gapsOf(c.chord).join('')}`)
        .join('|'),
    );
    expect(new Set(patterns).size).toBe(1);
  }
  expect(chordMap(parseKey('C major'), 13).map((column) => mapSymbol(column))).toEqual([
    'Cmaj13',
    'Dm13',
    'Em7b9b13',
    'Fmaj13#11',
    'G13',
    'Am11b13',
    'Bm7b5b9(11)b13',
  ]);
});

test('natural, harmonic and melodic maps of one minor key', () => {
  const key = parseKey('A minor');
  const numerals = (form: 'natural' | 'harmonic' | 'melodic') =>
    chordMap(key, 5, form)
      .map((c) => printNumeral(c.numeral, key))
      .join(' ');
  expect(numerals('natural')).toBe('i iio III iv v VI VII');
  expect(numerals('harmonic')).toBe('i iio III+ iv V VI viio');
  expect(numerals('melodic')).toBe('i ii III+ IV V vio viio');
}); // prettier-ignore

test('homes of a chord hold all its notes in one of their scales', () => {
  for (const symbol of ['C', 'Am', 'Bdim', 'E+', 'D7', 'Fmaj7', 'Bm7b5', 'G#dim7']) {
    const chord = parseSymbol(symbol);
    const homes = homesOf(chord);
    expect(homes.length).toBeGreaterThan(0);
    for (const { key } of homes) {
      const scales = [scaleOf(key), scaleOf(key, 'harmonic')].map((s) => s.map(printNoteName));
      expect(scales.some((scale) => stackedNotes(chord).every((n) => scale.includes(printNoteName(n))))).toBe(
        true,
      );
    }
  }
});

test('notes under a signature are written without the signature’s own accidental', () => {
  const under = (note: string, key: string) =>
    printNoteName(nameUnderSignature(parseNoteName(note), signatureFifths(parseKey(key))));
  expect([
    under('F#', 'G major'),
    under('F', 'G major'),
    under('F##', 'G major'),
    under('Bb', 'F major'),
  ]).toEqual(['F', 'F', 'F##', 'B']);
});

test('chromatic syllables', () => {
  const key = parseKey('D major');
  expect(
    ['D', 'D#', 'Eb', 'F#', 'G#', 'Bb', 'C', 'F##'].map((n) => solfegeOf(key, parseNoteName(n), 'do-minor')),
  ).toEqual(['do', 'di', 'ra', 'mi', 'fi', 'le', 'te', 'mi♯']);
});
