import { sameAnswer } from './sameAnswer';
import { isTexts, listOf, part, sameSet, type AnswerForm } from './answerForm';
import { readNote, withoutOctave } from './noteAnswer';

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
    read: (raw, _given, school) => listOf(raw).map((text) => readNote(text, school)),
    parts(right, said) {
      const lettersRight = sameAnswer(letters(right), letters(said));
      // Accidentals count for the letters that stand where they should.
      const signs = lettersRight
        ? right.every((text, at) => bare(text) === bare(said[at]))
        : sameSet(right.map(bare), said.map(bare));
      return [
        part('letters', lettersRight || sameSet(letters(right), letters(said))),
        part('accidentals', signs),
        ...(more === 'lowest note' ? [part(more, bare(right[0]) === bare(said[0]))] : []),
        ...(more === 'places' ? [part(more, sameAnswer(right, said))] : []),
      ];
    },
    evenParts: true,
    typed: (answer) => answer.join(' '),
  };
}
