import { type AnswerForm, isTexts, partMark, sameSet } from '../../answers/answerForm';
import { notesAnswer } from '../../answers/notesAnswer';
import { signsCounted } from '../../answers/spokenText';
import { keyFromSignature } from '../../../key/key';
import { signatureNotes } from '../../../key/scale';
import { printNoteName } from '../../../pitch/print';
import { sameAnswer } from '../../answers/sameAnswer';

const { read, typed } = notesAnswer();

/** The accidentals in their order, or so many of them: `three flats`. */
function readSignature(...[raw, given, school]: Parameters<typeof read>): readonly string[] {
  const count = typeof raw === 'string' ? signsCounted(raw) : null;
  if (count === null) return read(raw, given, school);
  return signatureNotes(keyFromSignature(count, 'major')).map(printNoteName);
}

/** Accidentals in the order in which they are written; C major has none. */
export const SIGNATURE_ANSWER: AnswerForm<readonly string[]> = {
  name: 'notes',
  isAnswer: isTexts,
  read: readSignature,
  parts: (right, said) => [
    partMark('accidentals', sameSet(right, said)),
    partMark('order', sameAnswer(right, said)),
  ],
  typed,
};
