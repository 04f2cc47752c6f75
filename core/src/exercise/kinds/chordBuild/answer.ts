import { memberNote, type Member } from '../../../chord/chord';
import { printNoteName } from '../../../pitch/print';
import type { AnswerForm } from '../../answers/answerForm';
import { withoutOctave } from '../../answers/noteAnswer';
import { notesAnswer } from '../../answers/notesAnswer';
import type { ChordBuildGiven } from './given';
import { chordWanted } from './solve';

const WRITTEN = notesAnswer<ChordBuildGiven>('lowest note');
/** What may stand in a stack under its highest member: the eleventh perfect or raised (docs/conventions.md). */
const UNDER: readonly Member[] = [
  { degree: 9, alteration: 0 },
  { degree: 11, alteration: 0 },
  { degree: 11, alteration: 1 },
];
const NINTH = 9;

/**
 * Whether notes are a chord of five and more as it is played: the whole stack, or without what is left out first, the
 * fifth, the eleventh and the ninth. Root, third, seventh and the member that names the chord stay.
 */
function isVoiced(said: readonly string[], given: ChordBuildGiven): boolean {
  const { root, members } = chordWanted(given);
  const top = Math.max(...members.map(({ degree }) => degree));
  if (top < NINTH || given.inversion !== 0) return false;
  const nameOf = (member: Member) => printNoteName(memberNote(root, member));
  const kept = members.filter(({ degree }) => [1, 3, 7, top].includes(degree)).map(nameOf);
  const allowed = [...members, ...UNDER.filter(({ degree }) => degree < top)].map(nameOf);
  const names = said.map(withoutOctave);
  return (
    names[0] === printNoteName(root) &&
    kept.every((one) => names.includes(one)) &&
    names.every((one) => allowed.includes(one))
  );
}

/** The notes of a chord from the lowest up; of a large one what may be left out may be missing. */
export const CHORD_NOTES_ANSWER: AnswerForm<readonly string[], ChordBuildGiven> = {
  ...WRITTEN,
  isRight: (said, right, given) => WRITTEN.isRight!(said, right, given) || isVoiced(said, given),
};
