import type { GivenData } from '../question';
import { sameAnswer } from './sameAnswer';
import { isTexts, listOf, partMark, sameSet, type AnswerForm } from './answerForm';
import { midiNumber } from '../../pitch/note';
import { parseNote } from '../../pitch/parse';
import type { LabelStyle } from '../../school/school';
import { parseNoteAnswer, withoutOctave } from './noteAnswer';
import { signsFromWords } from './spokenText';

const letters = (notes: readonly string[]) => notes.map((text) => text[0]!);
const bare = (text: string | undefined) => withoutOctave(text ?? '');

/**
 * Notes one after the other, or from the lowest up: their letters and accidentals, and where it is asked for the
 * lowest note or the places on the staff.
 */
export function notesAnswer<Given extends object = GivenData>(
  more: 'lowest note' | 'places' | null = null,
): AnswerForm<readonly string[], Given> {
  return {
    name: 'notes',
    isAnswer: (value) => isTexts(value) && value.length > 0,
    read: (raw, _given, school) => parseNotesAnswer(raw, school),
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
    ...(more === 'lowest note' ? { isRight: isSameStack } : {}),
    typed: (answer) => answer.join(' '),
  };
}

/** Notes one after the other, with signs or in words: `F# A`, `F sharp A`. Throws TheoryError. */
export const parseNotesAnswer = (raw: unknown, school: LabelStyle): string[] =>
  listOf(typeof raw === 'string' ? signsFromWords(raw) : raw).map((text) => parseNoteAnswer(text, school));

const NOTE_WITH_OCTAVE = /\d$/;

/** The names of notes from the lowest up: where each has its octave they may be written in any order. */
function fromLowest(notes: readonly string[]): string[] {
  const placed = notes.every((text) => NOTE_WITH_OCTAVE.test(text));
  const sorted = placed
    ? [...notes].sort((a, b) => midiNumber(parseNote(a)) - midiNumber(parseNote(b)))
    : notes;
  return sorted.map(bare);
}

/** Whether the lowest note is right and the others stand over it in any order and octave, doubled or not. */
const isSameStack = (said: readonly string[], right: readonly (readonly string[])[]): boolean =>
  right.some((one) => {
    const [wanted, own] = [fromLowest(one), fromLowest(said)];
    return wanted[0] === own[0] && sameSet([...new Set(wanted)], [...new Set(own)]);
  });
