import { parseNote } from '../../pitch/parse';
import { printNote } from '../../pitch/print';
import type { AnswerSlip } from './mistake';

const moved = (text: string, by: number) => {
  const note = parseNote(text);
  return printNote({ ...note, octave: note.octave + by });
};

/** One note an octave off. */
export const noteOctaveOff: AnswerSlip<string> = {
  id: 'octave-off',
  slips: (right) => [1, -1].map((by) => moved(right, by)),
};

/** All notes an octave off. */
export const notesOctaveOff: AnswerSlip<readonly string[]> = {
  id: 'octave-off',
  slips: (right) => [1, -1].map((by) => right.map((text) => moved(text, by))),
};

const plain = (text: string) => text.replace(/^([A-G])[#b]+/, '$1');

/** The accidental of a note left out. */
export const accidentalLeftOut: AnswerSlip<string> = {
  id: 'accidental-left-out',
  slips: (right) => [plain(right)],
};

/** The accidental of one of the notes left out, or of all. */
export const accidentalsLeftOut: AnswerSlip<readonly string[]> = {
  id: 'accidental-left-out',
  slips: (right) => [
    ...right.map((_, at) => right.map((text, index) => (index === at ? plain(text) : text))),
    right.map(plain),
  ],
};
