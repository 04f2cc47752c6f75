import {
  halfSteps,
  intervalBetween,
  invert,
  isPerfectNumber,
  parseInterval,
  printInterval,
  qualityLetters,
  simpleForm,
  type Interval,
} from '../interval';
import { attempt, type TheoryError } from '../errors';
import { signatureFifths, type Key } from '../key/key';
import { CLEFS, signatureAlteration, type Clef } from '../key/scale';
import { accidentalsInBar, modulo, staffPosition, type Note, type Step } from '../pitch';

/** How the interval was put before the pupil. */
export interface IntervalQuestion {
  readonly from: Note;
  readonly to: Note;
  readonly clef: Clef;
  /** The key whose signature stands on the staff. */
  readonly key: Key;
  /** Notes that stand earlier in the same bar, whose accidentals still hold. */
  readonly earlier?: readonly Note[];
}

/** What went wrong, where one cause explains the answer exactly. */
export type IntervalMistake =
  | { readonly kind: 'other-clef'; readonly clef: Clef }
  | { readonly kind: 'signature-forgotten' }
  | { readonly kind: 'accidental-forgotten' }
  | { readonly kind: 'earlier-accidental-forgotten'; readonly note: Note }
  | { readonly kind: 'counted-half-steps'; readonly halfSteps: number }
  | { readonly kind: 'counted-from-zero' }
  | { readonly kind: 'inverted' }
  | { readonly kind: 'major-for-perfect' }
  | { readonly kind: 'perfect-for-major' }
  | { readonly kind: 'octave-left-out' }
  | { readonly kind: 'number-right' }
  | { readonly kind: 'unexplained' };

export type IntervalMark =
  | { readonly verdict: 'unreadable'; readonly error: TheoryError }
  | { readonly verdict: 'right'; readonly interval: Interval }
  | { readonly verdict: 'wrong'; readonly interval: Interval; readonly mistake: IntervalMistake };

/**
 * Marks a pupil's name for an interval (`m6`, `AA4`). A wrong answer is met
 * with the likely cause where one explains it exactly; the likeliest first.
 */
export function markInterval(question: IntervalQuestion, answer: string): IntervalMark {
  const interval: Interval = intervalBetween(question.from, question.to);
  const confused = familyConfused(answer.trim());
  const read = attempt(() => parseInterval(answer.trim()));
  if (!read.ok) {
    if (confused) return { verdict: 'wrong', interval, mistake: { kind: confused } };
    return { verdict: 'unreadable', error: read.error };
  }
  if (printInterval(read.value) === printInterval(interval)) return { verdict: 'right', interval };
  return { verdict: 'wrong', interval, mistake: mistakeOf(question, interval, read.value) };
}

/** M5 or P6: a family that does not exist, and a mistake worth its own word. */
function familyConfused(answer: string): 'major-for-perfect' | 'perfect-for-major' | null {
  const match = /^([PMm])([1-9]\d?)$/.exec(answer);
  if (!match) return null;
  const perfect = isPerfectNumber(Number(match[2]));
  if (match[1] === 'P') return perfect ? null : 'perfect-for-major';
  return perfect ? 'major-for-perfect' : null;
}

