/** Why answers are wrong: the likeliest mistakes, what weighs, what follows from an earlier answer, four voices. */
import {
  kindOf,
  askQuestions,
  causeSentence,
  markAnswer,
  mistakeName,
  mistakesOut,
  plant,
  MISTAKES_IN_WORDS,
  remedyOf,
  type GivenData,
  type MarkOptions,
} from '../src';

const mark = (kind: string, given: GivenData, answer: unknown, options: MarkOptions = {}) =>
  markAnswer({ kind, given }, answer, options);
const causes = (kind: string, given: GivenData, answer: unknown) =>
  mark(kind, given, answer).causes.map(({ mistakes }) => mistakes.join(' + '));

const SIXTH = { clef: 'bass', key: 'D major', from: 'D3', to: 'B3' };
const TRIAD = { clef: 'treble', key: 'C major', notes: ['A4', 'C5', 'F5'] };

describe('causes', () => {
  test.each([
    ['interval-name', { clef: 'treble', key: 'D major', from: 'C5', to: 'F5' }, 'P4', 'right'],
    ['interval-name', { clef: 'treble', key: 'G major', from: 'C4', to: 'F#4' }, 'P4', 'signature-forgotten'],
    ['interval-name', SIXTH, 'm3', 'inverted'],
    [
      'interval-name',
      { clef: 'treble', key: 'C major', from: 'C4', to: 'G4' },
      'M5',
      'major-perfect-confused',
    ],
    ['triad-name', TRIAD, { root: 'A', quality: 'major', inversion: 0 }, 'lowest-for-root'],
    ['triad-name', TRIAD, { root: 'F', quality: 'major', inversion: 2 }, 'six-and-six-four-exchanged'],
    [
      'signature-name',
      { clef: 'treble', signature: ['F#', 'C#'], mode: 'major' },
      'C# major',
      'last-sharp-for-tonic',
    ],
    [
      'scale-write',
      { clef: 'treble', key: 'A minor', form: 'harmonic' },
      'A B C D E F G',
      'leading-note-not-raised',
    ],
    [
      'figures-name',
      { clef: 'bass', key: 'C major', bass: 'E3', figures: ['6'] },
      { notes: ['E', 'G', 'B'], numeral: 'iii' },
      'figures-for-root-position',
    ],
    [
      'cadence-name',
      {
        clef: 'grand',
        key: 'C major',
        chords: [
          ['G2', 'D4', 'G4', 'B4'],
          ['A2', 'C4', 'E4', 'A4'],
        ],
      },
      'authentic',
      'cadence-by-first-chord',
    ],
  ] as [string, GivenData, unknown, string][])('%s %j answered %j: %s', (kind, given, answer, cause) => {
    // F♯ over C♯ is a perfect fourth whatever is forgotten.
    if (cause === 'right') expect(mark(kind, given, answer).verdict).toBe('right');
    else expect(causes(kind, given, answer)[0]).toBe(cause);
  });

  test('two mistakes act together, nothing is claimed where nothing explains it', () => {
    // Under four flats, read in the treble clef, and then inverted.
    const given = { clef: 'bass', key: 'Ab major', from: 'Ab2', to: 'C3' };
    expect(causes('interval-name', given, 'm6')).toEqual(['inverted']);
    expect(causes('interval-name', given, 'M6').length).toBeGreaterThan(0);
    expect(causes('interval-name', given, 'd15')).toEqual([]);
    const two = causes(
      'triad-name',
      { clef: 'bass', key: 'C major', notes: ['E3', 'G3', 'C4'] },
      { root: 'C', quality: 'minor', inversion: 2 },
    );
    expect(two.length).toBeGreaterThan(0);
    for (const pair of two) expect(pair).toContain(' + ');
  });

  test('what was done before weighs more', () => {
    const given = { clef: 'treble', key: 'G major', from: 'C4', to: 'F#4' };
    const [first] = mark('interval-name', given, 'P4').causes;
    const history = { 'upper-key-used': 4, 'quality-not-measured': 9 };
    const [now] = mark('interval-name', given, 'P4', { history }).causes;
    expect(first!.mistakes).toEqual(['signature-forgotten']);
    expect(now!.mistakes).toEqual(['quality-not-measured']);
    expect([first!.certain, now!.certain]).toEqual([false, false]);
  });

  test('what makes many answers by chance is told last and never as certain, however often it was made', () => {
    const given = { clef: 'treble', key: 'D major', from: 'C#5', to: 'A5' };
    const { causes: told } = mark('interval-name', given, 'M6', { history: { 'clef-misread': 9 } });
    const at = told.findIndex(({ mistakes }) => mistakes.includes('clef-misread'));
    // It is there, after all that lie near.
    expect(at).toBeGreaterThan(0);
    expect(told.slice(0, at).filter(({ farFetched }) => farFetched)).toEqual([]);
    expect(told[at]).toMatchObject({ certain: false, farFetched: true });
  });

  test.each([
    [
      'numeral-label',
      { clef: 'treble', key: 'C major', notes: ['C4', 'E4', 'G4', 'B4'] },
      'I7',
      'seventh-exchanged',
    ],
    [
      'numeral-label',
      { clef: 'treble', key: 'A minor', notes: ['G#4', 'B4', 'D5', 'F5'] },
      'viiø7',
      'seventh-exchanged',
    ],
    [
      'numeral-label',
      { clef: 'treble', key: 'C major', notes: ['G4', 'B4', 'D5', 'F5'] },
      'V',
      'seventh-left-out',
    ],
    ['cadence-write', { key: 'C major', cadence: 'deceptive' }, 'V VI', 'case-wrong'],
    ['cadence-write', { key: 'A minor', cadence: 'half' }, 'i v', 'leading-note-not-raised'],
  ])('a teacher’s first word on %s %j answered %s: %s', (kind, given, answer, cause) => {
    const [first] = mark(kind, given, answer).causes;
    expect(first!.mistakes).toEqual([cause]);
  });

  test('ii6 called IV6 is its lowest note taken for the root, and no other clef for certain', () => {
    const given = { clef: 'treble', key: 'C major', notes: ['F4', 'A4', 'D5'] };
    const { causes: told } = mark('numeral-label', given, 'IV6');
    expect(told[0]!.mistakes).toEqual(['lowest-for-root']);
    expect(told.filter(({ mistakes, certain }) => certain && mistakes.includes('clef-misread'))).toEqual([]);
  });

  test('every mistake has a name, a sentence, and an exercise that trains it', () => {
    const ids = mistakesOut().map(({ mistake }) => mistake);
    expect(new Set(ids)).toEqual(new Set(MISTAKES_IN_WORDS));
    expect(ids.length).toBeGreaterThan(50);
    for (const id of ids) {
      expect(mistakeName(id)).toMatch(/^[A-Z0-9]/);
      expect(causeSentence({ mistakes: [id], certain: true })).toMatch(/^[A-Z].*\.$/);
      const { kind, material } = remedyOf(id);
      const request = { kind, seed: 1, count: 3, ...(material ? { material } : {}) };
      expect(askQuestions(request).questions).toHaveLength(3);
      expect(kindOf(kind).id).toBe(kind);
    }
    expect(causeSentence({ mistakes: ['inverted', 'case-wrong'], certain: false })).toMatch(
      /^Perhaps: .* And: /,
    );
  });
});

