/**
 * Answers marked part by part, with the cause of what is wrong. Wrong answers are planted by the mistakes themselves
 * and, in markIndependent, by other means.
 */
import {
  KINDS,
  askQuestions,
  markAnswer,
  mistakesOut,
  plant,
  readSchool,
  type GivenData,
  type MarkOptions,
} from '../src';

const mark = (kind: string, given: GivenData, answer: unknown, options: MarkOptions = {}) =>
  markAnswer({ kind, given }, answer, options);
const parts = (kind: string, given: GivenData, answer: unknown) =>
  mark(kind, given, answer).parts.map(
    ({ part, got, of, follows }) => `${part} ${got}/${of}${follows ? ' f' : ''}`,
  );

const SIXTH = { clef: 'bass', key: 'D major', from: 'D3', to: 'B3' };
const TRIAD = { clef: 'treble', key: 'C major', notes: ['A4', 'C5', 'F5'] };

describe('every kind', () => {
  const kinds = KINDS.map(({ id }) => id);

  test.each(kinds)('%s: right answers are right, planted mistakes are wrong and found again', (kind) => {
    const questions = askQuestions({ kind, seed: 31, count: 12 }).questions;
    let [planted, found] = [0, 0];
    for (const question of questions) {
      for (const answer of question.answers) {
        const { verdict, marks } = markAnswer(question, answer);
        expect([verdict, marks.got]).toEqual(['right', marks.of]);
        expect(marks.of).toBeGreaterThan(0);
      }
      for (const { mistake, kinds: own } of mistakesOut()) {
        const answer = own.includes(kind) ? plant(question, mistake) : null;
        if (answer === null) continue;
        planted++;
        const marking = markAnswer(question, answer);
        expect(marking.verdict).toBe('wrong');
        expect(marking.rightAnswers).toEqual(question.answers);
        if (marking.causes.some(({ mistakes }) => mistakes.length === 1 && mistakes[0] === mistake)) found++;
      }
    }
    expect(found).toBeGreaterThanOrEqual(0.95 * planted);
  });
});

describe('parts', () => {
  test.each([
    ['interval-name', SIXTH, 'm6', ['number 1/1', 'quality 0/1']],
    ['interval-name', SIXTH, 'm3', ['number 0/1', 'quality 0/1']],
    ['interval-name', SIXTH, 'M3', ['number 0/1', 'quality 1/1']],
    // A family that does not exist still has a number.
    ['interval-name', SIXTH, 'P6', ['number 1/1', 'quality 0/1']],
    [
      'interval-build',
      { clef: 'treble', key: 'C major', from: 'D4', name: 'M3', below: false },
      'F4',
      ['letter 1/1', 'accidental 0/1', 'octave 1/1'],
    ],
    [
      'triad-name',
      TRIAD,
      { root: 'F', quality: 'minor', inversion: 1 },
      ['root 1/1', 'quality 0/1', 'inversion 1/1'],
    ],
    [
      'triad-build',
      { clef: 'treble', key: 'C major', root: 'F', quality: 'minor', inversion: 1 },
      ['A', 'C', 'F'],
      ['letters 1/1', 'accidentals 0/1', 'lowest note 0/1'],
    ],
    [
      'numeral-label',
      { clef: 'treble', key: 'C major', notes: ['F4', 'A4', 'D5'] },
      'ii64',
      ['degree 1/1', 'quality 1/1', 'figures 0/1'],
    ],
    [
      'numeral-label',
      { clef: 'treble', key: 'C major', notes: ['D4', 'F#4', 'A4', 'C5'] },
      'V7',
      ['degree 1/1', 'quality 1/1', 'figures 1/1', 'target 0/1'],
    ],
    ['signature-write', { clef: 'treble', key: 'D major' }, ['C#', 'F#'], ['accidentals 1/1', 'order 0/1']],
    [
      'figures-name',
      { clef: 'bass', key: 'C major', bass: 'E3', figures: ['6'] },
      { notes: ['E', 'G', 'C'], numeral: 'I64' },
      ['notes 1/1', 'numeral 0/1'],
    ],
    [
      'progression-label',
      {
        clef: 'grand',
        key: 'C major',
        chords: [
          ['C3', 'E4', 'G4', 'C5'],
          ['G3', 'D4', 'G4', 'B4'],
        ],
      },
      'I IV',
      ['chord 1 1/1', 'chord 2 0/1'],
    ],
  ] as [string, GivenData, unknown, string[]][])('%s %j answered %j', (kind, given, answer, expected) => {
    expect(parts(kind, given, answer)).toEqual(expected);
  });

  test('what follows from the pupil’s own root, or own notes, is right for what was written', () => {
    expect(parts('triad-name', TRIAD, { root: 'A', quality: 'minor', inversion: 0 })).toEqual([
      'root 0/1',
      'quality 0/1',
      'inversion 1/1 f',
    ]);
    expect(
      parts(
        'figures-name',
        { clef: 'bass', key: 'C major', bass: 'E3', figures: ['6'] },
        { notes: ['E', 'G', 'B'], numeral: 'iii' },
      ),
    ).toEqual(['notes 0/1', 'numeral 1/1 f']);
  });
});

