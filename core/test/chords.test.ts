/**
 * Chords as stacks: building, describing, naming from notes (common practice and the lists of docs/conventions.md).
 */
import fc from 'fast-check';
import { Chord as TonalChord } from 'tonal';
import {
  attempt,
  bassMember,
  chordFromFormula,
  chordFromHalfSteps,
  describe as describeStack,
  gapsOf,
  identify,
  inversionLetter,
  inversionOf,
  inversionWords,
  invertChord,
  memberHalfSteps,
  parseKey,
  parseNoteName,
  parseSymbol,
  printFormula,
  printNoteName,
  printSymbol,
  qualityName,
  qualityWords,
  rootShortcuts,
  sameChord,
  scaleOf,
  speakChord,
  speakNumeral,
  numeralParts,
  parseNumeral,
  stackedNotes,
  stackOnDegree,
  makeChord,
} from '../src';
import { anyChord, easyRoot } from './arbitraries';

const quality = (symbol: string) => qualityName(describeStack(parseSymbol(symbol).members));

test.each([
  ['C', 'major', '4 3'], ['Cm', 'minor', '3 4'], ['Cdim', 'diminished', '3 3'], ['C+', 'augmented', '4 4'],
  ['Csus2', 'suspended-second', '2 5'], ['Csus4', 'suspended-fourth', '5 2'], ['C5', 'power', '7'],
  ['C(b5)', 'major-flat-five', '4 2'],
  ['Cmaj7', 'major-seventh', '4 3 4'], ['C7', 'dominant-seventh', '4 3 3'], ['Cm7', 'minor-seventh', '3 4 3'],
  ['CmMaj7', 'minor-major-seventh', '3 4 4'], ['Cm7b5', 'half-diminished-seventh', '3 3 4'],
  ['Cdim7', 'diminished-seventh', '3 3 3'],
  ['C+7', 'augmented-seventh', '4 4 2'], ['C+maj7', 'augmented-major-seventh', '4 4 3'],
  ['C7b5', 'dominant-seventh-flat-five', '4 2 4'], ['C6', 'major-sixth', '4 3 2'],
  ['Cm6', 'minor-sixth', '3 4 2'], ['C9', 'dominant-ninth', '4 3 3 4'],
  ['Cmaj9', 'major-ninth', '4 3 4 3'], ['Cm11', 'minor-11th', '3 4 3 4 3'], ['C13', 'dominant-13th', '4 3 3 4 3 4'],
])('%s is %s with gaps %s', (symbol, name, gaps) => {
  expect([quality(symbol), gapsOf(parseSymbol(symbol)).join(' ')]).toEqual([name, gaps]);
}); // prettier-ignore

test.each([
  ['C-', 'Cm'], ['Cmin', 'Cm'], ['CM', 'C'], ['Cmaj', 'C'], ['C△', 'Cmaj7'], ['CM7', 'Cmaj7'],
  ['C^7', 'Cmaj7'], ['Cø7', 'Cm7b5'], ['C°7', 'Cdim7'], ['Co7', 'Cdim7'], ['Caug', 'C+'], ['C7+', 'C+7'],
  ['C+7', 'C+7'], ['C-7', 'Cm7'], ['C6/9', 'C6/9'], ['C69', 'C6/9'],
  ['C7(b9,#11)', 'C7b9#11'], ['C7-9', 'C7b9'], ['C7+9', 'C7#9'], ['Csus', 'Csus4'], ['C7sus', 'C7sus4'],
  ['Cm(maj7)', 'CmMaj7'], ['Cm/maj7', 'CmMaj7'], ['C2', 'Cadd9'], ['Cmadd9', 'Cmadd9'],
  ['C7omit3', 'C7(no3)'], ['Cdom', 'C7'], ['C/E', 'C/E'], ['C/D', 'C/D'],
  ['F♯m7♭5/A', 'F#m7b5/A'], ['Bbb7', 'Bbb7'], ['C-5', 'C(b5)'],
])('%s is read as %s', (written, read) => {
  expect(printSymbol(parseSymbol(written))).toBe(read);
}); // prettier-ignore

test('the name follows what is really there', () => {
  const named = (formula: string) => printSymbol(chordFromFormula(parseNoteName('C'), formula));
  expect(named('1 3 b7 9')).toBe('C9(no5)');
  expect(named('1 3 5 9')).toBe('Cadd9');
  expect(named('1 3 5 b7 9 11')).toBe('C11');
  expect(named('1 3 5 b7 13')).toBe('C13(no9,11)');
  expect(named('1 3 5 6')).toBe('C6');
  expect(named('1 5')).toBe('C5');
  expect(named('1 3 5 b7 #9')).toBe('C7#9');
  expect(named('1 b3 5 b7 b9 11 b13')).toBe('Cm11b9b13');
  expect(named('1 3 b5 #5 b7 b9 #9')).toBe('C7alt');
});

