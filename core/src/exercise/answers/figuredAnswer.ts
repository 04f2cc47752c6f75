import { attempt } from '../../errors';
import { numeralsForNotes } from '../../label/numeralsFor';
import { printNumeral } from '../../label/numeralPrint';
import { parseNoteName } from '../../pitch/parse';
import type { LabelStyle } from '../../school/school';
import { keyIn } from '../givenReading';
import {
  isRecord,
  isTexts,
  listOf,
  partMark,
  recordOf,
  sameSet,
  textOf,
  type AnswerForm,
} from './answerForm';
import { parseNoteAnswer, withoutOctave } from './noteAnswer';
import { parseNumeralAnswer } from './numeralAnswer';

/** The notes over a bass and their numeral. */
export interface FiguredAnswer {
  readonly notes: readonly string[];
  readonly numeral: string;
}

interface InKey {
  readonly key?: string | undefined;
}

function read(raw: unknown, given: InKey, school: LabelStyle): FiguredAnswer {
  // Typed in one line: the notes, then the numeral after a colon or as the last word.
  if (typeof raw === 'string') {
    const [, notes = '', numeral = ''] = /^(.*?)(?::|\s)\s*(\S+)$/.exec(raw.trim()) ?? [];
    return read({ notes: listOf(notes), numeral }, given, school);
  }
  const { notes, numeral } = recordOf(raw);
  return {
    notes: listOf(notes ?? []).map((text) => withoutOctave(parseNoteAnswer(text, school))),
    numeral:
      numeral === undefined || numeral === '' ? '' : parseNumeralAnswer(textOf(numeral), given, school),
  };
}

/** What stands over a figured bass: its notes in any order, and the numeral that they make. */
export const FIGURED_ANSWER: AnswerForm<FiguredAnswer, InKey> = {
  name: 'figured',
  isAnswer: (value) =>
    isRecord(value) &&
    isTexts(value['notes']) &&
    value['notes'].length > 0 &&
    typeof value['numeral'] === 'string',
  read,
  parts(right, said, given) {
    const notes = partMark('notes', sameSet(right.notes, said.notes));
    const numeral = partMark('numeral', right.numeral === said.numeral);
    if (notes.got === 1 || numeral.got === 1) return [notes, numeral];
    const key = keyIn(given);
    const own = attempt(() => numeralsForNotes(said.notes.map(parseNoteName), key)[0]);
    const follows = own.ok && own.value && printNumeral(own.value.numeral, key) === said.numeral;
    return [notes, follows ? { ...numeral, got: 1, follows: true } : numeral];
  },
  isRight: (said, right) =>
    right.some(({ notes, numeral }) => numeral === said.numeral && sameSet(notes, said.notes)),
  inParts: true,
  blanks: ['notes', 'numeral'],
  typed: ({ notes, numeral }) => `${notes.join(' ')}: ${numeral}`,
};
