/**
 * Marking an interval: each likely cause is recognised where it explains the answer exactly. Mistakes are
 * those of everyday teaching (common practice).
 */
import fc from 'fast-check';
import {
  attempt,
  CLEFS,
  DEFAULT_SCHOOL,
  intervalBetween,
  invert,
  INTERVAL_NAME,
  parseKey,
  parseNote,
  printInterval,
  sayIntervalMark,
} from '../src';
import { anyNote, ordinaryKey } from './arbitraries';

const ask = (from: string, to: string, answer: string, key = 'C major', clef: 'treble' | 'bass' = 'treble') =>
  INTERVAL_NAME.mark({ from: parseNote(from), to: parseNote(to), clef, key: parseKey(key) }, answer);

test.each([
  ['G#4', 'F##5', 'M7', 'E major', 'right', /^Right: major seventh\.$/],
  ['E4', 'C#5', 'm6', 'E major', 'signature-forgotten', /leaves the signature out/],
  ['F4', 'B#4', 'A4', 'C major', 'accidental-forgotten', /accidental before the note/],
  ['C4', 'E4', 'm6', 'C major', 'inverted', /inversion/],
  // Between white keys a quality is measured wrongly, also where another clef would explain it.
  ['C4', 'E4', 'm3', 'C major', 'number-right', /quality again/],
  ['F4', 'B4', 'P4', 'C major', 'number-right', /quality again/],
  ['C4', 'G4', 'M7', 'C major', 'counted-half-steps', /7 half steps, but the number counts letters/],
  ['C4', 'A4', 'P5', 'C major', 'counted-from-zero', /first letter counts as one/],
  ['C4', 'G4', 'M5', 'C major', 'major-for-perfect', /never major or minor/],
  ['C4', 'E4', 'P3', 'C major', 'perfect-for-major', /never perfect/],
  ['C4', 'E5', 'M3', 'C major', 'octave-left-out', /further apart: M10/],
  ['Cb4', 'Gb4', 'A5', 'C major', 'number-right', /quality again/],
  ['C4', 'E4', 'AA7', 'C major', 'unexplained', /Count the letters first/],
])('%s to %s answered %s in %s: %s', (from, to, answer, key, kind, words) => {
  const mark = ask(from, to, answer, key);
  expect(mark.verdict === 'wrong' ? mark.cause.kind : mark.verdict).toBe(kind);
  expect(sayIntervalMark(mark, DEFAULT_SCHOOL)).toMatch(words);
});

test('a clef is blamed only where another than the treble stands and an accidental is in play', () => {
  const kind = (from: string, to: string, answer: string, clef: 'treble' | 'bass') => {
    const mark = ask(from, to, answer, 'C major', clef);
    return mark.verdict === 'wrong' ? mark.cause.kind : mark.verdict;
  };
  // G sharp up to B in the bass clef stands where E sharp and G stand in the treble.
  expect(kind('G#2', 'B2', 'd3', 'bass')).toBe('other-clef');
  expect(kind('G2', 'B2', 'm3', 'bass')).toBe('number-right');
  expect(kind('E#4', 'G4', 'm3', 'treble')).toBe('accidental-forgotten');
});

// Names as pupils write them (common practice).
test.each([
  ['C4', 'F4', ['perfect fourth', 'P 4', '4th', 'fourth', 'Perf. 4', 'p4', 'perfect 4th']],
  ['C4', 'G4', ['5th', 'perfect fifth', 'P 5', 'fifth']],
  ['C4', 'C5', ['octave', 'P8', '8th', 'perfect octave', 'perfect 8']],
  ['C4', 'C4', ['unison', 'prime', 'perfect prime', 'P1']],
  ['C4', 'Eb4', ['m3', 'minor third', 'min 3rd', 'min. 3', 'Minor Third']],
  ['C4', 'E4', ['M3', 'M 3', 'major third', 'maj 3rd']],
  ['C4', 'F#4', ['A4', 'a 4', 'aug 4', 'augmented fourth', 'aug. 4th']],
  ['B3', 'F4', ['d5', 'dim 5', 'diminished 5th', 'D5']],
  ['C4', 'F##4', ['AA4', 'doubly augmented fourth', 'doubly-augmented 4th']],
  ['C4', 'E5', ['M10', 'major tenth', 'maj 10th']],
])('%s to %s is right by every name', (from, to, answers) => {
  for (const answer of answers) expect([answer, ask(from, to, answer).verdict]).toEqual([answer, 'right']);
});

test.each([
  ['C4', 'E4', '3rd', /the quality is missing/],
  ['C4', 'F#4', 'tritone', /written in two ways/],
  ['C4', 'G4', 'major fifth', /never major or minor/],
  ['C4', 'E4', 'perfect 3rd', /never perfect/],
])('%s to %s answered “%s” says what is wrong', (from, to, answer, said) => {
  expect(sayIntervalMark(ask(from, to, answer), DEFAULT_SCHOOL)).toMatch(said);
});

test('an answer that is no interval is met with what would be one', () => {
  expect(sayIntervalMark(ask('C4', 'E4', 'thrid'), DEFAULT_SCHOOL)).toMatch(
    /“thrid”: this is not an interval\. Write the quality/,
  );
});

test('the right name is always right, and its inversion never', () => {
  fc.assert(
    fc.property(anyNote, anyNote, ordinaryKey, fc.constantFrom(...CLEFS), (from, to, key, clef) => {
      const interval = intervalBetween(from, to);
      expect(INTERVAL_NAME.mark({ from, to, key, clef }, printInterval(interval)).verdict).toBe('right');
      const inversion = attempt(() => invert(interval));
      if (inversion.ok && printInterval(inversion.value) !== printInterval(interval)) {
        expect(INTERVAL_NAME.mark({ from, to, key, clef }, printInterval(inversion.value))).toMatchObject({
          verdict: 'wrong',
        });
      }
    }),
  );
});
