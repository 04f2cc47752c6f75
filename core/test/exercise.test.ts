/**
 * Marking an interval: each likely cause is recognised where it explains the answer exactly. Mistakes are
 * those of everyday teaching (common practice).
 */
import fc from 'fast-check';
import {
  attempt,
  CLEFS,
  type Clef,
  type Key,
  type Note,
  intervalBetween,
  invert,
  markAnswer,
  markingWords,
  parseKey,
  parseNote,
  printInterval,
  printKey,
  printNote,
} from '../src';
import { anyNote, ordinaryKey } from './arbitraries';

const given = (from: Note, to: Note, key: Key, clef: Clef) => ({
  clef,
  key: printKey(key),
  from: printNote(from),
  to: printNote(to),
});
const ask = (from: string, to: string, answer: string, key = 'C major', clef: Clef = 'treble') =>
  markAnswer(
    { kind: 'interval-name', given: given(parseNote(from), parseNote(to), parseKey(key), clef) },
    answer,
  );
const causeOf = ({ verdict, causes }: ReturnType<typeof ask>) =>
  verdict === 'wrong' ? (causes[0]?.mistakes.join('+') ?? 'unexplained') : verdict;

test.each([
  ['G#4', 'F##5', 'M7', 'E major', 'right', /^Right\.$/],
  ['E4', 'C#5', 'm6', 'E major', 'signature-forgotten', /signature/],
  ['F4', 'B#4', 'A4', 'C major', 'accidental-forgotten', /accidental/],
  ['C4', 'E4', 'm6', 'C major', 'inverted', /inversion/],
  ['C4', 'E4', 'm3', 'C major', 'major-minor-exchanged', /the wide one/],
  ['C4', 'G4', 'M7', 'C major', 'half-steps-for-letters', /letters/],
  ['C4', 'A4', 'P5', 'C major', 'counted-from-zero', /one/],
  ['C4', 'G4', 'M5', 'C major', 'major-perfect-confused', /perfect/],
  ['C4', 'E4', 'P3', 'C major', 'major-perfect-confused', /perfect/],
  ['C4', 'E5', 'M3', 'C major', 'octave-left-out', /octave/],
  ['C4', 'E4', 'AA7', 'C major', 'unexplained', /work it out again/],
])('%s to %s answered %s in %s: %s', (from, to, answer, key, cause, words) => {
  const mark = ask(from, to, answer, key);
  expect(causeOf(mark)).toBe(cause);
  expect(markingWords(mark)).toMatch(words);
});

test('an accidental that holds from earlier in the bar, and is forgotten', () => {
  const bar = { clef: 'treble', key: 'C major', earlier: ['F#4', 'G4'], from: 'F#4', to: 'A4' };
  const mark = markAnswer({ kind: 'interval-name', given: bar }, 'M3');
  expect(mark.causes[0]!.mistakes).toEqual(['accidental-of-bar-forgotten']);
  const alone = markAnswer({ kind: 'interval-name', given: { ...bar, earlier: [] } }, 'M3');
  expect(alone.causes[0]!.mistakes).not.toContain('accidental-of-bar-forgotten');
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
  ['C4', 'G4', 'major fifth', /are perfect; the others/],
  ['C4', 'E4', 'perfect 3rd', /the others are major or minor/],
])('%s to %s answered “%s” says what is wrong', (from, to, answer, said) => {
  expect(markingWords(ask(from, to, answer))).toMatch(said);
});

test('an answer that is not an interval is met with what would be one', () => {
  expect(markingWords(ask('C4', 'E4', 'thrid'))).toMatch(
    /“thrid”: this is not an interval\. Write the quality/,
  );
});

test('the right name is always right, and its inversion never', () => {
  fc.assert(
    fc.property(anyNote, anyNote, ordinaryKey, fc.constantFrom(...CLEFS), (from, to, key, clef) => {
      const interval = intervalBetween(from, to);
      expect(
        markAnswer({ kind: 'interval-name', given: given(from, to, key, clef) }, printInterval(interval))
          .verdict,
      ).toBe('right');
      const inversion = attempt(() => invert(interval));
      if (inversion.ok && printInterval(inversion.value) !== printInterval(interval)) {
        expect(
          markAnswer(
            { kind: 'interval-name', given: given(from, to, key, clef) },
            printInterval(inversion.value),
          ),
        ).toMatchObject({
          verdict: 'wrong',
        });
      }
    }),
  );
});
