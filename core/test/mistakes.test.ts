/**
 * Every mistake worked by hand once: what somebody writes who makes it (common practice, worked from memory), and odd
 * answers of every kind, which get a verdict and never stop anything.
 */
import fc from 'fast-check';
import { KINDS, askQuestions, markAnswer, type GivenData } from '../src';

const G = { clef: 'treble', key: 'C major' };
const chord = (key: string, ...notes: string[]): GivenData => ({ clef: 'treble', key, notes });
const pair = (key: string, from: string, to: string, clef = 'treble'): GivenData => ({ clef, key, from, to });
const named = (root: string, quality: string, inversion = 0) => ({ root, quality, inversion });
const built = (root: string, quality: string, inversion = 0): GivenData => ({
  ...G,
  ...named(root, quality, inversion),
});
const figured = (key: string, bass: string, ...figures: string[]): GivenData => ({
  clef: 'bass',
  key,
  bass,
  figures,
});
const cadence = (...chords: string[][]): GivenData => ({ clef: 'grand', key: 'C major', chords });

const WORKED: readonly (readonly [mistake: string, kind: string, given: GivenData, answer: unknown])[] = [
  ['signature-forgotten', 'note-name', { ...G, key: 'D major', note: 'F#4' }, 'F4'],
  [
    'signature-forgotten',
    'scale-write',
    { clef: 'treble', key: 'G major', form: 'natural' },
    'G A B C D E F',
  ],
  ['accidental-forgotten', 'interval-name', pair('C major', 'C4', 'Eb4'), 'M3'],
  ['clef-misread', 'note-name', { clef: 'bass', key: 'C major', note: 'G2' }, 'E4'],
  ['step-off', 'note-name', { ...G, note: 'B4' }, 'A4'],
  ['accidental-carried-to-octave', 'interval-name', pair('C major', 'F#4', 'F5'), 'P8'],
  ['not-turned', 'interval-invert', { ...pair('C major', 'C4', 'E4'), name: 'M3' }, 'M3'],
  ['quality-not-swapped', 'interval-invert', { ...pair('C major', 'C4', 'E4'), name: 'M3' }, 'M6'],
  ['perfect-swapped', 'interval-invert', { ...pair('C major', 'C4', 'G4'), name: 'P5' }, 'd4'],
  ['sum-not-nine', 'interval-invert', { ...pair('C major', 'C4', 'E4'), name: 'M3' }, 'm7'],
  ['wrong-direction', 'interval-build', { ...G, from: 'C5', name: 'P5', below: true }, 'G5'],
  ['inverted', 'interval-name', pair('C major', 'C4', 'A4'), 'm3'],
  ['major-perfect-confused', 'interval-name', pair('C major', 'C4', 'F4'), 'M4'],
  ['major-minor-exchanged', 'interval-name', pair('C major', 'D4', 'F4'), 'M3'],
  ['augmented-diminished-exchanged', 'interval-name', pair('C major', 'F4', 'B4'), 'd4'],
  ['octave-left-out', 'interval-name', pair('C major', 'C4', 'E5'), 'M3'],
  ['upper-key-used', 'interval-name', pair('C major', 'E4', 'G4'), 'M3'],
  ['counted-from-zero', 'interval-name', pair('C major', 'C4', 'A4'), 'P5'],
  ['half-steps-for-letters', 'interval-name', pair('C major', 'C4', 'E4'), 'P4'],
  ['start-counted', 'interval-name', pair('C major', 'C4', 'G4'), 'A5'],
  ['enharmonic-spelling', 'interval-name', pair('C major', 'F4', 'B4'), 'd5'],
  ['quality-not-measured', 'interval-name', pair('C major', 'F4', 'B4'), 'P4'],
  ['inversion-ignored', 'triad-name', chord('C major', 'E4', 'G4', 'C5'), named('C', 'major')],
  ['lowest-for-root', 'triad-name', chord('C major', 'E4', 'G4', 'C5'), named('E', 'minor')],
  ['six-and-six-four-exchanged', 'triad-name', chord('C major', 'E4', 'G4', 'C5'), named('C', 'major', 2)],
  ['read-from-the-top', 'triad-build', built('C', 'major'), 'G E C'],
  ['third-unaltered', 'triad-build', built('C', 'minor'), 'C E G'],
  ['fifth-unaltered', 'triad-build', built('B', 'diminished'), 'B D F#'],
  ['seventh-exchanged', 'seventh-build', built('G', 'dominant-seventh'), 'G B D F#'],
  ['triad-of-seventh-mistaken', 'seventh-build', built('G', 'dominant-seventh'), 'G Bb D F'],
  [
    'inversion-off-by-one',
    'seventh-name',
    chord('C major', 'B3', 'D4', 'F4', 'G4'),
    named('G', 'dominant-seventh', 2),
  ],
  ['third-missed', 'triad-build', built('C', 'major'), 'C E B'],
  ['extension-without-seventh', 'seventh-build', built('G', 'dominant-seventh'), 'G B D'],
  ['enharmonic-spelling', 'triad-build', built('C', 'minor'), 'C D# G'],
  ['accidental-forgotten', 'triad-build', built('D', 'major'), 'D F A'],
  ['not-turned', 'inversion-turn', chord('C major', 'C4', 'E4', 'G4'), 'C4 E4 G4'],
  ['wrong-direction', 'inversion-turn', chord('C major', 'C4', 'E4', 'G4'), 'G3 C4 E4'],
  ['inversion-off-by-one', 'inversion-turn', chord('C major', 'C4', 'E4', 'G4'), 'G4 C5 E5'],
  [
    'leading-note-raised',
    'scale-write',
    { clef: 'treble', key: 'A minor', form: 'natural' },
    'A B C D E F G#',
  ],
  [
    'sixth-of-another-form',
    'scale-write',
    { clef: 'treble', key: 'A minor', form: 'harmonic' },
    'A B C D E F# G#',
  ],
  ['leading-note-not-raised', 'degree-name', { key: 'A minor', note: 'G#' }, 'subtonic'],
  ['relative-key', 'signature-name', { clef: 'treble', signature: ['Bb'], mode: 'major' }, 'D minor'],
  ['parallel-key', 'signature-write', { clef: 'treble', key: 'C minor' }, []],
  [
    'last-sharp-for-tonic',
    'signature-name',
    { clef: 'treble', signature: ['F#'], mode: 'major' },
    'F# major',
  ],
  ['last-flat-for-tonic', 'signature-name', { clef: 'treble', signature: ['Bb', 'Eb'], mode: 'major' }, 'Eb'],
  ['signature-one-off', 'signature-write', { clef: 'treble', key: 'D major' }, 'F# C# G#'],
  ['sharps-for-flats', 'signature-write', { clef: 'treble', key: 'D major' }, 'Bb Eb'],
  ['signature-order', 'signature-write', { clef: 'treble', key: 'D major' }, 'C# F#'],
  [
    'signature-accidental-forgotten',
    'scale-write',
    { clef: 'treble', key: 'D major', form: 'natural' },
    'D E F G A B C#',
  ],
  ['supertonic-for-mediant', 'degree-name', { key: 'C major', note: 'E' }, 'submediant'],
  ['counted-from-zero', 'degree-name', { key: 'C major', note: 'E' }, 'supertonic'],
  ['case-wrong', 'numeral-label', chord('C major', 'D4', 'F4', 'A4'), 'II'],
  ['quality-sign-forgotten', 'numeral-label', chord('C major', 'B3', 'D4', 'F4'), 'vii'],
  ['lowest-for-root', 'numeral-label', chord('C major', 'F4', 'A4', 'D5'), 'IV'],
  ['seventh-left-out', 'numeral-label', chord('C major', 'G4', 'B4', 'D5', 'F5'), 'V'],
  ['seventh-added', 'numeral-label', chord('C major', 'G4', 'B4', 'D5'), 'V7'],
  ['target-for-dominant', 'numeral-label', chord('C major', 'D4', 'F#4', 'A4'), 'V'],
  ['applied-as-diatonic', 'numeral-label', chord('C major', 'D4', 'F#4', 'A4'), 'ii'],
  ['target-left-out', 'numeral-label', chord('C major', 'A3', 'C#4', 'E4'), 'V'],
  ['degree-off-by-one', 'numeral-build', { key: 'C major', numeral: 'ii' }, 'C Eb G'],
  ['leading-note-not-raised', 'numeral-build', { key: 'A minor', numeral: 'V' }, 'E G B'],
  [
    'figures-for-root-position',
    'figures-name',
    figured('C major', 'B2', '6'),
    { notes: ['B', 'D', 'F'], numeral: 'viio' },
  ],
  [
    'figure-sign-forgotten',
    'figures-name',
    figured('A minor', 'E3', '#'),
    { notes: ['E', 'G', 'B'], numeral: 'v' },
  ],
  [
    'sharp-for-natural',
    'figures-name',
    figured('C minor', 'G2', 'n'),
    { notes: ['G', 'B#', 'D'], numeral: 'V' },
  ],
  [
    'cadence-by-last-chord',
    'cadence-name',
    cadence(['G2', 'D4', 'G4', 'B4'], ['C3', 'C4', 'E4', 'G4']),
    'plagal',
  ],
  [
    'cadence-turned-round',
    'cadence-name',
    cadence(['G2', 'D4', 'G4', 'B4'], ['C3', 'C4', 'E4', 'G4']),
    'half',
  ],
  ['half-for-plagal', 'cadence-name', cadence(['F2', 'C4', 'F4', 'A4'], ['C3', 'C4', 'E4', 'G4']), 'half'],
  ['moved-within-the-key', 'transpose', { ...chord('C major', 'C4', 'E4'), by: 'M2', below: false }, 'D4 F4'],
  ['octave-off', 'note-name', { ...G, note: 'A4' }, 'A5'],
  ['accidental-left-out', 'interval-build', { ...G, from: 'D4', name: 'M3', below: false }, 'F4'],
];

