import { parseNoteIn, parseNoteNameIn } from '../../pitch/letters';
import { printNote, printNoteName } from '../../pitch/print';
import type { LabelStyle } from '../../school/school';
import { plainText, signsFromWords } from './spokenText';
import { isText, partMark, textOf, type AnswerForm } from './answerForm';

/** A note with its octave, or its name where none is said. Throws TheoryError `note`. */
export function parseNoteAnswer(text: string, school: LabelStyle): string {
  const written = signsFromWords(plainText(text)).trim();
  return /\d$/.test(written)
    ? printNote(parseNoteIn(written, school.letters))
    : printNoteName(parseNoteNameIn(written, school.letters));
}

/** The name of a note without its octave. */
export const withoutOctave = (text: string): string => text.replace(/-?\d$/, '');

const NOTE = /^([A-G])([#b]*)(-?\d)?$/;

/** One note: letter, accidental, and the octave where both say one. */
export const NOTE_ANSWER: AnswerForm<string> = {
  name: 'note',
  isAnswer: isText,
  read: (raw, _given, school) => parseNoteAnswer(textOf(raw), school),
  parts(right, said) {
    const [, letter, sign, octave] = NOTE.exec(right) ?? [];
    const [, ownLetter, ownSign, ownOctave] = NOTE.exec(said) ?? [];
    return [
      partMark('letter', letter === ownLetter),
      partMark('accidental', sign === ownSign),
      ...(octave && ownOctave ? [partMark('octave', octave === ownOctave)] : []),
    ];
  },
  typed: (answer) => answer,
};
