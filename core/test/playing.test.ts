/**
 * Patterns of the keyboard and fingers that stay. Usual fingerings of triads are common practice, as in the
 * conventions (docs/conventions.md).
 */
import fc from 'fast-check';
import {
  anchoredFingering,
  chordFingering,
  closeVoicings,
  midiNumber,
  parseNote,
  parseSymbol,
  PATTERNS,
  playedChord,
  type Note,
} from '../src';

const notes = (text: string) => text.split(' ').map(parseNote);
const fingers = (...chords: string[]) =>
  anchoredFingering(chords.map(notes)).map(
    (one) => one && `${one.fingers.join('')} ${one.held.map((held) => (held ? '=' : '.')).join('')}`,
  );

test('common notes keep their finger where the hand allows it', () => {
  expect(fingers('C4 E4 G4', 'C4 F4 A4', 'B3 D4 G4')).toEqual(['135 ...', '135 =..', '125 ...']);
  // C and E stay under the thumb and the middle finger although the inversion by itself is fingered 1-2-5.
  expect(fingers('C4 E4 G4', 'C4 E4 A4')).toEqual(['135 ...', '135 ==.']);
});

test('a chord without common notes has its usual fingering; more notes than fingers end the row', () => {
  expect(fingers('C4 E4 G4')).toEqual(['135 ...']);
  expect(fingers('C4 E4 G4', 'C4 D4 E4 F4 G4 A4', 'C4 E4 G4')).toEqual(['135 ...', null, '135 ...']);
  expect(anchoredFingering([[]])).toEqual([null]);
});

test('over any chords the fingers go up, and one that is said to stay is on the same note before', () => {
  const symbols = fc.array(fc.constantFrom('C', 'Am', 'F', 'G7', 'Dm7', 'E7', 'Bb', 'F#m7b5'), {
    minLength: 1,
    maxLength: 8,
  });
  fc.assert(
    fc.property(symbols, (line) => {
      const upper = closeVoicings(line.map((text) => parseSymbol(text))).map((setting) => setting.upper);
      anchoredFingering(upper).forEach((one, at, all) => {
        expect(one!.fingers).toHaveLength(upper[at]!.length);
        one!.fingers.slice(1).forEach((finger, i) => expect(finger).toBeGreaterThan(one!.fingers[i]!));
        one!.held.forEach((held, i) => {
          if (!held) return;
          const before = upper[at - 1]!.findIndex((note) => midiNumber(note) === midiNumber(upper[at]![i]!));
          expect(all[at - 1]!.fingers[before]).toBe(one!.fingers[i]);
        });
      });
      // A row of one chord is fingered as it is by itself.
      expect(anchoredFingering([upper[0]!])[0]!.fingers).toEqual(chordFingering(upper[0]!)!.right);
    }),
  );
});

test('every pattern plays every note of the chord and no other, the bass never after the rest', () => {
  const symbols = fc.constantFrom('C', 'G7', 'Dm7/F', 'E7b9', 'C5', 'F#m');
  fc.assert(
    fc.property(symbols, fc.constantFrom(...PATTERNS), (symbol, pattern) => {
      const setting = closeVoicings([parseSymbol(symbol)])[0]!;
      const { lower, upper } = playedChord(setting, pattern);
      const heard = (steps: readonly (readonly Note[])[]) =>
        [...new Set(steps.flat().map(midiNumber))].sort((a, b) => a - b);
      expect(heard(lower)).toEqual(setting.lower.map(midiNumber));
      expect(heard(upper)).toEqual(setting.upper.map(midiNumber).sort((a, b) => a - b));
      expect(lower[0]!.length).toBeGreaterThan(0);
    }),
  );
});

test('broken chords go up and back, or low, high, middle, high; the bass may come first', () => {
  const setting = { lower: notes('C3'), upper: notes('E4 G4 C5') };
  const tops = (pattern: (typeof PATTERNS)[number]) =>
    playedChord(setting, pattern).upper.map((step) => step.map(midiNumber));
  expect(tops('broken')).toEqual([[64], [67], [72], [67]]);
  expect(tops('low-high')).toEqual([[64], [72], [67], [72]]);
  expect(tops('bass-first')).toEqual([[], [64, 67, 72]]);
  expect(playedChord(setting, 'bass-first').lower).toEqual([setting.lower, []]);
});
