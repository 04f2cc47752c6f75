/**
 * Keyboard textures: broken chords, after-beats, arpeggios and pedal points are read as the harmony that they are
 * (common practice), and so is the labelled harmony of chorales set in them (core/test/keyboardTextures.ts).
 */
import {
  analyseScore,
  lineOfFifths,
  printKey,
  printNoteName,
  printNumeral,
  stackedNotes,
  type ScoreToRead,
} from '../src';
import { agreement, chorale, CHORALES, sum } from './choraleReading';
import { inTexture } from './keyboardTextures';
import { phrase } from './scorePhrase';

const numerals = (score: ScoreToRead) =>
  analyseScore(score)
    .chords.map(({ key, numeral }) => printNumeral(numeral, key))
    .join(' ');

const alberti = (...chords: string[]) =>
  chords
    .map((chord) => {
      const [low, middle, high] = chord.split(' ');
      return `${low}:1/2 ${high}:1/2 ${middle}:1/2 ${high}:1/2`;
    })
    .join(' ');
const rolled = (...chords: string[]) =>
  chords
    .map((chord) => {
      const [a, b, c, d, e] = chord.split(' ');
      const half = [a, b, c, d, e, c, d, e].map((note) => `${note}:1/4`).join(' ');
      return `${half} ${half}`;
    })
    .join(' ');

test.each([
  [
    'a broken chord with the seventh late in its figure',
    ['E5:2 F5:2 E5:4', alberti('C4 E4 G4', 'B3 F4 G4', 'C4 E4 G4', 'C4 E4 G4')],
    'I V65 I',
  ],
  [
    'arpeggios that rise out of their bass',
    [rolled('C4 E4 G4 C5 E5', 'C4 D4 A4 D5 F5', 'B3 D4 G4 D5 F5', 'C4 E4 G4 C5 E5')],
    'I ii42 V65 I',
  ],
  [
    'a march whose bass goes to the fifth and back',
    ['C5:2 E5:2 D5:2 B4:2 C5:4', 'C3 E4+G4 G2 E4+G4 G2 F4+B4 D3 F4+B4 C3 E4+G4 C3:2'],
    'I V7 I',
  ],
  [
    'a dominant over a held tonic',
    ['E4:4 F4:4 D4:4 E4:4', 'C4:4 C4:4 B3:4 C4:4', 'G3:4 A3:4 G3:4 G3:4', 'C3:16'],
    'I IV64 V I',
  ],
  [
    'a dominant over a tonic that is struck again and again',
    ['E4:4 F4:4 D4:4 E4:4', 'C4:4 C4:4 B3:4 C4:4', 'G3:4 A3:4 G3:4 G3:4', Array(16).fill('C3').join(' ')],
    'I IV64 V I',
  ],
])('%s', (_, voices, wanted) => expect(numerals(phrase(voices))).toBe(wanted));

test('in a waltz the second bar may have the fifth in its bass, and stays the chord that it is', () => {
  const bars = ['C3 E4+G4 E4+G4', 'G2 E4+G4 E4+G4', 'G2 F4+B4 F4+B4', 'C3 E4+G4 E4+G4'].join(' ');
  expect(numerals(phrase(['E5:3 G5:3 F5:3 E5:3', bars], { metre: '3/4' }))).toBe('I V7 I');
});

test('a tune that leans on a note in quarters is no broken chord', () => {
  const { chords } = analyseScore(phrase(['C5 F5 E5 C5', 'E4:4', 'G3:4', 'C3:4'], { metre: '2/2' }));
  expect(chords.flatMap(({ nonChord }) => nonChord.map(({ note }) => note))).toEqual([1]);
});

test('a bare fifth has the third of its key, and says that it is supplied', () => {
  const { chords } = analyseScore(phrase(['C4+E4:2 B3+D4+G#4:2 A4:4', 'A2:2 E3:2 A3+E4:4']));
  const last = chords[chords.length - 1]!;
  expect([printNumeral(last.numeral, last.key), last.supplied.map(printNoteName)]).toEqual(['i', ['C']]);
});