test('formula, half steps and gaps are one thing', () => {
  fc.assert(
    fc.property(
      easyRoot,
      fc.constantFrom(
        '4 3',
        '3 4',
        '3 3',
        '4 4',
        '4 3 3',
        '3 4 3',
        '3 3 4',
        '3 3 3',
        '4 3 4',
        '4 3 3 4',
        '3 4 3 4 3',
      ),
      (root, gaps) => {
        const made = attempt(() => chordFromHalfSteps(root, gaps.split(' ').map(Number)));
        if (!made.ok || !attempt(() => stackedNotes(made.value)).ok) return;
        expect(gapsOf(made.value).join(' ')).toBe(gaps);
        expect(sameChord(chordFromFormula(root, printFormula(made.value)), made.value)).toBe(true);
        expect(made.value.members.every((m) => m.degree % 2 === 1)).toBe(true);
      },
    ),
  );
  for (const bad of [[], [1], [6], [3.5], [3, 3, 3, 3, 3, 3, 3]])
    expect(attempt(() => chordFromHalfSteps(parseNoteName('C'), bad)).ok).toBe(false);
  for (const bad of ['', '1 8', 'b1 3', '1 b3 x'])
    expect(attempt(() => chordFromFormula(parseNoteName('C'), bad)).ok).toBe(false);
  expect(memberHalfSteps({ degree: 13, alteration: -1 })).toBe(20);
  expect(() => stackOnDegree(scaleOf(parseKey('C')), 0, 5)).toThrow(/degree from 1 to 7/);
});

test('inversions by number, words and letter; a ninth in the bass by its member', () => {
  const said = (symbol: string) => [
    inversionOf(parseSymbol(symbol)),
    inversionWords(parseSymbol(symbol)),
    inversionLetter(parseSymbol(symbol)),
  ];
  expect(said('C7')).toEqual([0, 'root position', 'a']);
  expect(said('C7/E')).toEqual([1, 'first inversion', 'b']);
  expect(said('C7/Bb')).toEqual([3, 'third inversion', 'd']);
  expect(said('C9/D')).toEqual([4, 'ninth in the bass', 'e']);
  expect(said('C/D')).toEqual([null, 'over a foreign bass', '']);
  expect(bassMember(parseSymbol('C/D'))).toBeNull();
  fc.assert(
    fc.property(anyChord, (chord) =>
      expect(sameChord(invertChord(invertChord(chord, 1), -1), chord)).toBe(true),
    ),
  );
});

test('naming from notes finds the chord that was spelled, whatever the order and the doublings', () => {
  const whole = ['', 'm', 'dim', '+', '7', 'maj7', 'm7', 'm7b5', 'dim7', '9', 'm9', 'maj9', '7b9'];
  fc.assert(
    fc.property(
      easyRoot,
      fc.constantFrom(...whole),
      fc.array(fc.nat(), { maxLength: 4 }),
      (root, suffix, doublings) => {
        const chord = parseSymbol(printNoteName(root) + suffix);
        const stacked = stackedNotes(chord);
        const notes = [...stacked, ...doublings.map((d) => stacked[d % stacked.length]!)];
        expect(printSymbol(identify(notes)[0]!.chord)).toBe(printSymbol(chord));
      },
    ),
  );
});

test('tonal names the same chords from the same notes', () => {
  const known: Record<string, string> = {
    CM: 'C',
    Cm: 'Cm',
    Cdim: 'Cdim',
    Caug: 'C+',
    C7: 'C7',
    Cmaj7: 'Cmaj7',
    Cm7: 'Cm7',
    Cm7b5: 'Cm7b5',
    Cdim7: 'Cdim7',
    Csus4: 'Csus4',
    C6: 'C6',
    C9: 'C9',
  };
  for (const [theirs, ours] of Object.entries(known)) {
    const notes = stackedNotes(parseSymbol(ours));
    expect(TonalChord.detect(notes.map(printNoteName))).toContain(theirs);
    expect(printSymbol(identify(notes)[0]!.chord)).toBe(ours);
  }
});

test('reasons go with every reading, and too few or too many notes are refused', () => {
  const [first, second] = identify(['A', 'C', 'E', 'G'].map(parseNoteName));
  expect(first!.reasons).toEqual([{ kind: 'stack' }, { kind: 'root-lowest' }]);
  expect(printSymbol(second!.chord)).toBe('C6/A');
  expect(() => identify([parseNoteName('C'), parseNoteName('C')])).toThrow(/two to eight different notes/);
  expect(() => identify([...'ABCDEFG'].flatMap((l) => [parseNoteName(l), parseNoteName(`${l}#`)]))).toThrow(
    /two to eight/,
  );
});

test('quality names in words, and chords and numerals as they are spoken', () => {
  const slugs = [
    'major', 'dominant-seventh', 'half-diminished-seventh', 'minor-11th', 'power',
    'dominant-seventh-flat-five', 'minor-major-seventh', 'suspended-fourth',
  ]; // prettier-ignore
  expect(slugs.map(qualityWords)).toEqual([
    'major triad', 'dominant seventh', 'half-diminished seventh', 'minor 11th', 'bare fifth',
    'dominant seventh with a lowered fifth', 'minor-major seventh', 'suspended fourth',
  ]); // prettier-ignore
  expect(speakChord(parseSymbol('F#7/A#'))).toBe('F sharp dominant seventh over A sharp');
  expect(speakChord(parseSymbol('Bbbm'))).toBe('B double flat minor');
  const spoken = (text: string) =>
    speakNumeral(numeralParts(parseNumeral(text, parseKey('C')), parseKey('C')));
  expect(['V65/ii', 'viio7/V/V', 'bVI', 'Imaj7', 'V7b9'].map(spoken)).toEqual([
    'V six-five of ii',
    'vii diminished seven of V of V',
    'flat VI',
    'I maj seven',
    'V seven flat 9',
  ]);
});

test('a chord in root position has no gap above which to find its root', () => {
  expect(rootShortcuts(makeChord(parseNoteName('C'), parseSymbol('C').members))[0]).toMatchObject({
    step: 'above-gap',
    below: null,
  });
});
