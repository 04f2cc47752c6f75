import {
  halfSteps,
  intervalBetween,
  invert,
  printInterval,
  simpleForm,
  type Interval,
} from '../../../interval/interval';
import { attempt } from '../../../errors';
import { signatureFifths, type Key } from '../../../key/key';
import { signatureAlteration, type Clef } from '../../../key/scale';
import { accidentalsInBar } from '../../../pitch/barAccidentals';
import { modulo, staffPosition, type Note, type Step } from '../../../pitch/note';

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
export type IntervalCause =
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

/**
 * The likeliest cause that explains a wrong name exactly; the likeliest are asked first.
 */
export function causeOf(question: IntervalQuestion, right: Interval, said: Interval): IntervalCause {
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
  // Between white keys a wrong quality is a quality measured wrongly. Elsewhere a staff that is not the
  // treble may have been read as if it were (common practice: the clef that is learnt first).
  const white = from.alteration === 0 && to.alteration === 0;
  const inTreble = (note: Note) => readIn(note, question.clef, 'treble', fifths);
  if (question.clef !== 'treble' && !white && named(inTreble(from), inTreble(to)))
    return { kind: 'other-clef', clef: 'treble' };
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