test('three suspensions over the tonic are the tonic', () => {
  const over = phrase(['D5:2 D5:1 C5:3', 'B4:2 B4:1 C5:3', 'F4:2 F4:1 E4:3', 'G3:2 C3:4'], { metre: '6/4' });
  expect(numerals(over)).toBe('V7 I');
});

test('two voices that close by step from the third and the second are dominant and tonic', () => {
  const two = phrase(['C5 B4 A4 G4 F4 E4 D4 C4', 'C4 D4 F4 E4 D4 C4 B3 C4']);
  expect(numerals(two)).toMatch(/(?:V|viio)\S* I$/);
});

test.each([
  [
    'G mixolydian',
    [
      'B4:2 A4:2 B4:2 C5:2 D5:2 C5:2 B4:2 A4:2 G4:4',
      'G4:2 F4:2 G4:2 G4:2 F4:2 F4:2 G4:2 F4:2 D4:4',
      'D4:2 C4:2 D4:2 E4:2 A3:2 A3:2 D4:2 C4:2 B3:4',
      'G3:2 F3:2 G3:2 C3:2 D3:2 F3:2 G3:2 F3:2 G3:4',
    ],
  ],
  ['D dorian', ['A4:4 G4:4 A4:4 B4:4 C5:4 B4:4 C#5:4 D5:4', 'D4:4 E4:4 F4:4 G4:4 A4:4 G4:4 E4:4 D4:4']],
])('what begins and ends over its final in the notes of %s is in it', (mode, voices) => {
  const { keys } = analyseScore(phrase(voices));
  expect(keys.map(({ key }) => printKey(key))).toEqual([mode]);
});

test('what begins and ends over D in its notes, but closes in C between, is in no mode', () => {
  const voices = [
    'D5:2 F5:2 E5:2 D5:2 E5:4 C5:2 B4:2 C5:4 A4:2 G4:2 A4:4',
    'A4:2 A4:2 G4:2 G4:2 G4:4 A4:2 G4:2 G4:4 F4:2 E4:2 F4:4',
    'F4:2 D4:2 C4:2 B3:2 C4:4 E4:2 D4:2 E4:4 D4:2 C4:2 D4:4',
    'D3:2 D3:2 C3:2 G3:2 C3:4 A2:2 G2:2 C3:4 D3:2 C3:2 D3:4',
  ];
  const score = phrase(voices, { fermatas: [8, 16] });
  const { keys, cadences, chords } = analyseScore(score);
  const closes = cadences.filter(({ at, kind }) => kind === 'authentic' && at < chords.length - 1);
  expect(closes.map(({ at }) => printNoteName(chords[at]!.chord.root))).toContain('C');
  expect(keys.map(({ key }) => key.mode).filter((mode) => mode !== 'major' && mode !== 'minor')).toEqual([]);
});

describe.each([
  ['broken', { full: 75, chord: 90 }],
  ['after-beats', { full: 82, chord: 97 }],
  ['arpeggios', { full: 77, chord: 91 }],
] as const)('the harmony of seven chorales in %s under its tune', (texture, least) => {
  const pieces = CHORALES.map((name) => inTexture(chorale(name), texture));
  const readings = pieces.map((piece) => analyseScore(piece.score));
  const all = sum(pieces.map((piece, at) => agreement(piece, readings[at]!)));

  test.each(['full', 'chord'] as const)('%s: the least share of the time in %%', (measure) => {
    expect((100 * all[measure]) / all.total).toBeGreaterThanOrEqual(least[measure]);
  });

  test('every member of a chord sounds in its time or is told as supplied, and its lowest note sounds', () => {
    const silent = pieces.flatMap(({ score: { notes } }, at) =>
      readings[at]!.chords.flatMap(({ from, to, chord, supplied }) => {
        const sounding = new Set(
          notes.filter(({ onset, end }) => onset < to && end > from).map(({ note }) => lineOfFifths(note)),
        );
        const told = new Set(supplied.map(lineOfFifths));
        const wrong = stackedNotes(chord).filter(
          (name) => sounding.has(lineOfFifths(name)) === told.has(lineOfFifths(name)),
        );
        return [...wrong, ...(sounding.has(lineOfFifths(chord.bass)) ? [] : [chord.bass])];
      }),
    );
    expect(silent.map(printNoteName)).toEqual([]);
  });
});
