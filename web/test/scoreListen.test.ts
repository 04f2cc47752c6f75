/** What is heard of a piece: all of it, its chords, its chart or one part, within a time, chord by chord. */
import {
  chartOf,
  parseMetre,
  parseTypedVoices,
  printNote,
  analyseScore,
  TICKS_A_QUARTER,
  toRead,
} from '@diatonix/core';
import { playedNotes, soundings } from '../src/benches/scores/listen';

const score = toRead(
  parseTypedVoices('S: | E5 D5:1/2 C5:1/2 D5:2 | C5:4 |\nA: | C5:2 B4:2 | G4:4 |\nB: | C3:2 G2:2 | C3:4 |', {
    title: 'Tide Table',
    fifths: 0,
    metre: parseMetre('4/4'),
  }),
);
const reading = analyseScore(score);
const chart = chartOf(score, reading, { rate: 'bar', simple: true, capo: 0 });
const material = { score, reading, chart };
const end = score.bars[1]!.to;
const whole = { from: 0, to: end };
const names = (heard: string) => playedNotes(heard, material).map(({ note }) => printNote(note));

test('one part sounds alone, and two things together are both there', () => {
  expect(names('part 2')).toEqual(['C3', 'G2', 'C3']);
  expect(names('piece')).toHaveLength(score.notes.length);
  expect(names('both')).toHaveLength(score.notes.length + names('chords').length);
  expect(names('against')).toHaveLength(score.notes.length + names('chart').length);
  expect(names('something else')).toEqual(names('piece'));
});

test('the chords sound in root and bass as they are read, the chart once a bar', () => {
  const roots = playedNotes('chords', material).filter(({ note }) => note.octave < 3);
  expect(roots.map(({ note }) => printNote(note))).toContain('G2');
  expect(new Set(playedNotes('chart', material).map(({ onset }) => onset))).toEqual(
    new Set(chart.map(({ at }) => at)),
  );
  expect(playedNotes('chart', { ...material, chart: null })).toEqual([]);
});

test('the time goes by the tempo, chord by chord, and every note is in it once', () => {
  const all = soundings(score.notes, reading, whole, 120);
  expect(all.map(({ column }) => column)).toEqual(reading.chords.map((_, at) => at));
  expect(all.reduce((sum, { seconds }) => sum + seconds, 0)).toBeCloseTo(8 * 0.5);
  expect(all.flatMap(({ notes }) => notes)).toHaveLength(score.notes.length);
});

test('a bar that is looped ends with its barline and keeps what is held into it', () => {
  const from = TICKS_A_QUARTER;
  const part = soundings(score.notes, reading, { from, to: 2 * TICKS_A_QUARTER }, 60);
  expect(part.reduce((sum, { seconds }) => sum + seconds, 0)).toBeCloseTo(1);
  const sounding = part.flatMap(({ notes }) => notes.map(({ note }) => printNote(note)));
  // The held C5 and C3 sound again from the beginning of the loop.
  expect(sounding.sort()).toEqual(['C3', 'C5', 'C5', 'D5']);
  for (const { seconds, notes } of part)
    for (const one of notes) expect(one.to).toBeLessThanOrEqual(seconds + 1e-9);
});

test('what sounds before the first chord, and where none is meant, is played too', () => {
  const [second, fourth] = [1, 3].map((at) => ({
    ...reading.chords[0]!,
    from: at * TICKS_A_QUARTER,
    to: (at + 1) * TICKS_A_QUARTER,
  }));
  const sparse = { ...reading, chords: [second!, fourth!] };
  const span = { from: 0, to: 4 * TICKS_A_QUARTER };
  const all = soundings(score.notes, sparse, span, 60);
  expect(all.map(({ seconds }) => seconds)).toEqual([3, 1]);
  const inSpan = score.notes.filter(({ onset }) => onset < span.to);
  expect(all.flatMap(({ notes }) => notes)).toHaveLength(inSpan.length);
});
