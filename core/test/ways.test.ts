/** The six ways into a chord stay in step: what one says, the others read back as the same chord. */
import fc from 'fast-check';
import {
  attempt,
  chordInWays,
  FAMILIES,
  familyOn,
  inversionsOf,
  ordinaryKeys,
  otherReadings,
  parseKey,
  parseNoteName,
  parseSymbol,
  printSymbol,
  readChordInWay,
  sameChord,
  stackedNotes,
  WAYS_IN,
} from '../src';
import { easyRoot, ordinaryKey } from './arbitraries';

test('every chord of every family, in each way and every key', () => {
  fc.assert(
    fc.property(easyRoot, fc.constantFrom(...FAMILIES), fc.nat(), ordinaryKey, (root, family, pick, key) => {
      const list = familyOn(root, family);
      const chord = list[pick % list.length]!;
      if (!attempt(() => stackedNotes(chord)).ok) return;
      const ways = chordInWays(chord, key);
      for (const way of WAYS_IN) {
        // Notes alone may have another best reading; it has the same notes.
        if (ways[way] === '') continue;
        const read = readChordInWay(way, ways[way], chord, key);
        if (way === 'notes')
          expect(new Set(stackedNotes(read).map((n) => `${n.step} ${n.alteration}`))).toEqual(
            new Set(stackedNotes(chord).map((n) => `${n.step} ${n.alteration}`)),
          );
        else expect([way, ways[way], sameChord(read, chord)]).toEqual([way, ways[way], true]);
      }
    }),
  );
});

test('a chord said in six ways', () => {
  expect(chordInWays(parseSymbol('Bm7'), parseKey('A major'))).toEqual({
    symbol: 'Bm7',
    notes: 'B D F♯ A',
    formula: '1 ♭3 5 ♭7',
    'half-steps': '3 4 3',
    numeral: 'ii7',
    degree: '2 7',
  });
  expect(chordInWays(parseSymbol('F#7/A#'), parseKey('A major'))).toMatchObject({
    numeral: 'V65/ii',
    degree: '',
    notes: 'A♯ C♯ E F♯',
  });
  expect(chordInWays(parseSymbol('Csus4'), parseKey('C major'))).toMatchObject({
    'half-steps': '',
    formula: '1 4 5',
  });
  const before = parseSymbol('Eb');
  const key = parseKey('C minor');
  expect(printSymbol(readChordInWay('formula', '1 3 5 b7', before, key))).toBe('Eb7');
  expect(printSymbol(readChordInWay('half-steps', '4·4', before, key))).toBe('Eb+');
  expect(printSymbol(readChordInWay('degree', '5 7', before, key))).toBe('G7');
  expect(printSymbol(readChordInWay('notes', 'Ab C Eb F#', before, key))).toBe('Abadd#6');
  expect(() => readChordInWay('degree', '9', before, key)).toThrow(/Write a degree from 1 to 7/);
});

test('inversions and other readings', () => {
  expect(inversionsOf(parseSymbol('Am7/E')).map((c) => printSymbol(c))).toEqual([
    'Am7',
    'Am7/C',
    'Am7/E',
    'Am7/G',
  ]);
  expect(otherReadings(parseSymbol('Am7')).map((c) => printSymbol(c.chord))).toContain('C6/A');
  expect(otherReadings(parseSymbol('Bdim7')).map((c) => printSymbol(c.chord))).toEqual(
    expect.arrayContaining(['Ddim7/Cb', 'Fdim7/Cb', 'Abdim7/Cb']),
  );
  for (const key of ordinaryKeys('major'))
    expect(chordInWays({ ...parseSymbol('C'), root: key.tonic, bass: key.tonic }, key).degree).toBe('1');
  expect(familyOn(parseNoteName('C'), 'triads').map((c) => printSymbol(c))).toEqual([
    'C',
    'Cm',
    'Cdim',
    'C+',
    'Csus2',
    'Csus4',
  ]);
});
