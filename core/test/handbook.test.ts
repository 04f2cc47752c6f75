/**
 * Tables and worked examples of the handbooks. The A minor figures are the
 * the table of docs/conventions.md; the rest are common practice, from memory
 * of openly published theory texts (Open Music Theory, Music Theory for the
 * 21st-Century Classroom), as no copy is at hand.
 */
import {
  chordOfNumeral,
  degreeOf,
  expandFigures,
  homesOf,
  identify,
  intervalBetween,
  invert,
  notesFromBass,
  notesOfFigures,
  notesOfMovingFigures,
  numeralsForNotes,
  parseFigures,
  parseInterval,
  parseKey,
  parseNote,
  parseNoteName,
  parseNumeral,
  parseSymbol,
  printFigure,
  printInterval,
  printKey,
  printNote,
  printNoteName,
  printNumeral,
  printSymbol,
  shortFigures,
  signatureOnStaff,
  solfegeOf,
  transpose,
  type NoteName,
} from '../src';

const A_MINOR = parseKey('A minor');
const figuresOf = (numeral: string, key: string) => {
  const k = parseKey(key);
  return shortFigures(chordOfNumeral(parseNumeral(numeral, k), k), k)
    .map(printFigure)
    .join(' ');
};
const names = (text: string) => text.split(' ').map(parseNoteName);

test.each([
  ['i', ''], ['i6', '6'], ['i64', '6 4'], ['V', '#'], ['V6', '6'], ['V64', '#6 4'], ['V7', '7 #'],
  ['V65', '6 5'], ['V43', '#6 4 3'], ['V42', '#4 2'],
  ['viio6', '#6'], ['viio7', '7'], ['viio65', '#6 5'], ['viio43', '#4 3'], ['viio42', '4 #2'],
])('in A minor %s is figured “%s”', (numeral, figures) => {
  expect(figuresOf(numeral, 'A minor')).toBe(figures);
}); // prettier-ignore

test('with flats in the signature the raised leading note has a natural', () => {
  expect(figuresOf('V', 'C minor')).toBe('n');
  expect(figuresOf('V7', 'G minor')).toBe('7 #');
  expect(figuresOf('V43', 'F minor')).toBe('n6 4 3');
});

test.each([
  ['', '5 3'], ['6', '6 3'], ['6 4', '6 4'], ['7', '7 5 3'], ['6 5', '6 5 3'], ['4 3', '6 4 3'],
  ['4 2', '6 4 2'], ['2', '6 4 2'], ['9', '9 7 5 3'], ['65', '6 5 3'], ['4/2', '6 4 2'],
])('figures “%s” stand for %s', (written, full) => {
  expect(expandFigures(parseFigures(written)).map((f) => f.number).join(' ')).toBe(full);
}); // prettier-ignore

// Thorough bass as the handbooks of harmony teach it (common practice).
test.each([
  ['G', '4-3', 'G C D', 'G B D'],
  ['E', '7-6', 'E G D', 'E G C'],
  ['C', '9-8', 'C E G D', 'C E G'],
  ['G', '6-5 4-3', 'G C E', 'G B D'],
  ['C', '9-8 4-3', 'C F G D', 'C E G'],
  ['G', '7 4-3', 'G C D F', 'G B D F'],
  ['G', '8-7', 'G B D', 'G B D F'],
  ['E', '4-#', 'E A B', 'E G# B'],
  ['D', '5-6', 'D F A', 'D F B'],
  // It is the bass that is suspended.
  ['C', '2-3', 'C D G', 'B D G'],
])('over %s, %s sounds %s and then %s', (bass, figures, before, after) => {
  const moved = notesOfMovingFigures(parseNoteName(bass), figures.split(' '), parseKey('C major'));
  const names = (notes: readonly NoteName[]) => notes.map(printNoteName).join(' ');
  expect([names(moved.before), names(moved.after)]).toEqual([before, after]);
});

test('figures that leap, or more than two in a row, are refused in words', () => {
  for (const text of ['3-9', '9-8-7', '4-4'])
    expect(() => notesOfMovingFigures(parseNoteName('C'), [text], parseKey('C major'))).toThrow(
      /do not move by step/,
    );
});

test('a plus or a stroke raises, a natural cancels the signature', () => {
  const read = (key: string, bass: string, figures: string) =>
    notesOfFigures(parseNoteName(bass), parseFigures(figures), parseKey(key)).map(printNoteName).join(' ');
  expect(read('A minor', 'D', '4+ 2')).toBe('D E G# B');
  expect(read('G minor', 'Eb', '6\\')).toBe('Eb G C#');
  expect(read('E major', 'E', 'n')).toBe('E G B');
});

test.each([
  ['G#4', 'F##5', 'M7', 'm2'], ['C4', 'E4', 'M3', 'm6'], ['B3', 'F4', 'd5', 'A4'], ['F4', 'B4', 'A4', 'd5'],
  ['Ab4', 'Gb5', 'm7', 'M2'], ['Cb4', 'F#4', 'AA4', 'dd5'],
  ['E4', 'Cb5', 'd6', 'A3'], ['D4', 'F#5', 'M10', 'm6'],
])('%s to %s is %s and inverts to %s', (from, to, name, inversion) => {
  const found = intervalBetween(parseNote(from), parseNote(to));
  expect([printInterval(found), printInterval(invert(found))]).toEqual([name, inversion]);
}); // prettier-ignore

