/**
 * What the Key and Intervals benches compute: the circle, patterns, primary chords, and bars of intervals.
 */
import fc from 'fast-check';
import { Interval as TonalInterval, Note as TonalNote } from 'tonal';
import {
  accidentalsInBar,
  circleOfFifths,
  closelyRelated,
  intervalBetween,
  keysFromText,
  keysWithPattern,
  keyWorking,
  INTERVAL_NAME,
  INTERVAL_INVERT,
  midiNumber,
  minorMap,
  mapSymbol,
  ordinaryKeys,
  orderOfFlats,
  orderOfSharps,
  parseKey,
  parseNote,
  pitchClass,
  primaryChords,
  printInterval,
  printKey,
  printNote,
  printNoteName,
  qualityPattern,
  markingWords,
  markQuestion,
  type ExerciseKind,
  sayStep,
  sentenceText,
  stackedNotes,
  scaleFingering,
  signatureOnStaff,
  type Note,
} from '../src';

const names = (notes: readonly Parameters<typeof printNoteName>[0][]) => notes.map(printNoteName).join(' ');
const notes = (list: readonly Note[]) => list.map(printNote).join(' ');
const anyKey = fc.constantFrom(...ordinaryKeys('major'), ...ordinaryKeys('minor'));

test('the circle holds every ordinary key once, a fifth from place to place (common practice)', () => {
  const circle = circleOfFifths();
  expect(circle.map(({ major }) => major.map((key) => printNoteName(key.tonic)).join('='))).toEqual([
    'C', 'G', 'D', 'A', 'E', 'B=Cb', 'F#=Gb', 'Db=C#', 'Ab', 'Eb', 'Bb', 'F',
  ]); // prettier-ignore
  expect(circle.flatMap(({ major, minor }) => [...major, ...minor])).toHaveLength(30);
  for (const { major, minor } of circle)
    expect(pitchClass(minor[0]!.tonic)).toBe((pitchClass(major[0]!.tonic) + 9) % 12);
  expect(closelyRelated(parseKey('D major')).map(printKey)).toEqual([
    'G major',
    'E minor',
    'B minor',
    'A major',
    'F# minor',
  ]);
});

test('the order of sharps and flats, and keys by their signature in words (common practice)', () => {
  expect(names(orderOfSharps())).toBe('F# C# G# D# A# E# B#');
  expect(names(orderOfFlats())).toBe('Bb Eb Ab Db Gb Cb Fb');
  const keys = (text: string) => keysFromText(text).map(printKey);
  expect(keys('two flats')).toEqual(['Bb major', 'G minor']);
  expect(keys('no sharps or flats')).toEqual(['C major', 'A minor']);
  expect(keys('5#')).toEqual(['B major', 'G# minor']);
  expect(keys('f# minor')).toEqual(['F# minor']);
  for (const [text, wrong] of [
    ['eight sharps', /not a signature/],
    ['9 flats', /at most seven/],
    ['H', /not a key/],
  ] as const)
    expect(() => keysFromText(text)).toThrow(wrong);
});

test('the pattern of qualities is one in all keys of a mode: M m m M M m d (common practice)', () => {
  const { thirds, triads, sevenths } = qualityPattern(parseKey('Eb major'));
  expect(thirds).toEqual(['major', 'minor', 'minor', 'major', 'major', 'minor', 'minor']);
  expect(triads).toEqual(['major', 'minor', 'minor', 'major', 'major', 'minor', 'diminished']);
  expect(sevenths[4]).toBe('dominant-seventh');
  for (const key of ['C major', 'A minor', 'D dorian'])
    expect(keysWithPattern(parseKey(key))).toHaveLength(15);
});

