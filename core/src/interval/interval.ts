import { TheoryError } from '../errors';
import { TextMemo } from '../memo';
import {
  MAX_ALTERATION,
  midiNumber,
  NATURAL_HALF_STEPS,
  modulo,
  noteName,
  staffPosition,
  type Note,
  type NoteName,
  type Step,
} from '../pitch/note';

/** `up` when the second note is the higher on the staff (or, on one line, in sound). */
export type Direction = 'up' | 'down' | 'same';

/**
 * An interval by number and width. `number` counts letters inclusively (1 =
 * unison, 8 = octave, 10 = a tenth). `deviation` is the width against the
 * perfect or major interval of that number, in half steps: 0 perfect or major,
 * −1 minor (or diminished, where the number is perfect), +1 augmented.
 */
export interface Interval {
  readonly number: number;
  readonly deviation: number;
}

const MAJOR_SIZES = [0, 2, 4, 5, 7, 9, 11] as const;

/** Whether intervals of this number are perfect (1 4 5 8 and compounds) rather than major and minor. */
export function isPerfectNumber(number: number): boolean {
  const simple = (number - 1) % 7;
  return simple === 0 || simple === 3 || simple === 4;
}

/** Half steps in the perfect or major interval of this number. */
export function majorSize(number: number): number {
  return MAJOR_SIZES[(number - 1) % 7]! + 12 * Math.floor((number - 1) / 7);
}

/** Size in half steps. Negative only for freaks such as the doubly diminished second. */
export function halfSteps(interval: Interval): number {
  return majorSize(interval.number) + interval.deviation;
}

export interface MeasuredInterval extends Interval {
  readonly direction: Direction;
}

/** Names the interval from one note to another, in either direction. Works for every spelling. */
export function intervalBetween(from: Note, to: Note): MeasuredInterval {
  const letters = staffPosition(to) - staffPosition(from);
  const width = midiNumber(to) - midiNumber(from);
  const down = letters < 0 || (letters === 0 && width < 0);
  const number = (down ? -letters : letters) + 1;
  const deviation = (down ? -width : width) - majorSize(number);
  return { number, deviation, direction: letters === 0 && width === 0 ? 'same' : down ? 'down' : 'up' };
}

/** Width of the ascending interval between two names against the perfect or major one of its number. */
export function deviationUp(from: NoteName, to: NoteName): number {
  const letters = to.step - from.step;
  const width = NATURAL_HALF_STEPS[to.step] + to.alteration - NATURAL_HALF_STEPS[from.step] - from.alteration;
  return letters < 0 ? width + 12 - MAJOR_SIZES[letters + 7]! : width - MAJOR_SIZES[letters]!;
}

/** The ascending interval, within the octave, from one note name up to another. */
export function intervalUp(from: NoteName, to: NoteName): Interval {
  return { number: modulo(to.step - from.step, 7) + 1, deviation: deviationUp(from, to) };
}

/** The name an interval above (or below) a note name. Throws past a triple alteration. */
export function nameAbove(from: NoteName, interval: Interval): NoteName {
  const steps = (interval.number - 1) % 7;
  const step = (from.step + steps) % 7;
  const octave = from.step + steps >= 7 ? 12 : 0;
  const natural = NATURAL_HALF_STEPS[step]! + octave - NATURAL_HALF_STEPS[from.step];
  return noteName(step, MAJOR_SIZES[steps]! + interval.deviation - natural + from.alteration);
}

/** The name an interval below a note name. Throws past a triple alteration. */
export function nameBelow(from: NoteName, interval: Interval): NoteName {
  const steps = (interval.number - 1) % 7;
  const step = modulo(from.step - steps, 7);
  const octave = from.step - steps < 0 ? 12 : 0;
  const natural = NATURAL_HALF_STEPS[from.step] + octave - NATURAL_HALF_STEPS[step]!;
  return noteName(step, from.alteration - (MAJOR_SIZES[steps]! + interval.deviation) + natural);
}

/** The note an interval above, or `below`, a note. Throws past a triple alteration. */
export function transpose(from: Note, interval: Interval, below = false): Note {
  const letters = below ? 1 - interval.number : interval.number - 1;
  const position = staffPosition(from) + letters;
  const step = modulo(position, 7) as Step;
  const octave = Math.floor(position / 7);
  const width = below ? -halfSteps(interval) : halfSteps(interval);
  const alteration = midiNumber(from) + width - ((octave + 1) * 12 + NATURAL_HALF_STEPS[step]);
  if (alteration > MAX_ALTERATION || alteration < -MAX_ALTERATION) noteName(step, alteration);
  return { step, alteration, octave };
}

