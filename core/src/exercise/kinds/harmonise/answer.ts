import { memberNote } from '../../../chord/chord';
import { attempt } from '../../../errors';
import { chordOfNumeral } from '../../../label/numeral';
import { parseNumeral } from '../../../label/numeralParse';
import { sameName } from '../../../pitch/note';
import type { AnswerForm } from '../../answers/answerForm';
import { LABELS_ANSWER } from '../../answers/numeralAnswer';
import { keyIn, notesIn } from '../../givenReading';
import type { HarmoniseGiven } from './given';

/** A dominant that goes back to what leads to it, or loses its seventh (common practice: not written). */
const isUnwritten = (from: string, to: string | undefined): boolean =>
  to !== undefined &&
  (/^V\d*$/.test(from)
    ? /^(?:ii|IV|iv)(?!\w*\/)/.test(to) || (/^V(?:7|65|43|42)$/.test(from) && /^V6?$/.test(to))
    : false);

/** Whether chords that were taught hold the notes of a melody and end with a cadence (common practice). */
function isHarmony(given: HarmoniseGiven, said: readonly string[]): boolean {
  const key = keyIn(given);
  const notes = notesIn(given.notes);
  if (said.length !== notes.length || !/^(?:V7?|viio6?|IV|iv)$/.test(said.at(-2) ?? '')) return false;
  if (said.some((label, at) => isUnwritten(label, said[at + 1]))) return false;
  return said.every((text, at) => {
    const chord = attempt(() => chordOfNumeral(parseNumeral(text, key), key));
    const tonic = at > 0 && at < said.length - 1 ? true : /^[Ii]$/.test(text);
    return (
      given.numerals.includes(text) &&
      chord.ok &&
      tonic &&
      chord.value.members.some((member) => sameName(memberNote(chord.value.root, member), notes[at]!))
    );
  });
}

/** A numeral under each note: a way of one's own is right where it holds the notes and ends with a cadence. */
export const HARMONY_ANSWER: AnswerForm<readonly string[], HarmoniseGiven> = {
  ...LABELS_ANSWER,
  isRight: (said, _right, given) => isHarmony(given, said),
};