test('intervals that do not exist are refused with their reason', () => {
  expect(() => parseInterval('d1')).toThrow(/diminished unison does not exist/);
  expect(() => parseInterval('P3')).toThrow(/never perfect/);
  expect(() => parseInterval('M5')).toThrow(/never major/);
  expect(() => invert({ number: 8, deviation: 1 })).toThrow(/no inversion within the octave/);
  expect(printNote(transpose(parseNote('Ab3'), parseInterval('M6')))).toBe('F4');
});

test('signatures sit where every clef writes them', () => {
  const written = (key: string, clef: 'treble' | 'bass' | 'alto' | 'tenor') =>
    signatureOnStaff(parseKey(key), clef).map(printNote).join(' ');
  expect(written('C# major', 'treble')).toBe('F#5 C#5 G#5 D#5 A#4 E#5 B#4');
  expect(written('C# major', 'bass')).toBe('F#3 C#3 G#3 D#3 A#2 E#3 B#2');
  expect(written('C# major', 'alto')).toBe('F#4 C#4 G#4 D#4 A#3 E#4 B#3');
  expect(written('C# major', 'tenor')).toBe('F#3 C#4 G#3 D#4 A#3 E#4 B#3');
  expect(written('Cb major', 'treble')).toBe('Bb4 Eb5 Ab4 Db5 Gb4 Cb5 Fb4');
  expect(written('Cb major', 'tenor')).toBe('Bb3 Eb4 Ab3 Db4 Gb3 Cb4 Fb3');
  expect(() => written('G# major', 'treble')).toThrow(/no ordinary signature/);
});

test.each([
  ['C E G', 'C', 'C major', 'I'], ['E G C', 'C/E', 'C major', 'I6'], ['A C E G', 'Am7', 'C major', 'vi7'],
  ['C E G A', 'C6', 'C major', 'vi65'], ['F A C D#', 'Fadd#6', 'A minor', 'Ger+6'],
  ['F A B D#', 'B7b5/F', 'A minor', 'Fr+6'], ['D F Bb', 'Bb/D', 'A minor', 'N6'],
  ['B D F Ab', 'Bdim7', 'C minor', 'viio7'], ['F# A C E', 'F#m7b5', 'C major', 'viiø7/V'],
  ['C E G Bb', 'C7', 'C major', 'V7/IV'], ['A E G', 'A7(no3)', 'D major', 'V7'],
  ['A C# E G F#', 'A13(no9,11)', 'D major', 'V13[no9,11]'], ['F Ab C', 'Fm', 'C major', 'iv'],
])('%s is %s; in %s it is %s', (notes, symbol, key, numeral) => {
  expect(printSymbol(identify(names(notes))[0]!.chord)).toBe(symbol);
  const k = parseKey(key);
  expect(printNumeral(numeralsForNotes(names(notes), k)[0]!.numeral, k)).toBe(numeral);
}); // prettier-ignore

test('a diminished seventh has its four spellings, an augmented triad its three', () => {
  expect(
    new Set(
      identify(names('B D F Ab'))
        .filter((r) => r.reasons.some((x) => x.kind === 'respelled'))
        .map((r) => printNoteName(r.chord.root)),
    ),
  ).toEqual(new Set(['D', 'F', 'Ab']));
  expect(identify(names('C E G#')).filter((r) => r.reasons.some((x) => x.kind === 'respelled'))).toHaveLength(
    2,
  );
});

test('doubling, spacing and the order of upper voices never change the answer', () => {
  const one = identify(names('A# C# E F#'))[0]!.chord;
  for (const other of ['A# F# E C# F#', 'A# E E C# F# C#', 'A# F# C# E'])
    expect(printSymbol(identify(names(other))[0]!.chord)).toBe(printSymbol(one));
});

test('a dominant seventh lives in the keys a fourth above its root', () => {
  const homes = homesOf(parseSymbol('G7')).map(
    ({ key, numeral }) => `${printNumeral(numeral, key)} in ${printKey(key)}`,
  );
  expect(homes).toEqual(['V7 in C major', 'V7 in C minor', 'VII7 in A minor']);
});

test('degrees, solfège in do and in la', () => {
  expect(degreeOf(A_MINOR, parseNoteName('G#'))).toEqual({ degree: 7, alteration: 1 });
  const key = parseKey('C minor');
  expect(
    names('C D Eb F G Ab Bb')
      .map((n) => solfegeOf(key, n, 'do-minor'))
      .join(' '),
  ).toBe('do re me fa sol le te');
  expect(
    names('C D Eb F G Ab B')
      .map((n) => solfegeOf(key, n, 'la-minor'))
      .join(' '),
  ).toBe('la ti do re mi fa si');
});

test('notes of applied and chromatic chords from the bass upward', () => {
  const spell = (numeral: string, key: string) =>
    notesFromBass(chordOfNumeral(parseNumeral(numeral, parseKey(key)), parseKey(key)))
      .map(printNoteName)
      .join(' ');
  expect(spell('V65/ii', 'A major')).toBe('A# C# E F#');
  expect(spell('subV7', 'C major')).toBe('Db F Ab Cb');
  expect(spell('CTo7', 'C major')).toBe('D# F# A C');
  expect(spell('Cad64', 'C minor')).toBe('G C Eb');
  expect(spell('bVII7', 'C major')).toBe('Bb D F Ab');
  expect(spell('V/V/V', 'C major')).toBe('A C# E');
});