describe('answers as they are written', () => {
  test.each([
    ['interval-name', SIXTH, 'major sixth'],
    ['interval-name', SIXTH, ' M 6'],
    ['triad-name', TRIAD, 'F major, first inversion'],
    ['triad-name', TRIAD, 'f maj 1'],
    ['triad-name', TRIAD, 'F/A'],
    ['seventh-name', { clef: 'treble', key: 'C major', notes: ['B3', 'D4', 'F4', 'A4'] }, 'B half-dim'],
    [
      'extended-name',
      { clef: 'treble', key: 'C major', notes: ['C4', 'E4', 'G4', 'A4'] },
      { root: 'A', quality: 'minor-seventh', inversion: 1 },
    ],
    ['signature-name', { clef: 'treble', signature: ['F#'], mode: 'minor' }, 'Em'],
    ['signature-name', { clef: 'treble', signature: ['F#'], mode: 'major' }, 'g'],
    ['degree-name', { key: 'D major', note: 'A' }, 'Dominant'],
    [
      'triad-build',
      { clef: 'treble', key: 'C major', root: 'F', quality: 'minor', inversion: 1 },
      'Ab, C, F',
    ],
    [
      'cadence-name',
      {
        clef: 'grand',
        key: 'C major',
        chords: [
          ['G2', 'D4', 'G4', 'B4'],
          ['C3', 'C4', 'E4', 'G4'],
        ],
      },
      'perfect cadence',
    ],
    ['figures-name', { clef: 'bass', key: 'C major', bass: 'E3', figures: ['6'] }, 'E C G: I6'],
    ['listen', { of: 'interval', sound: [['C4'], ['F#4']] }, 'd5'],
    ['listen', { of: 'inversion', sound: [['E4', 'G4', 'C5']] }, 'first inversion'],
    ['work-back', { key: 'C major', target: 'vi', roles: ['ii', 'V'] }, 'iiø7/vi V/vi'],
    ['written', { question: 'What is a pivot chord?' }, 'A  chord of two keys'],
  ] as [string, GivenData, unknown][])('%s %j answered %j is right', (kind, given, answer) => {
    const answers = kind === 'written' ? { answers: ['a chord of two keys'] } : {};
    expect(markAnswer({ kind, given, ...answers }, answer).verdict).toBe('right');
  });

  test('labels of any school are right', () => {
    const given = { clef: 'treble', key: 'C major', notes: ['D4', 'F#4', 'A4', 'C5'] };
    for (const answer of ['V7/V', 'V7 of V'])
      expect(mark('numeral-label', given, answer, { school: readSchool('applied=of') }).verdict).toBe(
        'right',
      );
    const german = mark(
      'interval-build',
      { clef: 'treble', key: 'C major', from: 'G4', name: 'M3', below: false },
      'h',
      { school: readSchool('letters=german') },
    );
    expect(german.verdict).toBe('right');
  });

  test.each([
    ['interval-name', SIXTH, 'banana', '“banana”'],
    ['interval-name', SIXTH, { root: 'C' }, 'this is not an answer to the question'],
    ['triad-name', TRIAD, 'F sideways', 'this is not a name of a chord'],
    ['triad-name', TRIAD, { root: 'F', quality: 'major', inversion: 9 }, 'this is not an inversion'],
    [
      'triad-build',
      { clef: 'treble', key: 'C major', root: 'F', quality: 'minor', inversion: 1 },
      7,
      'this is not a list',
    ],
    [
      'parts-complete',
      {
        clef: 'grand',
        key: 'C major',
        numerals: ['V', 'I'],
        voices: [
          ['C5', null, null, 'G2'],
          ['C5', null, null, 'C3'],
        ],
      },
      [['G4']],
      'four voices of 2 chords are wanted',
    ],
    [
      'parts-faults',
      { clef: 'grand', key: 'C major', voices: [['C5', 'G4', 'E4', 'C3']] },
      'none',
      'the faults cannot be read',
    ],
  ] as [string, GivenData, unknown, string][])(
    '%s %j answered %j cannot be read, and is no mark',
    (kind, given, answer, message) => {
      const answers = kind === 'parts-complete' ? { answers: [[]] } : {};
      const marking = markAnswer({ kind, given, ...answers }, answer);
      expect([marking.verdict, marking.marks.got]).toEqual(['unreadable', 0]);
      expect(marking.error!.message).toContain(message);
    },
  );
});