test('in minor the harmonic dominants stand beside the natural ones, written with the sign the signature needs', () => {
  expect(minorMap(parseKey('C minor')).map((column) => `${mapSymbol(column)}${column.raised ? '!' : ''}`)).toEqual(
    ['Cm', 'Ddim', 'Eb', 'Fm', 'Gm', 'G!', 'Ab', 'Bb', 'Bdim!'],
  ); // prettier-ignore
  expect(names(stackedNotes(minorMap(parseKey('F minor'))[5]!.chord))).toBe('C E G');
});

test('a minor signature is worked through the relative major', () => {
  const said = (key: string) => keyWorking(parseKey(key)).map((step) => sentenceText(sayStep(step)));
  expect(said('C# minor')).toEqual([
    'Go three half steps up from C♯, letter by letter a third: the relative major is E major.',
    'The half step under E is D♯. It is the last sharp, so the signature is F♯ C♯ G♯ D♯.',
    'C♯ minor has the same signature.',
    'B is raised to B♯, the leading tone of C♯ minor.',
  ]);
  expect(said('Ab major')).toEqual([
    'A♭ is the last flat but one; one more follows, D♭. The signature is B♭ E♭ A♭ D♭.',
  ]);
  expect(said('F major')[0]).toContain('one flat, B♭');
  expect(said('E dorian')[0]).toBe('E dorian has the signature of D major.');
  expect(said('G# major')[0]).toContain('No ordinary signature exists');
});

test('primary chords: I, IV6/4, V6/5 without its fifth, near the tonic chord in every key (common practice)', () => {
  fc.assert(
    fc.property(anyKey, (key) => {
      const [one, four, , five] = primaryChords(key);
      expect(primaryChords(key).map(({ fingering }) => [fingering.right.join(''), fingering.left.join('')])).toEqual(
        [['135', '531'], ['135', '521'], ['135', '531'], ['145', '521'], ['135', '531']],
      ); // prettier-ignore
      expect([one!.inversion, four!.inversion, five!.inversion]).toEqual([
        'root position',
        'second inversion',
        'first inversion',
      ]);
      for (const { right } of [four!, five!])
        right.forEach((note, i) =>
          expect(Math.abs(midiNumber(note) - midiNumber(one!.right[i]!))).toBeLessThanOrEqual(2),
        );
      expect(midiNumber(one!.right[0]!) - midiNumber(one!.left[0]!)).toBe(12);
    }),
  );
});

// Fingerings of one octave as scale manuals for piano print them (common practice; from memory).
test.each([
  ['C major', '12312345', '54321321'],
  ['F major', '12341234', '54321321'],
  ['Bb major', '21231234', '32143213'],
  ['Eb major', '21234123', '32143213'],
  ['Ab major', '23123123', '32143213'],
  ['Db major', '23123412', '32143213'],
  ['B major', '12312345', '43214321'],
  ['A minor', '12312345', '54321321'],
  ['G minor', '12312345', '54321321'],
])('%s is fingered %s and %s', (key, right, left) => {
  const fingering = scaleFingering(parseKey(key), 'harmonic');
  expect([fingering.right.join(''), fingering.left.join('')]).toEqual([right, left]);
});

test('signatures of seven sharps and flats stand in the four clefs as handbooks draw them (common practice)', () => {
  const staff = (key: string, clef: Parameters<typeof signatureOnStaff>[1]) =>
    notes(signatureOnStaff(parseKey(key), clef));
  expect(staff('C# major', 'treble')).toBe('F#5 C#5 G#5 D#5 A#4 E#5 B#4');
  expect(staff('C# major', 'bass')).toBe('F#3 C#3 G#3 D#3 A#2 E#3 B#2');
  expect(staff('C# major', 'alto')).toBe('F#4 C#4 G#4 D#4 A#3 E#4 B#3');
  expect(staff('C# major', 'tenor')).toBe('F#3 C#4 G#3 D#4 A#3 E#4 B#3');
  expect(staff('Cb major', 'treble')).toBe('Bb4 Eb5 Ab4 Db5 Gb4 Cb5 Fb4');
  expect(staff('Cb major', 'bass')).toBe('Bb2 Eb3 Ab2 Db3 Gb2 Cb3 Fb2');
  expect(staff('Cb major', 'tenor')).toBe('Bb3 Eb4 Ab3 Db4 Gb3 Cb4 Fb3');
});