/** The form within the octave: a tenth becomes a third. Unison and octave stay as they are. */
export function simpleForm(interval: Interval): Interval {
  if (interval.number <= 8) return interval;
  const number = ((interval.number - 2) % 7) + 2;
  return { number, deviation: interval.deviation };
}

/** Octaves left over in the simple form: a tenth is one octave and a third. */
export function octavesBeyond(interval: Interval): number {
  return (interval.number - simpleForm(interval).number) / 7;
}

/**
 * The inversion of the simple form: numbers sum to 9, perfect stays, major and
 * minor swap, augmented and diminished swap (common practice). Throws for an
 * octave wider than perfect, whose upper note cannot be brought below within
 * the octave.
 */
export function invert(interval: Interval): Interval {
  const simple = simpleForm(interval);
  if (simple.number === 8 && simple.deviation > 0) {
    throw new TheoryError(
      'interval',
      printInterval(interval),
      'an augmented octave has no inversion within the octave: the upper note, moved down an octave, is still above.',
      'Name its simple form, the augmented unison, instead.',
    );
  }
  const perfect = isPerfectNumber(simple.number);
  return { number: 9 - simple.number, deviation: perfect ? -simple.deviation : -simple.deviation - 1 };
}

/** `P M m A d AA dd` …: repeated A or d beyond that. */
export function qualityLetters(interval: Interval): string {
  const { number, deviation } = interval;
  if (isPerfectNumber(number)) {
    if (deviation === 0) return 'P';
    return deviation > 0 ? 'A'.repeat(deviation) : 'd'.repeat(-deviation);
  }
  if (deviation === 0) return 'M';
  if (deviation === -1) return 'm';
  return deviation > 0 ? 'A'.repeat(deviation) : 'd'.repeat(-deviation - 1);
}

/** `M7`, `AA5`, `m10`. Read again by parseInterval. */
export function printInterval(interval: Interval): string {
  return qualityLetters(interval) + interval.number;
}

const TIMES = [
  '',
  '',
  'doubly-',
  'triply-',
  'quadruply-',
  'quintuply-',
  'sextuply-',
  'septuply-',
  'octuply-',
];

/** `major`, `perfect`, `doubly-augmented` … */
export function qualityWord(interval: Interval): string {
  const letters = qualityLetters(interval);
  if (letters === 'P') return 'perfect';
  if (letters === 'M') return 'major';
  if (letters === 'm') return 'minor';
  return TIMES[letters.length]! + (letters[0] === 'A' ? 'augmented' : 'diminished');
}

/**
 * Reads `P5`, `m10`, `AA4`, `dd7`. Throws TheoryError `interval` for anything
 * else, with the reason for a diminished unison and for a major fifth.
 */
export function parseInterval(text: string): Interval {
  return NAMES.of(text, () => readInterval(text));
}

/** Intervals by name: the same few come with every note. */
const NAMES = new TextMemo<Interval>();

function readInterval(text: string): Interval {
  const match = /^(P|M|m|A{1,7}|d{1,7})(\d{1,3})$/.exec(text.trim());
  if (!match) {
    throw new TheoryError(
      'interval',
      text,
      'this is not an interval.',
      'Write the quality P, M, m, A, d, AA or dd and then the number: M6, d5, AA4, m10.',
    );
  }
  const letters = match[1]!;
  const number = Number(match[2]);
  const perfect = number >= 1 && isPerfectNumber(number);
  if (number < 1 || number > 99)
    throw new TheoryError(
      'interval',
      text,
      'interval numbers go from 1 to 99.',
      'The unison is 1, the octave 8.',
    );
  if (letters === 'P' && !perfect) throw wrongFamily(text, number, 'perfect', 'major or minor');
  if ((letters === 'M' || letters === 'm') && perfect)
    throw wrongFamily(text, number, letters === 'M' ? 'major' : 'minor', 'perfect');
  if (letters[0] === 'd' && number === 1) {
    throw new TheoryError(
      'interval',
      text,
      'a diminished unison does not exist: nothing is narrower than no distance at all.',
      'Lowering the upper note makes it the lower: the interval is an augmented unison downward.',
    );
  }
  if (letters === 'P' || letters === 'M') return { number, deviation: 0 };
  if (letters === 'm') return { number, deviation: -1 };
  const count = letters.length;
  return { number, deviation: letters[0] === 'A' ? count : perfect ? -count : -count - 1 };
}

function wrongFamily(text: string, number: number, said: string, right: string): TheoryError {
  return new TheoryError(
    'interval',
    text,
    `an interval of number ${number} is never ${said}.`,
    `It is ${right}, or augmented or diminished.`,
  );
}
