import { printInterval } from '../interval';
import type { School } from '../label/school';
import { intervalWords } from '../working/words';
import { vocabulary } from '../working/vocabulary';
import { displayNoteName } from '../pitch';
import type { IntervalMark, InversionMark } from './markInterval';

/** What a teacher would say to a marked answer: short, and pointing at the cause. */
export function sayIntervalMark(mark: IntervalMark, school: School): string {
  if (mark.verdict === 'unreadable') return mark.error.message;
  if (mark.verdict === 'right') return `Right: ${intervalWords(mark.interval)}.`;
  const words = vocabulary(school);
  const { mistake } = mark;
  switch (mistake.kind) {
    case 'other-clef':
      return `That is what stands there in the ${mistake.clef} clef. Look at the clef again.`;
    case 'signature-forgotten':
      return 'That leaves the signature out. Pencil its accidentals in first.';
    case 'accidental-forgotten':
      return 'That leaves the accidental before the note out.';
    case 'earlier-accidental-forgotten':
      return `${displayNoteName(mistake.note, school.letters)} has its accidental from earlier in the ${words.bar}: it holds to the end of the ${words.bar}.`;
    case 'counted-half-steps':
      return `There are ${mistake.halfSteps} ${words.halfSteps}, but the number counts letters.`;
    case 'counted-from-zero':
      return 'The number is one too small: the first letter counts as one.';
    case 'inverted':
      return 'That is its inversion. Name it from the lower note up.';
    case 'major-for-perfect':
      return 'Unisons, fourths, fifths and octaves are perfect, never major or minor.';
    case 'perfect-for-major':
      return 'Seconds, thirds, sixths and sevenths are major or minor, never perfect.';
    case 'octave-left-out':
      return `The name is right within the octave, but the notes lie further apart: ${printInterval(mark.interval)}.`;
    case 'number-right':
      return 'The number is right; measure the quality again.';
    case 'unexplained':
      return 'Count the letters first, then measure the quality.';
  }
}

/** What a teacher would say to a marked name of an inversion. */
export function sayInversionMark(mark: InversionMark): string {
  if (mark.verdict === 'unreadable') return mark.error.message;
  if (mark.verdict === 'right') return `Right: ${intervalWords(mark.inversion)}.`;
  switch (mark.mistake) {
    case 'not-turned':
      return 'That is the interval itself. Put its lower note an octave up, and name what you have then.';
    case 'quality-not-swapped':
      return 'The number is right, but the quality swaps: major with minor, augmented with diminished.';
    case 'not-nine':
      return 'An interval and its inversion sum to 9.';
    case 'major-for-perfect':
      return 'Unisons, fourths, fifths and octaves are perfect, and stay perfect.';
    case 'perfect-for-major':
      return 'Seconds, thirds, sixths and sevenths are major or minor, never perfect.';
    case 'number-right':
      return 'The number is right; swap the quality.';
    case 'unexplained':
      return 'Subtract the number from 9, then swap the quality.';
  }
}
