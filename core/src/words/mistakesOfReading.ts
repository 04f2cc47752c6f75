import { SIGNED, mistakeText, type MistakeText } from './mistakeText';

/** Mistakes of reading and of intervals, in words. */
export const READING_TEXTS: Readonly<Record<string, MistakeText>> = {
  'signature-forgotten': mistakeText(
    'Signature forgotten',
    'The signature was left out: pencil its accidentals in before you begin.',
    'note-name',
    { keys: SIGNED },
  ),
  'signature-accidental-forgotten': mistakeText(
    'One accidental of the signature forgotten',
    'One accidental of the signature was left out: go through the signature note by note.',
    'note-name',
    { keys: SIGNED },
  ),
  'accidental-forgotten': mistakeText(
    'Accidental overlooked',
    'An accidental beside a note was overlooked: look at each note for its sign.',
    'note-name',
    { accidentals: 'single' },
  ),
  'accidental-of-bar-forgotten': mistakeText(
    'Accidental of the bar forgotten',
    'An accidental holds to the end of its bar: look what stands before the note.',
    'note-name',
    { bar: true },
  ),
  'accidental-left-out': mistakeText(
    'Accidental not written',
    'The letter is right, and its accidental is missing.',
    'interval-build',
  ),
  'accidental-carried-to-octave': mistakeText(
    'Accidental carried into another octave',
    'An accidental holds for its own octave only; the note in the other octave is plain.',
    'interval-name',
    { intervals: ['P8', 'A8', 'd8'] },
  ),
  'clef-misread': mistakeText(
    'Read in another clef',
    'The notes were read in another clef: find the note that the clef names first.',
    'note-name',
    { clefs: ['bass', 'alto', 'tenor'] },
  ),
  'step-off': mistakeText(
    'A line or a space off',
    'One note was read a line or a space off: count from the line of the clef.',
    'note-name',
    { ledgerLines: 2 },
  ),
  'not-turned': mistakeText(
    'Not turned',
    'This is what stands there already: the lowest note goes up an octave.',
    'interval-invert',
  ),
  'quality-not-swapped': mistakeText(
    'Quality not swapped',
    'The number is turned, the quality is not: major and minor change places, augmented and diminished too.',
    'interval-invert',
  ),
  'perfect-swapped': mistakeText(
    'Perfect swapped',
    'A perfect interval stays perfect when it is turned.',
    'interval-invert',
    { intervals: ['P4', 'P5'] },
  ),
  'sum-not-nine': mistakeText(
    'Numbers do not make nine',
    'An interval and its inversion make nine together: count again.',
    'interval-invert',
  ),
  'wrong-direction': mistakeText(
    'Wrong direction',
    'It was counted the other way: look whether it is above or below.',
    'interval-build',
  ),
  inverted: mistakeText(
    'Inversion given',
    'This is the inversion: count from the lower note up to the higher.',
    'interval-name',
  ),
  'major-perfect-confused': mistakeText(
    'Major and perfect confused',
    'Unisons, fourths, fifths and octaves are perfect; the others are major or minor.',
    'interval-name',
    { intervals: ['P4', 'P5', 'M6', 'm6', 'P8', 'M3'] },
  ),
  'major-minor-exchanged': mistakeText(
    'Major and minor exchanged',
    'The number is right; major is the wide one, minor a half step less.',
    'interval-name',
    { intervals: ['m2', 'M2', 'm3', 'M3', 'm6', 'M6', 'm7', 'M7'] },
  ),
  'augmented-diminished-exchanged': mistakeText(
    'Augmented and diminished exchanged',
    'Augmented is wider than perfect or major, diminished narrower than perfect or minor.',
    'interval-name',
    { intervals: ['A4', 'd5', 'A2', 'd7', 'A5', 'd4'] },
  ),
  'octave-left-out': mistakeText(
    'Octave left out',
    'It is wider than an octave: add seven to the simple number.',
    'interval-name',
    { compound: true },
  ),
  'upper-key-used': mistakeText(
    'Key of the upper note used',
    'It was measured in the key of the upper note: take the major scale of the lower one.',
    'interval-name',
  ),
  'counted-from-zero': mistakeText(
    'Counted from zero',
    'The first letter is one, not nought: count it too.',
    'interval-name',
  ),
  'half-steps-for-letters': mistakeText(
    'Half steps counted for letters',
    'The number comes from the letters, the half steps only give the quality.',
    'interval-name',
  ),
  'start-counted': mistakeText(
    'A half step too many',
    'The quality is a half step too wide: the first note is no step yet.',
    'interval-name',
  ),
  'enharmonic-spelling': mistakeText(
    'Right sound, wrong spelling',
    'It sounds right and is spelled wrongly: the letters decide.',
    'interval-name',
    { intervals: ['A2', 'm3', 'A4', 'd5', 'A5', 'm6', 'd7', 'M6'] },
  ),
  'quality-not-measured': mistakeText(
    'Quality not measured',
    'The number is right; measure the quality in the scale of the lower note.',
    'interval-name',
  ),
};
