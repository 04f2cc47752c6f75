/** Questions as they stand on a page: their staves, their prompts, the lines to fill in and the printed answers. */
import {
  answerParts,
  answerWords,
  askQuestions,
  blankLines,
  blankNames,
  parseNote,
  printNote,
  promptWords,
  staffLayout,
  readSchool,
  type GivenData,
} from '../src';

const notes = (list: readonly (readonly ReturnType<typeof parseNote>[])[]) =>
  list.map((moment) => moment.map(printNote).join(' '));

describe('what stands on staves', () => {
  const put = (kind: string, given: GivenData) => {
    const { clefs, fifths, staves, written } = staffLayout({ kind, given });
    return [clefs.join(), fifths, ...staves.map((own) => notes(own).join(' | ')), written ? 'to write' : ''];
  };

  test.each([
    ['note-name', { clef: 'alto', key: 'D major', note: 'F#4' }, ['alto', 2, 'F#4', '']],
    ['interval-name', { clef: 'bass', key: 'F major', from: 'E3', to: 'Bb3' }, ['bass', -1, 'E3 | Bb3', '']],
    [
      'interval-build',
      { clef: 'treble', key: 'C major', from: 'E4', name: 'm3' },
      ['treble', 0, 'E4', 'to write'],
    ],
    [
      'triad-name',
      { clef: 'treble', key: 'G major', notes: ['G4', 'B4', 'D5'] },
      ['treble', 1, 'G4 B4 D5', ''],
    ],
    [
      'triad-build',
      { clef: 'treble', key: 'G major', root: 'G', quality: 'major', inversion: 0 },
      ['treble', 1, '', 'to write'],
    ],
    [
      'transpose',
      { clef: 'treble', key: 'C major', notes: ['C4', 'D4'], by: 'M2' },
      ['treble', 0, 'C4 | D4', 'to write'],
    ],
    ['figures-name', { clef: 'bass', key: 'A minor', bass: 'E3', figures: ['6'] }, ['bass', 0, 'E3', '']],
    // The signature is what is asked for.
    ['signature-name', { clef: 'bass', signature: ['Bb', 'Eb'], mode: 'minor' }, ['bass', -2, '', '']],
    ['signature-write', { clef: 'bass', key: 'Eb major' }, ['bass', 0, '', 'to write']],
    ['scale-write', { clef: 'treble', key: 'E minor', form: 'harmonic' }, ['treble', 0, '', 'to write']],
    // In words alone.
    ['degree-name', { key: 'D major', note: 'C#' }, ['', 0, '']],
    ['numeral-build', { key: 'D major', numeral: 'V65' }, ['', 0, '']],
  ])('%s', (kind, given, expected) => {
    expect(put(kind, given as GivenData)).toEqual(expected);
  });

  test('chords for two hands are parted at middle C, four voices by who sings them', () => {
    const chords = {
      clef: 'grand',
      key: 'C major',
      chords: [
        ['C3', 'C4', 'E4', 'G4'],
        ['G2', 'B3', 'D4'],
      ],
    };
    expect(put('cadence-name', chords)).toEqual(['treble,bass', 0, 'C4 E4 G4 | D4', 'C3 | G2 B3', '']);
    const voices = { clef: 'grand', key: 'C major', voices: [['E4', 'C4', 'C4', 'C3']] };
    expect(put('parts-faults', voices)).toEqual(['treble,bass', 0, 'C4 E4', 'C3 C4', '']);
  });
});

