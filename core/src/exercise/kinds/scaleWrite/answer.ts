import { scaleOf } from '../../../key/scale';
import { printNoteName } from '../../../pitch/print';
import type { AnswerForm } from '../../answers/answerForm';
import { withoutOctave } from '../../answers/noteAnswer';
import { notesAnswer } from '../../answers/notesAnswer';
import { keyIn } from '../../givenReading';
import type { ScaleWriteGiven } from './given';

const NOTES = notesAnswer<ScaleWriteGiven>();

/** The way down from the upper tonic; melodic minor comes down as the natural form, or as it went up. */
function waysDown(given: ScaleWriteGiven): string[][] {
  const key = keyIn(given);
  const forms = given.form === 'melodic' ? (['natural', 'melodic'] as const) : [given.form];
  return forms.map((form) => [...scaleOf(key, form)].reverse().map(printNoteName));
}

/**
 * The seven notes of a scale upward. It may be closed with its tonic, and come down again: then the way down is
 * left out where it is right, and left in, as what is wrong, where it is not.
 */
function upward(said: readonly string[], given: ScaleWriteGiven): readonly string[] {
  const names = said.map(withoutOctave);
  if (names.length < 8 || names[7] !== names[0]) return said;
  // The upper tonic may be written once or twice.
  const down = names.slice(names[8] === names[7] ? 9 : 8);
  const isDown = down.length === 0 || waysDown(given).some((way) => way.join() === down.join());
  return isDown ? said.slice(0, 7) : said;
}

/** A scale upward from its tonic, closed and brought down again or not. */
export const SCALE_ANSWER: AnswerForm<readonly string[], ScaleWriteGiven> = {
  ...NOTES,
  read: (raw, given, school) => upward(NOTES.read(raw, given, school), given),
};
