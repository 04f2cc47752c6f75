import type { FoundChord, Unknown } from '../context/workBack';
import type { Mark } from '../exercise/exercise';
import type { InversionCause } from '../exercise/kinds/intervalInvert';
import type { IntervalCause } from '../exercise/kinds/intervalName/causes';
import type { WorkBackCause } from '../exercise/kinds/workBack';
import { printInterval, type Interval } from '../interval/interval';
import type { Numeral } from '../label/numeral';
import { displayNoteName } from '../pitch/print';
import type { School } from '../school/school';
import { intervalWords } from './intervals';
import { vocabulary } from './vocabulary';

/** What a teacher would say to a marked answer of any kind: short, and pointing at the cause. */
function sayMark<Right, Cause>(
  mark: Mark<Right, Cause>,
  right: (right: Right) => string,
  cause: (cause: Cause, right: Right) => string,
): string {
  switch (mark.verdict) {
    case 'unreadable':
      return mark.error.message;
    case 'right':
      return right(mark.right);
    case 'wrong':
      return cause(mark.cause, mark.right);
  }
}

const rightInterval = (interval: Interval) => `Right: ${intervalWords(interval)}.`;

/** What is said to the name of an interval. */
export function sayIntervalMark(mark: Mark<Interval, IntervalCause>, school: School): string {
  return sayMark(mark, rightInterval, (cause, right) => intervalCause(cause, right, school));
}

function intervalCause(cause: IntervalCause, right: Interval, school: School): string {
  const words = vocabulary(school);
  switch (cause.kind) {
    case 'other-clef':
      return `That is what stands there in the ${cause.clef} clef. Look at the clef again.`;
    case 'signature-forgotten':
      return 'That leaves the signature out. Pencil its accidentals in first.';
    case 'accidental-forgotten':
      return 'That leaves the accidental before the note out.';
    case 'earlier-accidental-forgotten':
      return (
        `${displayNoteName(cause.note, school.letters)} has its accidental from earlier in the ${words.bar}: ` +
        `it holds to the end of the ${words.bar}.`
      );
    case 'counted-half-steps':
      return `There are ${cause.halfSteps} ${words.halfSteps}, but the number counts letters.`;
    case 'counted-from-zero':
      return 'The number is one too small: the first letter counts as one.';
    case 'inverted':
      return 'That is its inversion. Name it from the lower note up.';
    case 'major-for-perfect':
      return 'Unisons, fourths, fifths and octaves are perfect, never major or minor.';
    case 'perfect-for-major':
      return 'Seconds, thirds, sixths and sevenths are major or minor, never perfect.';
    case 'octave-left-out':
      return `The name is right within the octave, but the notes lie further apart: ${printInterval(right)}.`;
    case 'number-right':
      return 'The number is right; measure the quality again.';
    case 'unexplained':
      return 'Count the letters first, then measure the quality.';
  }
}

const INVERSION_CAUSES: Record<InversionCause, string> = {
  'not-turned': 'That is the interval itself. Put its lower note an octave up, and name what you have then.',
  'quality-not-swapped':
    'The number is right, but the quality swaps: major with minor, augmented with diminished.',
  'not-nine': 'An interval and its inversion sum to 9.',
  'major-for-perfect': 'Unisons, fourths, fifths and octaves are perfect, and stay perfect.',
  'perfect-for-major': 'Seconds, thirds, sixths and sevenths are major or minor, never perfect.',
  'number-right': 'The number is right; swap the quality.',
  unexplained: 'Subtract the number from 9, then swap the quality.',
};

/** What is said to the name of an inversion. */
export function sayInversionMark(mark: Mark<Interval, InversionCause>): string {
  return sayMark(mark, rightInterval, (cause) => INVERSION_CAUSES[cause]);
}

/** What is said to a chord that was worked back. */
export function sayWorkBackMark(mark: Mark<Numeral, WorkBackCause>, school: School): string {
  return sayMark(
    mark,
    () => 'Right.',
    (cause) => workBackCause(cause, school),
  );
}

function workBackCause(cause: WorkBackCause, school: School): string {
  const name = (note: Parameters<typeof displayNoteName>[0]) => displayNoteName(note, school.letters);
  if (cause.kind === 'root')
    return `Its root is not ${name(cause.said)}: ${ABOVE[cause.role]}, ${name(cause.above)}.`;
  const root = `The root ${name(cause.root)} is right. `;
  if (cause.role === 'V') return `${root}A dominant has a major third, and a minor seventh if it has one.`;
  return cause.minorTarget
    ? `${root}Before a minor goal the ii has a minor third and a lowered fifth.`
    : `${root}A ii is a minor chord.`;
}

const ABOVE: Record<FoundChord['role'], string> = {
  V: 'a V lies a fifth above the root that its arrow goes to',
  ii: 'a ii lies a fifth above the root of its V',
};

const UNKNOWN: Record<Unknown, string> = {
  open:
    'The bracket has no arrow: the V does not resolve, its target is open, ' +
    'and no chord can be deduced from it.',
  'no-bracket':
    'Nothing is drawn at this chord. A bracket or an arrow is needed to work it back: write [? ?]> or ?>.',
  'no-target': 'The arrow goes to no chord that is known. Write the target first.',
};

/** Why a sought chord cannot be deduced, and what would make it so. */
export function sayUnknown(why: Unknown): string {
  return UNKNOWN[why];
}
