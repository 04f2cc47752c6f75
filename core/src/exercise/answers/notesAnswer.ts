import { sameAnswer } from './sameAnswer';
import { isTexts, listOf, partMark, sameSet, type AnswerForm } from './answerForm';
import { parseNoteAnswer, withoutOctave } from './noteAnswer';

const letters = (notes: readonly string[]) => notes.map((text) => text[0]!);
const bare = (text: string | undefined) => withoutOctave(text ?? '');

/**
 * Notes one after the other, or from the lowest up: their letters and accidentals, and where it is asked for the
 * lowest note or the places on the staff.
 */
export function notesAnswer(more: 'lowest note' | 'places' | null = null): AnswerForm<readonly string[]> {
  return {
    name: 'notes',
    isAnswer: (value) => isTexts(value) && value.length > 0,
    read: (raw, _given, school) => listOf(raw).map((text) => parseNoteAnswer(text, school)),
    parts(right, said) {
      const lettersRight = sameAnswer(letters(right), letters(said));
      // Accidentals count for the letters that stand where they should.
      const signs = lettersRight
        ? right.every((text, at) => bare(text) === bare(said[at]))
        : sameSet(right.map(bare), said.map(bare));
      return [
        partMark('letters', lettersRight || sameSet(letters(right), letters(said))),
        partMark('accidentals', signs),
        ...(more === 'lowest note' ? [partMark(more, bare(right[0]) === bare(said[0]))] : []),
        ...(more === 'places' ? [partMark(more, sameAnswer(right, said))] : []),
      ];
    },
    evenParts: true,
    typed: (answer) => answer.join(' '),
  };
}
