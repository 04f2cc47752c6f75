import { mistakeText, type MistakeText } from './mistakeText';

/** Mistakes of the ear, in words. */
export const HEARING_TEXTS: Readonly<Record<string, MistakeText>> = {
  'inversion-heard': mistakeText(
    'Another inversion heard',
    'The quality is right, the lowest note is another member: sing the bass, then look for the root above it.',
    'heard-chord',
  ),
  'quality-heard': mistakeText(
    'Another quality heard',
    'The inversion is right, the quality is not: hear the third and the fifth over the root one by one.',
    'heard-chord',
    { inversions: [0] },
  ),
  'scale-heard': mistakeText(
    'One degree of the scale heard otherwise',
    'The scale that was named differs in one degree: sing up to the note that makes the difference.',
    'heard-scale',
  ),
  'voices-exchanged': mistakeText(
    'Soprano and bass exchanged',
    'What was written for one voice is the other: the soprano is the highest note, the bass the lowest.',
    'heard-outer-voices',
  ),
  'inner-voice-heard': mistakeText(
    'An inner voice heard for the soprano',
    'In one chord the note under the soprano was written: hear what is on top.',
    'heard-outer-voices',
  ),
  'degree-beside': mistakeText(
    'A note held for one that moves',
    'The melody moves where the note before was written again.',
    'heard-melody',
  ),
  'chord-beside': mistakeText(
    'The chord beside it',
    'What is heard is right, but it is in the chord beside: count along while it plays.',
    'heard-change',
  ),
};