// A sheet of interval questions with double accidentals as rudiments courses set them (from memory); the
// answers are worked again by tonal 6.4.3.
const SHEET = [
  'F#4 Cx5', 'Gb4 Ebb5', 'Bx3 D#5', 'Abb4 F5', 'Dx4 B4', 'Cb4 G##4', 'Ebb4 C#5', 'F##4 E5', 'Ab3 G##4',
  'Bbb3 Fb4', 'G#4 F##5', 'Db5 Gx4',
  'E#5 Cbb5', 'A##3 C4', 'Dbb4 D##4', 'C##5 Ab5', 'Fb3 Bx3', 'Gbb3 Ab4', 'B#4 Dbb6', 'Ex3 F#5', 'Abb5 B4',
  'C#3 Ebb4', 'F5 G##4', 'D#4 Fx5',
]; // prettier-ignore
test.each(SHEET)('the interval %s is named as tonal names it', (line) => {
  const [from, to] = line.replaceAll('x', '##').split(' ') as [string, string];
  const ours = printInterval(intervalBetween(parseNote(from), parseNote(to)));
  const [low, high] = TonalNote.midi(from)! <= TonalNote.midi(to)! ? [from, to] : [to, from];
  const theirs = [TonalInterval.distance(low, high), TonalInterval.distance(from, to)].map((name) =>
    name.replace(/^(-?)(\d+)([A-Za-z]+)$/, '$3$2'),
  );
  expect(theirs).toContain(ours);
});

test('an accidental holds to the end of its bar in its own octave; a natural cancels it (common practice)', () => {
  const bar = (text: string) =>
    accidentalsInBar(
      text.split(' ').map((chord) => chord.split('+').map(parseNote)),
      () => 0,
    ).map((group) => group.map(Number).join(''));
  expect(bar('F#4 F#4 F#5 F4 F#4')).toEqual(['1', '0', '1', '1', '1']);
  expect(bar('Bb3+D4 Bb3 B3')).toEqual(['10', '0', '1']);
});

test('an accidental of an earlier note of the bar, forgotten, explains the answer', () => {
  const given = { clef: 'treble', key: 'C major', earlier: ['A#4'], from: 'C5', to: 'A#4' };
  const mark = markQuestion(INTERVAL_NAME as ExerciseKind, given, 'm3');
  expect(mark.verdict).toBe('wrong');
  expect(mark.causes[0]!.mistakes).toEqual(['accidental-of-bar-forgotten']);
  expect(markingWords(mark)).toMatch(/holds to the end of its bar/);
  const alone = markQuestion(INTERVAL_NAME as ExerciseKind, { ...given, earlier: [] }, 'm3');
  expect(alone.causes[0]!.mistakes).toEqual(['accidental-forgotten']);
});

test.each([
  ['M6', 'm3', 'right', /^Right/],
  ['M6', 'M3', 'wrong', /the quality is not/],
  ['M6', 'M6', 'wrong', /what stands there already/],
  ['M6', 'm2', 'wrong', /nine/],
  ['A4', 'A5', 'wrong', /the quality is not/],
  ['A4', 'm5', 'wrong', /perfect/],
  ['P5', 'd4', 'wrong', /perfect/i],
  ['m10', 'P6', 'wrong', /perfect/],
  ['M6', '?', 'unreadable', /not an interval/],
])('the inversion of %s named %s is %s', (interval, answer, verdict, said) => {
  const given = { from: 'C4', to: 'C5', name: interval };
  const mark = markQuestion(INTERVAL_INVERT as ExerciseKind, given, answer);
  expect(mark.verdict).toBe(verdict);
  expect(markingWords(mark)).toMatch(said);
});