describe('what follows from an earlier answer', () => {
  const line = {
    clef: 'treble',
    signature: [],
    mode: 'major',
    candidates: ['C major', 'A minor'],
    chords: [],
  };
  const earlier = (answer: string) => [
    { question: { kind: 'key-find', given: line, answers: ['C major'] }, answer },
  ];
  const chord = { clef: 'treble', key: 'C major', notes: ['D4', 'F4', 'A4'] };

  test('a chord that is right in the key that was named is right for what was written', () => {
    const followed = mark('numeral-label', chord, 'iv', { earlier: earlier('A minor') });
    expect([followed.verdict, followed.follows, followed.marks.got]).toEqual(['wrong', true, 3]);
    expect(followed.parts.filter(({ follows }) => follows)).not.toEqual([]);
    expect(mark('numeral-label', chord, 'iv').follows).toBeUndefined();
    expect(mark('numeral-label', chord, 'V', { earlier: earlier('A minor') }).follows).toBeUndefined();
    expect(mark('numeral-label', chord, 'iv', { earlier: earlier('C major') }).follows).toBeUndefined();
  });

  test('a wrong interval that is inverted rightly', () => {
    const invert = { ...SIXTH, name: 'M6' };
    const before = [{ question: { kind: 'interval-name', given: SIXTH }, answer: 'm6' }];
    expect(mark('interval-invert', invert, 'M3', { earlier: before }).follows).toBe(true);
    expect(mark('interval-invert', invert, 'P4', { earlier: before }).follows).toBeUndefined();
  });
});

test('an accidental of the bar holds for its octave: forgotten, or carried where it does not', () => {
  const { questions } = askQuestions({ kind: 'note-name', seed: 6, count: 60, material: { bar: true } });
  let [held, carried] = [0, 0];
  for (const { given, answers } of questions) {
    const [earlier] = given['earlier'] as string[];
    const [before, note] = [earlier!, String(answers[0])];
    expect(before[0]).toBe(note[0]);
    const same = before.slice(-1) === note.slice(-1);
    const plain = same ? 'accidental-of-bar-forgotten' : 'accidental-carried-to-octave';
    const wrong = plant({ kind: 'note-name', given }, plain);
    if (wrong === null) continue;
    if (same) held++;
    else carried++;
    expect(mark('note-name', given, wrong).causes[0]!.mistakes).toEqual([plain]);
  }
  expect(held).toBeGreaterThan(20);
  expect(carried).toBeGreaterThan(5);
});

describe('four voices', () => {
  const { questions } = askQuestions({ kind: 'parts-complete', seed: 2, count: 3 });

  test('any voices that keep the rules are right; broken ones are told', () => {
    for (const question of questions) {
      const right = question.answers[0] as string[][];
      expect(markAnswer(question, right).verdict).toBe('right');
      // The alto sings the soprano's note: voices cross or double.
      const wrong = right.map(([soprano, , tenor, bass]) => [soprano, soprano, tenor, bass]);
      const marking = markAnswer(question, wrong);
      expect(marking.verdict).toBe('wrong');
      expect(marking.marks.got).toBeLessThan(marking.marks.of);
    }
  });

  test('faults that were found count, and one that is none costs one', () => {
    const [question] = askQuestions({ kind: 'parts-faults', seed: 2, count: 1 }).questions;
    const right = question!.answers[0] as { at: number; rule: string }[];
    expect(markAnswer(question!, right).verdict).toBe('right');
    const more = markAnswer(question!, [...right, { at: 1, rule: 'spacing' }]);
    expect([more.verdict, more.marks.got]).toEqual(['wrong', right.length - 1]);
    expect(markAnswer(question!, []).marks).toEqual({ got: 0, of: right.length });
  });
});
