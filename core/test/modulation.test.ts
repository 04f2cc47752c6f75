/** Tonicising against modulating, pivot chords, and how far parts go. The piece is common practice. */
import {
  rangeOf,
  MODULATIONS,
  parseMetre,
  parseTypedVoices,
  printKey,
  printNote,
  printNumeral,
  analyseScore,
  scoreChordSteps,
  toRead,
  weightsFor,
} from '../src';

// C major for two bars, then G by way of A minor, with a cadence in G.
const score = toRead(
  parseTypedVoices(
    'S: | E5 F5 E5 D5 | E5:4 | E5 D5 C5 B4 | A4 B4 A4:2 | G4:4 |\n' +
      'A: | C5 C5 C5 B4 | C5:4 | C5 B4 A4 G4 | E4 G4 F#4:2 | D4:4 |\n' +
      'T: | G4 A4 G4 G4 | G4:4 | E4 G4 E4 D4 | C4 D4 D4 C4 | B3:4 |\n' +
      'B: | C3 F3 G3 G3 | C3:4 | A3 G3 A3 B3 | C4 D4 D3:2 | G3:4 |',
    { title: 'Two Piers', fifths: 0, metre: parseMetre('4/4') },
  ),
);
const keysAt = (modulation: (typeof MODULATIONS)[number]) =>
  analyseScore(score, { weights: weightsFor(modulation) }).keys.map(({ key }) => printKey(key));

test('the same piece stays in one key or goes to the next, by the threshold', () => {
  expect(keysAt('never')).toEqual(['C major']);
  expect(keysAt('usual')).toEqual(['C major', 'G major']);
  expect(keysAt('readily')).toEqual(expect.arrayContaining(['C major', 'G major']));
  const counts = MODULATIONS.map((one) => keysAt(one).length);
  expect(counts).toEqual([...counts].sort((a, b) => a - b));
});

test('staying in one key the dominant of the dominant is named for what it leads to', () => {
  const { chords } = analyseScore(score, { weights: weightsFor('never') });
  expect(chords.some(({ numeral, key }) => printNumeral(numeral, key).endsWith('/V'))).toBe(true);
  expect(chords.every(({ pivot }) => pivot === null)).toBe(true);
});

test('the last chord of both keys before the cadence of the new one has both numerals, and says so', () => {
  const reading = analyseScore(score);
  const at = reading.chords.findIndex(({ pivot }) => pivot !== null);
  const { pivot, numeral, key } = reading.chords[at]!;
  const own = [printNumeral(numeral, key), printKey(key)].join(' in ');
  const other = [printNumeral(pivot!.numeral, pivot!.key), printKey(pivot!.key)].join(' in ');
  expect([own, other].sort()).toEqual(['ii6 in G major', 'vi6 in C major']);
  expect(pivot!.leaves).toBe(printKey(pivot!.key) === 'C major');
  expect(JSON.stringify(scoreChordSteps(score, reading, at))).toContain(
    `${printKey(pivot!.key)} too: the pivot from one key to the other.`,
  );
  expect(reading.chords.filter((one) => one.pivot !== null)).toHaveLength(1);
});

test('parts go from their lowest to their highest note, each where it is first heard', () => {
  const said = rangeOf(score.notes).map(
    ({ part, lowest, highest }) =>
      `${part} ${printNote(lowest.note)} ${lowest.at / 10_080} ${printNote(highest.note)} ${highest.at / 10_080}`,
  );
  expect(said).toEqual(['0 G4 16 F5 1', '1 D4 16 C5 0', '2 B3 16 A4 1', '3 C3 0 D4 13']);
});
