/**
 * Marking an interval: each likely mistake is recognised where it explains the answer exactly. Mistakes are
 * those of everyday teaching (common practice).
 */
import fc from 'fast-check';
import {
  attempt,
  CLEFS,
  DEFAULT_SCHOOL,
  intervalBetween,
  invert,
  markInterval,
  parseKey,
  parseNote,
  printInterval,
  sayIntervalMark,
} from '../src';
import { anyNote, ordinaryKey } from './arbitraries';

const ask = (from: string, to: string, answer: string, key = 'C major', clef: 'treble' | 'bass' = 'treble') =>
  markInterval({ from: parseNote(from), to: parseNote(to), clef, key: parseKey(key) }, answer);

test.each([
  ['G#4', 'F##5', 'M7', 'E major', 'right', /^Right: major seventh\.$/],
  ['E4', 'C#5', 'm6', 'E major', 'signature-forgotten', /leaves the signature out/],
  ['F4', 'B#4', 'A4', 'C major', 'accidental-forgotten', /accidental before the note/],
  ['C4', 'E4', 'm6', 'C major', 'inverted', /inversion/],
  ['C4', 'E4', 'm3', 'C major', 'other-clef', /bass clef|alto clef|tenor clef/],
  ['C4', 'G4', 'M7', 'C major', 'counted-half-steps', /7 half steps, but the number counts letters/],
  ['C4', 'A4', 'P5', 'C major', 'counted-from-zero', /first letter counts as one/],
  ['C4', 'G4', 'M5', 'C major', 'major-for-perfect', /never major or minor/],
  ['C4', 'E4', 'P3', 'C major', 'perfect-for-major', /never perfect/],
  ['C4', 'E5', 'M3', 'C major', 'octave-left-out', /further apart: M10/],
  ['Cb4', 'Gb4', 'A5', 'C major', 'number-right', /quality again/],
  ['C4', 'E4', 'AA7', 'C major', 'unexplained', /Count the letters first/],
])('%s to %s answered %s in %s: %s', (from, to, answer, key, kind, words) => {
  const mark = ask(from, to, answer, key);
  expect(mark.verdict === 'wrong' ? mark.mistake.kind : mark.verdict).toBe(kind);
  expect(sayIntervalMark(mark, DEFAULT_SCHOOL)).toMatch(words);
});

test('an answer that is no interval is met with what would be one', () => {
  expect(sayIntervalMark(ask('C4', 'E4', 'third'), DEFAULT_SCHOOL)).toMatch(
    /“third”: this is not an interval\. Write the quality/,
  );
});

test('the right name is always right, and its inversion never', () => {
  fc.assert(
    fc.property(anyNote, anyNote, ordinaryKey, fc.constantFrom(...CLEFS), (from, to, key, clef) => {
      const interval = intervalBetween(from, to);
      expect(markInterval({ from, to, key, clef }, printInterval(interval)).verdict).toBe('right');
      const inversion = attempt(() => invert(interval));
      if (inversion.ok && printInterval(inversion.value) !== printInterval(interval)) {
        expect(markInterval({ from, to, key, clef }, printInterval(inversion.value))).toMatchObject({
          verdict: 'wrong',
        });
      }
    }),
  );
});