function mistakeOf(question: IntervalQuestion, right: Interval, said: Interval): IntervalMistake {
  const { from, to } = question;
  const is = (other: Interval) => printInterval(other) === printInterval(said);
  const named = (a: Note, b: Note) => is(intervalBetween(a, b));
  const fifths = signatureFifths(question.key);
  if (right.number > 8 && is(simpleForm(right))) return { kind: 'octave-left-out' };
  const inversion = attempt(() => invert(right));
  if (inversion.ok && is(inversion.value)) return { kind: 'inverted' };
  const unsigned = (note: Note): Note =>
    note.alteration === signatureAlteration(fifths, note.step) ? { ...note, alteration: 0 } : note;
  if (named(unsigned(from), unsigned(to))) return { kind: 'signature-forgotten' };
  const held = heldNotes(question, fifths);
  const unheld = (note: Note): Note =>
    held.includes(note) ? { ...note, alteration: signatureAlteration(fifths, note.step) } : note;
  if (held[0] && named(unheld(from), unheld(to)))
    return { kind: 'earlier-accidental-forgotten', note: held[0] };
  const plain = (note: Note): Note => ({ ...note, alteration: signatureAlteration(fifths, note.step) });
  if (named(plain(from), plain(to))) return { kind: 'accidental-forgotten' };
  const clef = CLEFS.find(
    (other) =>
      other !== question.clef &&
      named(readIn(from, question.clef, other, fifths), readIn(to, question.clef, other, fifths)),
  );
  if (clef) return { kind: 'other-clef', clef };
  const steps = Math.abs(halfSteps(right));
  if (said.number === steps && steps !== right.number)
    return { kind: 'counted-half-steps', halfSteps: steps };
  if (said.number === right.number - 1) return { kind: 'counted-from-zero' };
  if (said.number === right.number) return { kind: 'number-right' };
  return { kind: 'unexplained' };
}

/** The notes of the question that carry an accidental only because an earlier note of the bar did. */
function heldNotes({ earlier = [], from, to }: IntervalQuestion, fifths: number): Note[] {
  const groups = [...earlier.map((note) => [note]), [from], [to]];
  const written = accidentalsInBar(groups, (step) => signatureAlteration(fifths, step));
  return [from, to].filter((note, index) => {
    const carries = written[earlier.length + index]![0]!;
    return !carries && note.alteration !== signatureAlteration(fifths, note.step);
  });
}

/** What went wrong with the name of an inversion. */
export type InversionMistake =
  | 'not-turned'
  | 'quality-not-swapped'
  | 'not-nine'
  | 'number-right'
  | 'major-for-perfect'
  | 'perfect-for-major'
  | 'unexplained';

export type InversionMark =
  | { readonly verdict: 'unreadable'; readonly error: TheoryError }
  | { readonly verdict: 'right'; readonly inversion: Interval }
  | { readonly verdict: 'wrong'; readonly inversion: Interval; readonly mistake: InversionMistake };

/**
 * Marks a pupil's name for the inversion of an interval: numbers sum to 9,
 * perfect stays, the other qualities swap (common practice). Throws
 * TheoryError for an augmented octave, which has none.
 */
export function markInversion(interval: Interval, answer: string): InversionMark {
  const inversion = invert(interval);
  const read = attempt(() => parseInterval(answer.trim()));
  if (!read.ok) {
    const confused = familyConfused(answer.trim());
    return confused
      ? { verdict: 'wrong', inversion, mistake: confused }
      : { verdict: 'unreadable', error: read.error };
  }
  if (printInterval(read.value) === printInterval(inversion)) return { verdict: 'right', inversion };
  return {
    verdict: 'wrong',
    inversion,
    mistake: inversionMistake(simpleForm(interval), inversion, read.value),
  };
}

function inversionMistake(simple: Interval, inversion: Interval, said: Interval): InversionMistake {
  if (printInterval(said) === printInterval(simple)) return 'not-turned';
  if (said.number === inversion.number)
    return qualityLetters(said) === qualityLetters(simple) ? 'quality-not-swapped' : 'number-right';
  return said.number + simple.number === 9 ? 'unexplained' : 'not-nine';
}

/** The middle line of each clef as a staff position. */
const MIDDLE_LINES: Record<Clef, number> = { treble: 34, alto: 28, tenor: 26, bass: 22 };

/**
 * The note that stands in the same place of another clef, with the accidental printed there or else the
 * signature's.
 */
function readIn(note: Note, clef: Clef, other: Clef, fifths: number): Note {
  const position = staffPosition(note) - MIDDLE_LINES[clef] + MIDDLE_LINES[other];
  const step = modulo(position, 7) as Step;
  const printed = note.alteration !== signatureAlteration(fifths, note.step);
  return {
    step,
    octave: Math.floor(position / 7),
    alteration: printed ? note.alteration : signatureAlteration(fifths, step),
  };
}
