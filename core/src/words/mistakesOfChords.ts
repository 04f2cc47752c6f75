import { FLAT_KEYS, SHARP_KEYS, mistakeText, type MistakeText } from './mistakeText';

/** Mistakes of chords, keys, numerals and lines, in words. */
export const CHORD_TEXTS: Readonly<Record<string, MistakeText>> = {
  'inversion-ignored': mistakeText(
    'Inversion left out',
    'The lowest note is not the root: say which inversion it makes.',
    'triad-name',
    { inversions: [1, 2] },
  ),
  'lowest-for-root': mistakeText(
    'Lowest note taken for the root',
    'The lowest note was taken for the root: stack the notes in thirds first.',
    'triad-name',
    { inversions: [1, 2] },
  ),
  'read-from-the-top': mistakeText(
    'Read from the top',
    'The notes were read from the top: begin with the lowest.',
    'triad-name',
    { inversions: [0, 1, 2] },
  ),
  'six-and-six-four-exchanged': mistakeText(
    '6 and 6/4 exchanged',
    'First inversion is 6, with the third lowest; second is 6/4, with the fifth.',
    'triad-name',
    { inversions: [1, 2] },
  ),
  'third-unaltered': mistakeText(
    'Third not measured',
    'The third makes it major or minor: four half steps, or three.',
    'triad-build',
    { qualities: ['major', 'minor'] },
  ),
  'fifth-unaltered': mistakeText(
    'Fifth not measured',
    'The fifth is altered: seven half steps are perfect, six diminished, eight augmented.',
    'triad-name',
    { qualities: ['minor', 'diminished', 'major', 'augmented'] },
  ),
  'seventh-exchanged': mistakeText(
    'Another kind of seventh',
    'The triad is right, the seventh above it is of another kind: measure it from the root.',
    'seventh-name',
  ),
  'triad-of-seventh-mistaken': mistakeText(
    'Triad under the seventh mistaken',
    'The seventh is right, the triad under it is another: name the triad first.',
    'seventh-name',
  ),
  'inversion-off-by-one': mistakeText(
    'Inversion off by one',
    'The inversion is off by one: root 0, third 1, fifth 2, seventh 3.',
    'seventh-name',
    { inversions: [1, 2, 3] },
  ),
  'third-missed': mistakeText(
    'A step missed in the thirds',
    'One third was left out in the stack: every other letter, none skipped.',
    'seventh-build',
    { inversions: [0] },
  ),
  'extension-without-seventh': mistakeText(
    'Seventh left out',
    'The seventh belongs to it: without it the chord has another name.',
    'seventh-build',
  ),
  'leading-note-not-raised': mistakeText(
    'LEADING not raised',
    'In minor the seventh degree is raised before the tonic: the dominant has a major third.',
    'scale-write',
    { forms: ['harmonic'] },
  ),
  'leading-note-raised': mistakeText(
    'LEADING raised where it is not',
    'The natural form leaves the seventh degree as the signature has it.',
    'scale-write',
    { forms: ['natural', 'harmonic'] },
  ),
  'sixth-of-another-form': mistakeText(
    'Sixth of another form',
    'The sixth degree is raised in the melodic form only.',
    'scale-write',
    { forms: ['harmonic', 'melodic'] },
  ),
  'relative-key': mistakeText(
    'Relative key taken',
    'The signature is that of two keys: this is the other one.',
    'signature-name',
  ),
  'parallel-key': mistakeText(
    'Parallel key taken',
    'The tonic is right, major and minor were exchanged.',
    'signature-write',
  ),
  'last-sharp-for-tonic': mistakeText(
    'Last sharp taken for the tonic',
    'The last sharp is the seventh degree: the tonic is a half step higher.',
    'signature-name',
    { keys: SHARP_KEYS },
  ),
  'last-flat-for-tonic': mistakeText(
    'Last flat taken for the tonic',
    'The last flat is the fourth degree: the last but one names the tonic.',
    'signature-name',
    { keys: FLAT_KEYS },
  ),
  'signature-one-off': mistakeText(
    'One accidental too many or too few',
    'The signature is one accidental off: go round the circle again.',
    'signature-write',
  ),
  'sharps-for-flats': mistakeText(
    'Sharps and flats exchanged',
    'So many they are, but of the other kind.',
    'signature-write',
  ),
  'signature-order': mistakeText(
    'Order of the signature',
    'The accidentals are right, their order is not: sharps go up in fifths, flats down.',
    'signature-write',
  ),
  'supertonic-for-mediant': mistakeText(
    'Above and below exchanged',
    'Names that begin with sub lie under the tonic.',
    'degree-name',
  ),
  'case-wrong': mistakeText(
    'Capital and small exchanged',
    'Capitals are major, small letters minor: look at the third.',
    'numeral-label',
  ),
  'quality-sign-forgotten': mistakeText(
    'Sign of the quality left out',
    'A diminished chord has its sign beside the numeral.',
    'numeral-label',
  ),
  'figures-for-root-position': mistakeText(
    'Bass taken for the root',
    'The figures say that the bass is not the root: count them up from the bass, then stack.',
    'figures-name',
    { inversions: [1, 2, 3] },
  ),
  'figure-sign-forgotten': mistakeText(
    'Sign of a figure overlooked',
    'A sign beside a figure alters that note; alone it means the third.',
    'figures-name',
  ),
  'sharp-for-natural': mistakeText(
    'Sharp for a natural',
    'To raise a flat note is to make it natural, whatever sign says so.',
    'figures-name',
    { keys: FLAT_KEYS },
  ),
  'seventh-left-out': mistakeText(
    'Seventh not labelled',
    'There are four different notes: the figures of a seventh chord are missing.',
    'numeral-label',
  ),
  'seventh-added': mistakeText(
    'Seventh where there is none',
    'Only three different notes stand there: it is a triad.',
    'numeral-label',
  ),
  'target-for-dominant': mistakeText(
    'Target taken for its dominant',
    'This is the chord it goes to: the dominant lies a fifth above that.',
    'work-back',
  ),
  'dominant-not-major': mistakeText(
    'Dominant without its leading note',
    'The root is right, but a dominant has a major third: it is the leading note to its target.',
    'work-back',
  ),
  'second-not-minor': mistakeText(
    'A dominant in the place of the ii',
    'The root is right, but a ii has a minor third, and before a minor target a lowered fifth as well.',
    'work-back',
  ),
  'fifth-below-target': mistakeText(
    'Counted down instead of up',
    'This lies a fifth below the target: a dominant lies a fifth above it.',
    'work-back',
  ),
  'left-as-it-was': mistakeText(
    'Left as it was',
    'This is the spelling that stands there: ask which letter the key has for each note.',
    'enharmonic-respell',
  ),
  'all-notes-respelled': mistakeText(
    'Every note respelled',
    'Only what the key does not want changes: the other notes keep their names.',
    'enharmonic-respell',
  ),
  'applied-as-diatonic': mistakeText(
    'Applied chord labelled in the home key',
    'The accidental leads to another chord: name the dominant with its target.',
    'numeral-build',
    { numerals: ['V/V', 'V7/V', 'V/ii', 'V7/IV', 'V7/vi'] },
  ),
  'target-left-out': mistakeText(
    'Target left out',
    'It is a dominant, but of another chord: say of which.',
    'numeral-build',
    { numerals: ['V/V', 'V7/V', 'V/ii', 'V7/IV', 'V7/vi'] },
  ),
  'degree-off-by-one': mistakeText(
    'A degree too high or too low',
    'The root is one degree off: count the scale from its tonic.',
    'numeral-label',
    { inversions: [0] },
  ),
  'cadence-by-first-chord': mistakeText(
    'Judged by the first chord',
    'Both begin with the dominant: look where it goes.',
    'cadence-name',
  ),
  'cadence-by-last-chord': mistakeText(
    'Judged by the last chord',
    'Both end on the tonic: look what stands before it.',
    'cadence-name',
  ),
  'cadence-turned-round': mistakeText(
    'Dominant at the other end',
    'A half cadence ends on the dominant, an authentic one leaves it.',
    'cadence-name',
  ),
  'half-for-plagal': mistakeText(
    'Half and plagal exchanged',
    'A plagal cadence ends on the tonic, a half cadence on the dominant.',
    'cadence-name',
  ),
  'moved-within-the-key': mistakeText(
    'Moved within the key',
    'The letters were moved, and the old signature kept: every note moves by the same interval.',
    'transpose',
  ),
  'octave-off': mistakeText('An octave off', 'The name is right, the octave is not.', 'note-name'),
};