test.each(WORKED)('%s in %s: %j answered %j', (mistake, kind, given, answer) => {
  const { verdict, causes } = markAnswer({ kind, given }, answer);
  expect(verdict).toBe('wrong');
  expect(causes.map(({ mistakes }) => mistakes.join(' + '))).toContain(mistake);
});

test('a cadence may be called perfect or imperfect authentic', () => {
  const given = cadence(['G2', 'D4', 'G4', 'B4'], ['C3', 'C4', 'E4', 'G4']);
  for (const answer of ['perfect authentic cadence', 'Imperfect authentic', 'perfect', 'authentic'])
    expect(markAnswer({ kind: 'cadence-name', given }, answer).verdict).toBe('right');
  expect(markAnswer({ kind: 'cadence-name', given }, 'imperfect').verdict).toBe('wrong');
});

const odd = fc.oneof(
  fc.string(),
  fc.integer(),
  fc.constant(null),
  fc.array(fc.oneof(fc.string(), fc.constant(null), fc.array(fc.string(), { maxLength: 5 })), {
    maxLength: 8,
  }),
  fc.dictionary(fc.constantFrom('root', 'quality', 'inversion', 'notes', 'numeral', 'at'), fc.anything(), {
    maxKeys: 4,
  }),
);

test.each(KINDS.map(({ id }) => id))(
  'any answer to %s has a verdict, and marks within what there is',
  (kind) => {
    const [question] = askQuestions({ kind, seed: 3, count: 1 }).questions;
    fc.assert(
      fc.property(odd, (answer) => {
        const { verdict, marks, error } = markAnswer(question!, answer);
        expect(['right', 'wrong', 'unreadable']).toContain(verdict);
        expect(marks.got).toBeGreaterThanOrEqual(0);
        expect(marks.got).toBeLessThanOrEqual(marks.of);
        expect(verdict === 'unreadable').toBe(error !== undefined);
      }),
      { numRuns: 60 },
    );
  },
);
