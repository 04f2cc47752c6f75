/** Faults that are found in four voices, and what is no fault. */
import { checkVoicing, parseKey, parseNote, type FourNotes } from '../src';

const four = (text: string): FourNotes => text.split(' ').map(parseNote) as unknown as FourNotes;
const check = (key: string, ...chords: string[]) =>
  checkVoicing(chords.map(four), parseKey(key)).map(
    ({ at, rule, voices }) => `${at} ${rule} ${voices.map((voice) => voice[0]).join('')}`,
  );

// Soprano, alto, tenor, bass. Faults as part-writing chapters show them (common practice; examples of our
// own).
test.each([
  [
    'parallel fifths and octaves',
    'C major',
    ['G4 E4 C4 C3', 'A4 F4 D4 D3'],
    ['1 parallel-fifths st', '1 parallel-fifths sb', '1 parallel-octaves tb'],
  ],
  ['parallel octaves', 'C major', ['C5 G4 E4 C3', 'D5 G4 B3 D3'], ['1 parallel-octaves sb']],
  ['direct fifths into the outer voices', 'C major', ['E4 C4 G3 C3', 'A4 D4 F3 D3'], ['1 direct-fifths sb']],
  [
    'direct octaves into the outer voices',
    'C major',
    ['E4 G3 E3 A2', 'C5 G4 E4 C3'],
    ['1 direct-octaves sb'],
  ],
  ['voices crossed', 'C major', ['C4 E4 G3 C3'], ['0 crossing sa']],
  ['soprano and alto too far apart', 'C major', ['G5 E4 C4 C3'], ['0 spacing sa']],
  ['out of range', 'C major', ['B5 G5 E5 C3'], ['0 range s', '0 range a', '0 range t']],
  [
    'a voice past where its neighbour was',
    'C major',
    ['C4 A3 F3 F2', 'E5 C5 G4 C3'],
    ['1 overlap sa', '1 overlap at'],
  ],
  ['leading note in the soprano that falls', 'C major', ['B4 G4 D4 G3', 'G4 E4 C4 C4'], ['1 leading-note s']],
  ['seventh that rises', 'C major', ['F5 B4 G4 G3', 'G5 C5 E4 C4'], ['1 seventh s']],
  ['augmented second', 'A minor', ['F4 D4 A3 D3', 'G#4 B3 E3 E3'], ['1 augmented-second s']],
  ['leading note twice', 'C major', ['B4 G4 B3 G3'], ['0 doubled-leading-note st']],
  [
    'unison to octave by contrary motion',
    'C major',
    ['E4 C4 G3 G3', 'F4 C4 A3 A2'],
    ['1 contrary-octaves tb'],
  ],
  ['fifths by contrary motion', 'C major', ['D5 G4 B3 G2', 'G4 E4 C4 C3'], ['1 contrary-fifths sb']],
  ['leap of a seventh in the bass', 'C major', ['E4 C4 G3 C3', 'D4 B3 G3 B3'], ['1 melodic-leap b']],
  ['augmented fourth in the soprano', 'C major', ['F4 C4 A3 F3', 'B4 D4 G3 G3'], ['1 melodic-leap s']],
  [
    'a perfect fifth after a diminished one',
    'C major',
    ['F4 D4 G3 B2', 'G4 E4 G3 C3'],
    ['1 unequal-fifths sb'],
  ],
  ['a cross relation', 'C major', ['C5 G4 E4 C3', 'E5 G4 C#4 A2'], ['1 cross-relation st']],
  ['no third', 'C major', ['C5 G4 E4 C3', 'D5 G4 G3 G2', 'C5 G4 E4 C3'], ['1 missing-third b']],
  ['a seventh twice', 'C major', ['F5 F4 B3 G2', 'E5 E4 C4 C3'], ['0 doubling sa']],
  [
    'an applied leading note twice',
    'C major',
    ['F#4 D4 C4 F#3', 'G4 D4 B3 G3'],
    ['0 doubled-leading-note sb'],
  ],
  [
    'a cadential six-four without its bass twice',
    'C major',
    ['A4 F4 C4 F3', 'C5 E4 C4 G3', 'D5 F4 B3 G3', 'C5 E4 G3 C3'],
    ['1 doubling sb', '2 six-four s', '2 six-four a'],
  ],
  [
    'a six-four that rises inside',
    'C major',
    ['C5 A4 F4 F3', 'C5 G4 E4 G3', 'B4 G4 F4 G3', 'C5 G4 E4 C3'],
    ['2 six-four t'],
  ],
  ['a ninth that leaps', 'C major', ['A4 F4 B3 G3', 'C5 E4 G3 C3'], ['1 ninth s']],
  ['a raised fourth that falls', 'C major', ['F#4 D4 C4 A3', 'D4 D4 B3 G3'], ['1 leading-note s']],
  ['an augmented sixth that closes', 'A minor', ['D#5 A4 A3 F3', 'B4 G#4 B3 E3'], ['1 leading-note s']],
  [
    'a diminished fifth that goes on down',
    'C major',
    ['F5 A4 C4 F3', 'B4 G4 D4 G3', 'A4 E4 C4 A3'],
    ['2 melodic-leap s'],
  ],
])('%s', (_, key, chords, faults) => {
  expect(check(key, ...chords)).toEqual(expect.arrayContaining(faults));
});

test.each([
  ['a soprano that steps into an octave', ['B4 G4 D4 G2', 'C5 G4 E4 C3']],
  ['a leading note inside that falls to the fifth', ['D5 B4 G4 G3', 'C5 G4 E4 C4']],
  ['a leading note in a bass that goes down the scale', ['C5 E4 G3 C3', 'D5 G4 G3 B2', 'C5 E4 A3 A2']],
  ['a leading note inside that falls into VI', ['D5 B4 G4 G3', 'C5 A4 E4 A3']],
  ['a neighbour over a held chord', ['E4 C4 G3 C3', 'E4 B3 G3 C3', 'E4 C4 G3 C3']],
  ['a neighbour above', ['G4 E4 C4 C3', 'A4 E4 C4 C3', 'G4 E4 C4 C3']],
  ['a retardation, 7-8', ['D5 B4 G4 G3', 'E5 B4 G4 C3', 'E5 C5 G4 C3']],
  ['7-8 over the dominant', ['F4 D4 B3 G3', 'G4 D4 B3 G3', 'G4 E4 C4 C3']],
  ['a chord that changes its position', ['E4 C4 G3 C3', 'G4 E4 C4 C3', 'C5 G4 E4 C3']],
  ['a dominant seventh that changes its position', ['F4 D4 B3 G3', 'B4 F4 D4 G2', 'C5 E4 C4 C3']],
  ['a chromatic step in the voice that has the note', ['C5 G4 E4 C3', 'C#5 G4 E4 A2']],
  ['a ninth that falls', ['A4 F4 B3 G3', 'G4 E4 C4 C3']],
  ['a seventh that stays while the chord lasts', ['F5 B4 G4 G3', 'F5 D5 G4 B3']],
])('%s is no fault', (_, chords) => {
  expect(check('C major', ...chords)).toEqual([]);
});

test('a whole plain phrase has no fault', () => {
  expect(check('G major', 'B4 D4 G3 G2', 'C5 E4 G3 C3', 'A4 F#4 C4 D3', 'G4 D4 B3 G3')).toEqual([]);
});