describe('prompts', () => {
  test.each([
    ['interval-build', { from: 'C5', name: 'A4', below: true }, 'augmented fourth below'],
    ['interval-build', { from: 'C4', name: 'M6', below: false }, 'major sixth above'],
    ['interval-invert', { from: 'B3', to: 'F4', name: 'd5' }, 'diminished fifth'],
    ['transpose', { notes: ['C5'], by: 'm3', below: true }, 'minor third lower'],
    ['triad-build', { root: 'Eb', quality: 'minor', inversion: 2 }, 'E♭ minor, second inversion'],
    [
      'seventh-build',
      { root: 'F#', quality: 'half-diminished-seventh', inversion: 0 },
      'F♯ half-diminished seventh, root position',
    ],
    ['scale-write', { key: 'C# minor', form: 'melodic' }, 'C♯ minor, melodic'],
    ['scale-write', { key: 'Bb major', form: 'natural' }, 'B♭ major'],
    ['degree-name', { key: 'Bb major', note: 'Eb' }, 'E♭ in B♭ major'],
    ['signature-name', { signature: [], mode: 'minor' }, 'minor'],
    ['figures-name', { key: 'G major', bass: 'D3', figures: ['6', '4'] }, '6 4 · G major'],
    ['cadence-write', { key: 'G minor', cadence: 'half' }, 'half cadence in G minor'],
    ['key-find', { candidates: ['F major', 'D minor'], chords: [['F3', 'A3', 'C4']] }, 'F major or D minor'],
    ['interval-name', { from: 'C4', to: 'E4' }, ''],
  ])('%s: %j', (kind, given, expected) => {
    expect(promptWords({ kind, given: given as GivenData })).toBe(expected);
  });

  test('letters and keys are those of the school', () => {
    const german = readSchool('letters=german');
    expect(
      promptWords({ kind: 'triad-build', given: { root: 'Bb', quality: 'major', inversion: 0 } }, german),
    ).toMatch(/^B /);
    expect(answerParts('triad-name', { root: 'B', quality: 'minor', inversion: 1 }, german)[0]).toBe('H');
  });
});

describe('answers', () => {
  test.each([
    ['interval-name', 'M6', ['M6']],
    ['interval-build', 'B##3', ['B𝄪3']],
    ['signature-name', 'Bb major', ['B♭ major']],
    ['signature-write', ['F#', 'C#'], ['F♯ C♯']],
    [
      'triad-name',
      { root: 'Ab', quality: 'diminished', inversion: 1 },
      ['A♭', 'diminished', 'first inversion'],
    ],
    ['extended-name', { root: 'C', quality: 'dominant-ninth', inversion: 0 }, ['C', 'dominant ninth']],
    ['figures-name', { notes: ['B', 'D', 'G'], numeral: 'V6' }, ['B D G', 'V6']],
    ['progression-label', ['I', 'IV', 'V7'], ['I IV V7']],
    [
      'parts-faults',
      [{ at: 3, rule: 'parallel-fifths', voices: ['soprano', 'bass'] }],
      ['3: parallel fifths, soprano and bass'],
    ],
  ])('%s: %j', (kind, answer, expected) => {
    expect(answerParts(kind, answer)).toEqual(expected);
  });

  test('every answer has a part for every blank', () => {
    for (const kind of [
      'triad-name',
      'seventh-name',
      'extended-name',
      'figures-name',
      'interval-name',
      'scale-write',
    ])
      for (const { answers } of askQuestions({ kind, seed: 2, count: 10 }).questions)
        expect(answerParts(kind, answers[0])).toHaveLength(blankNames(kind).length);
  });

  test('in one line, with the words of the school', () => {
    expect(answerWords('degree-name', 'leading')).toBe('leading tone');
    expect(answerWords('figures-name', { notes: ['B', 'D', 'G'], numeral: 'V6' })).toBe('B D G: V6');
    expect(answerWords('triad-name', { root: 'C', quality: 'major', inversion: 0 })).toBe(
      'C, major, root position',
    );
  });
});

test('what is only heard is written out beside the answer, for the teacher', () => {
  const given = { of: 'triad', sound: [['C4', 'E4', 'G4']] };
  const [question] = [
    { kind: 'listen', id: '1', given, answers: ['major'], difficulty: { total: 1, parts: {} } },
  ];
  expect(blankLines(question as never).map(({ text }) => text)).toEqual(['major (played C4 E4 G4)']);
});
