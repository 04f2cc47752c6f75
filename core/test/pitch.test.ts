/**
 * Pitch, spelling and letter systems (common practice; scientific pitch notation puts middle C at C4, MIDI
 * 60).
 */
import fc from 'fast-check';
import {
  accidentalAscii,
  accidentalGlyph,
  atOrAbove,
  attempt,
  displayNoteName,
  frequency,
  fromLineOfFifths,
  lineOfFifths,
  midiNumber,
  noteName,
  parseNote,
  parseNoteName,
  parseNoteNameIn,
  pitchClass,
  printNoteName,
  parseNoteNameAt,
  sameName,
  stackUp,
  staffPosition,
  TheoryError,
} from '../src';
import { anyName, anyNote } from './arbitraries';

test.each([
  ['C4', 60, 28], ['B#3', 60, 27], ['Cb4', 59, 28], ['F##5', 79, 38], ['Gbb2', 41, 18], ['A4', 69, 33], ['C-1', 0, -7],
] as const)('%s is key %d and stands on place %d', (text, midi, place) => {
  expect([midiNumber(parseNote(text)), staffPosition(parseNote(text))]).toEqual([midi, place]);
}); // prettier-ignore

test('spelling is kept: notes that sound alike are not the same', () => {
  expect(sameName(parseNoteName('Fb'), parseNoteName('E'))).toBe(false);
  expect(pitchClass(parseNoteName('Fb'))).toBe(pitchClass(parseNoteName('E')));
  expect(frequency(parseNote('A4'))).toBe(440);
  expect(frequency(parseNote('C4'))).toBeCloseTo(261.626, 3);
});

test('the line of fifths gives every spelling its own place', () => {
  expect(['Fb', 'Cb', 'F', 'C', 'G', 'F#', 'B#', 'F##'].map((n) => lineOfFifths(parseNoteName(n)))).toEqual([
    -8, -7, -1, 0, 1, 6, 12, 13,
  ]);
  fc.assert(fc.property(anyName, (name) => expect(fromLineOfFifths(lineOfFifths(name))).toEqual(name)));
});

test.each([
  ['x', 'this is not a note'], ['H4', 'this is not a note'], ['C', 'not a note with its octave'],
  ['C44', 'not a note with its octave'], ['C#b4', 'not a note with its octave'], ['', 'this is not a note'],
  ['C4 ', ''],
])('“%s” as a note', (text, wrong) => {
  const read = attempt(() => parseNote(text));
  expect(read.ok ? '' : read.error.wrong).toEqual(wrong === '' ? '' : expect.stringContaining(wrong));
}); // prettier-ignore

test('accidentals are read in every usual sign', () => {
  for (const [text, alteration] of [
    ['C♯', 1], ['C♭', -1], ['Cx', 2], ['C𝄪', 2], ['C𝄫', -2], ['C##', 2], ['Cbb', -2],
    ['C♮', 0], ['Cbbb', -3],
  ] as const)
    expect(parseNoteName(text).alteration).toBe(alteration);
  const glyphs = [-3, -2, -1, 0, 1, 2, 3].map(accidentalGlyph);
  expect(glyphs).toEqual(['♭𝄫', '𝄫', '♭', '', '♯', '𝄪', '♯𝄪']);
  expect([-2, 0, 2].map(accidentalAscii)).toEqual(['bb', '', '##']);
}); // prettier-ignore

test('more than a triple alteration is refused with the reason', () => {
  expect(() => noteName(0, 4)).toThrow(TheoryError);
  expect(() => noteName(0, -4)).toThrow(/“Cbbbb”: more than three accidentals/);
});

test.each([
  ['B', 'H', 'si'], ['Bb', 'B', 'si♭'], ['F#', 'Fis', 'fa♯'], ['Eb', 'Es', 'mi♭'], ['Ab', 'As', 'la♭'],
  ['Abb', 'Ases', 'la𝄫'], ['Bbb', 'Heses', 'si𝄫'], ['C##', 'Cisis', 'do𝄪'], ['Gb', 'Ges', 'sol♭'],
  ['E#', 'Eis', 'mi♯'],
])('%s is %s in German and %s in fixed do', (english, german, fixed) => {
  const name = parseNoteName(english);
  expect([displayNoteName(name, 'german'), displayNoteName(name, 'fixed-do')]).toEqual([german, fixed]);
  const read = [parseNoteNameIn(german, 'german'), parseNoteNameIn(fixed, 'fixed-do')];
  expect(read.map(printNoteName)).toEqual([english, english]);
}); // prettier-ignore

test('a German root before a suspension keeps its letter', () => {
  expect(parseNoteNameAt('Asus4', 0, 'german')).toMatchObject({ end: 1, name: { step: 5, alteration: 0 } });
  expect(parseNoteNameAt('As7', 0, 'german')).toMatchObject({ end: 2, name: { step: 5, alteration: -1 } });
  expect(parseNoteNameAt('sol7', 0, 'fixed-do')).toMatchObject({ end: 3, name: { step: 4 } });
  expect(parseNoteNameAt('X', 0, 'german')).toBeNull();
  for (const bad of ['Ess', 'Bes', 'Cs', 'J'])
    expect(attempt(() => parseNoteNameIn(bad, 'german')).ok).toBe(false);
});

test('stacking goes up within the octave, and never below its floor', () => {
  expect(stackUp(['C', 'E', 'G', 'B', 'D'].map(parseNoteName), parseNote('D4')).map((n) => n.octave)).toEqual(
    [5, 5, 5, 5, 6],
  );
  fc.assert(
    fc.property(anyName, anyNote, (name, floor) => {
      const note = atOrAbove(name, floor);
      expect(staffPosition(note)).toBeGreaterThanOrEqual(staffPosition(floor));
      expect(staffPosition(note)).toBeLessThan(staffPosition(floor) + 7);
    }),
  );
});
