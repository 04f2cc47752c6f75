/**
 * Fingerings: common practice, checked by what every table keeps: no thumb on a black key, no finger twice
 * running.
 */
import {
  attempt,
  chordFingering,
  BEYOND_HAND,
  HAND_CARE,
  ordinaryKeys,
  parseKey,
  parseNote,
  pitchClass,
  scaleFingering,
  scaleOf,
  SCALE_FORMS,
} from '../src';

const isBlack = (place: number) => [1, 3, 6, 8, 10].includes(place);

test('every major and minor scale, each form, both hands', () => {
  for (const key of [...ordinaryKeys('major'), ...ordinaryKeys('minor')]) {
    for (const form of SCALE_FORMS) {
      const scale = [...scaleOf(key, form), key.tonic];
      const { right, left } = scaleFingering(key, form);
      for (const hand of [right, left]) {
        expect(hand).toHaveLength(8);
        hand.forEach((finger, i) => {
          if (finger === 1)
            expect([key, form, i, isBlack(pitchClass(scale[i]!))]).toEqual([key, form, i, false]);
          if (i > 0) expect(finger).not.toBe(hand[i - 1]);
        });
      }
    }
  }
});

test('the flat keys from F put the right thumb on C and F', () => {
  for (const name of ['F', 'Bb', 'Eb', 'Ab', 'Db']) {
    const key = parseKey(`${name} major`);
    const scale = scaleOf(key);
    const { right } = scaleFingering(key);
    for (const place of [0, 5]) expect(right[scale.findIndex((note) => pitchClass(note) === place)]).toBe(1);
  }
  for (const name of ['C', 'G', 'D', 'A', 'E'])
    expect(scaleFingering(parseKey(`${name} major`)).right.join('')).toBe('12312345');
});

test('a church mode has no table and says what to take', () => {
  const result = attempt(() => scaleFingering(parseKey('D dorian')));
  expect(!result.ok && result.error.message).toMatch(/no settled fingering.*same signature/);
});

test.each([
  ['C4 E4 G4', '135', '531'], ['E4 G4 C5', '125', '531'], ['G4 C5 E5', '135', '521'],
  ['G4 B4 D5 F5', '1245', '5321'], ['B3 D4 F4 G4', '1245', '5421'], ['F4 G4 B4 D5', '1245', '5421'],
  ['D4 F4 G4 B4', '1235', '5421'], ['C4 G4', '15', '51'],
])('%s takes %s and %s', (notes, right, left) => {
  const fingering = chordFingering(notes.split(' ').map(parseNote))!;
  expect([fingering.right.join(''), fingering.left.join(''), fingering.stretch]).toEqual([right, left, false]);
}); // prettier-ignore

test('a stretch beyond the octave is marked, and the care that goes with it', () => {
  expect(chordFingering(['C3', 'E4'].map(parseNote))!.stretch).toBe(true);
  expect(chordFingering(['C3', 'D3', 'E3', 'F3', 'G3', 'A3'].map(parseNote))).toBeNull();
  // No hand is asked for more than a tenth (common practice).
  expect(chordFingering(['C3', 'F4'].map(parseNote))).toBeNull();
  expect(chordFingering(['C3', 'G3', 'C4', 'F4'].map(parseNote))).toBeNull();
  expect(BEYOND_HAND).toMatch(/between the hands/);
  expect(HAND_CARE).toMatch(/Stop if the hand hurts.*teacher or a doctor/);
});

test.each([
  ['C4 E4 G4 C5', '1235', '5421'],
  ['E4 G4 C5 E5', '1245', '5421'],
  ['G4 C5 E5 G5', '1245', '5321'],
  ['C4 E4 G4 B4', '1235', '5321'],
])('the hands take %s as right %s, left %s (common practice)', (notes, right, left) => {
  const found = chordFingering(notes.split(' ').map(parseNote))!;
  expect([found.right.join(''), found.left.join('')]).toEqual([right, left]);
});

test('the natural minor on C sharp crosses as the harmonic does (common practice)', () => {
  expect(scaleFingering(parseKey('C# minor')).left.join('')).toBe('32143213');
});
