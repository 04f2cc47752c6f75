import { attempt } from '../../../errors';
import { intervalBetween, printInterval } from '../../../interval/interval';
import { keyOf, printedFifths } from '../../../key/key';
import { scaleOf, signatureAlteration } from '../../../key/scale';
import { accidentalsInBar } from '../../../pitch/barAccidentals';
import { sameName } from '../../../pitch/note';
import { parseNote } from '../../../pitch/parse';
import { printNote } from '../../../pitch/print';
import { keyIn } from '../../givenReading';
import {
  AUGMENTED_DIMINISHED,
  INVERTED,
  MAJOR_MINOR,
  OCTAVE_LEFT_OUT,
  inIntervalName,
  familiesConfused,
  COUNTED_FROM_ZERO,
  ENHARMONIC,
  HALF_STEPS_FOR_LETTERS,
  QUALITY_NOT_MEASURED,
  START_COUNTED,
} from '../../mistakes/intervals';
import type { Mistake } from '../../mistakes/mistake';
import {
  type Reread,
  accidentalForgotten,
  clefMisread,
  signatureAccidentalForgotten,
  signatureForgotten,
  stepOff,
} from '../../mistakes/reading';
import type { IntervalNameGiven } from './given';

const reread: Reread<IntervalNameGiven> = (given, read) => ({
  ...given,
  ...(given.earlier ? { earlier: given.earlier.map(read) } : {}),
  from: read(given.from),
  to: read(given.to),
});

/** A note that has its accidental from an earlier one of the bar is read as the signature has it. */
const ofBarForgotten: Mistake<IntervalNameGiven> = {
  id: 'accidental-of-bar-forgotten',
  inReading: true,
  misreads(given) {
    if (given.earlier === undefined) return [];
    const fifths = printedFifths(keyIn(given));
    const notes = [...given.earlier, given.from, given.to].map((text) => parseNote(text));
    const written = accidentalsInBar(
      notes.map((note) => [note]),
      (step) => signatureAlteration(fifths, step),
    );
    const unheld = (text: string, at: number) => {
      const note = parseNote(text);
      const plain = signatureAlteration(fifths, note.step);
      const holds = !written[at]![0]! && note.alteration !== plain;
      return holds ? printNote({ ...note, alteration: plain }) : text;
    };
    const from = unheld(given.from, given.earlier.length);
    const to = unheld(given.to, given.earlier.length + 1);
    return from === given.from && to === given.to ? [] : [{ ...given, from, to }];
  },
};

const carriedToOctave: Mistake<IntervalNameGiven> = {
  id: 'accidental-carried-to-octave',
  inReading: true,
  misreads(given) {
    const [from, to] = [parseNote(given.from), parseNote(given.to)];
    if (from.step !== to.step || from.octave === to.octave || from.alteration === to.alteration) return [];
    return [{ ...given, to: printNote({ ...to, alteration: from.alteration }) }];
  },
};

const upperKey: Mistake<IntervalNameGiven, string> = {
  id: 'upper-key-used',
  slips(right, given) {
    const [from, to] = [parseNote(given.from), parseNote(given.to)];
    const scale = attempt(() => scaleOf(keyOf(to, 'major')));
    if (!scale.ok) return [];
    const { number } = intervalBetween(from, to);
    const inside = scale.value.some((name) => sameName(name, from));
    // Found in the scale of the upper note it is called major or perfect, else minor or diminished.
    const said = printInterval({ number, deviation: inside ? 0 : -1 });
    return said === right ? [] : [said];
  },
};

/** A wrong quality between white keys was measured wrongly: another clef is farther to seek (common practice). */
export const INTERVAL_NAME_MISTAKES: readonly Mistake<IntervalNameGiven, string>[] = [
  ofBarForgotten,
  signatureForgotten(reread),
  accidentalForgotten(reread),
  carriedToOctave,
  inIntervalName(INVERTED),
  familiesConfused,
  ...[MAJOR_MINOR, OCTAVE_LEFT_OUT, AUGMENTED_DIMINISHED, COUNTED_FROM_ZERO].map(inIntervalName),
  inIntervalName(HALF_STEPS_FOR_LETTERS),
  clefMisread(reread),
  signatureAccidentalForgotten(reread),
  stepOff<IntervalNameGiven>(
    (given, read) => ({ ...given, from: read(given.from) }),
    (given, read) => ({ ...given, to: read(given.to) }),
  ),
  upperKey,
  ...[START_COUNTED, ENHARMONIC, QUALITY_NOT_MEASURED].map(inIntervalName),
];
