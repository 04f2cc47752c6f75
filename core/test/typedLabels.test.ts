/** Labels as they are typed over a piece, laid on its bars and chords. */
import {
  compareLabels,
  parseMetre,
  parseTypedLabels,
  parseTypedVoices,
  printKey,
  printNumeral,
  analyseScore,
  TICKS_A_QUARTER,
  toRead,
} from '../src';

const score = toRead(
  parseTypedVoices(
    'S: | E5 F5 D5:2 | E5 D5:2 D5 | C5:4 |\nA: | C5 C5 B4:2 | C5 C5 B4:2 | G4:4 |\n' +
      'T: | G4 A4 G4:2 | G4 A4 G4 F4 | E4:4 |\nB: | C3 F3 G3:2 | C3 F3 G3:2 | C3:4 |',
    { title: 'Breakwater', fifths: 0, metre: parseMetre('4/4') },
  ),
);
const reading = analyseScore(score);
const laid = (text: string) =>
  parseTypedLabels(text, score, reading).map(
    ({ from, to, key, numeral }) =>
      `${from / TICKS_A_QUARTER}–${to / TICKS_A_QUARTER} ${printNumeral(numeral, key)}` +
      (printKey(key) === 'C major' ? '' : ` ${printKey(key)}`),
  );

test('a bar with as many labels as chords lays them on the chords', () => {
  expect(laid('I IV V | I ii65 V V7 | I')).toEqual([
    '0–1 I',
    '1–2 IV',
    '2–4 V',
    '4–5 I',
    '5–6 ii65',
    '6–7 V',
    '7–8 V7',
    '8–12 I',
  ]);
});

test('another number of labels divides the bar, % goes on, and outer barlines are nothing', () => {
  expect(laid('| I V | % |')).toEqual(['0–2 I', '2–8 V']);
});

test('a key before a label holds from there on', () => {
  expect(laid('I G: I V | a: i iv')).toEqual([
    '0–1 I',
    '1–2 I G major',
    '2–4 V G major',
    '4–6 i A minor',
    '6–8 iv A minor',
  ]);
});

test('without barlines there is one for each chord', () => {
  expect(laid('I IV V I ii65 V V7 I')).toHaveLength(reading.chords.length);
  expect(() => laid('I IV V')).toThrow(`“3 labels”: the reading has ${reading.chords.length} chords.`);
});

test('the reading against itself agrees wholly, and one slip is one difference', () => {
  const own = reading.chords.map(({ numeral, key }) => printNumeral(numeral, key));
  const compare = (labels: readonly string[]) =>
    compareLabels(parseTypedLabels(labels.join(' '), score, reading), reading);
  expect(compare(own)).toMatchObject({ full: 1, differences: [] });
  const slip = own.map((numeral, at) => (at === 1 ? 'ii6' : numeral));
  expect(compare(slip).differences).toMatchObject([{ ours: 1, theirs: 1, what: 'chord' }]);
});

test.each([
  ['I VX | I', '“VX”: in bar 1 this is not a numeral.'],
  ['I | I | I | I', '“4 bars”: the piece has 3.'],
])('%s is refused in words', (text, message) => {
  expect(() => laid(text)).toThrow(message);
});
