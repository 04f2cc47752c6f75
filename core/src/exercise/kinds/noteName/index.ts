import { NOTE_ANSWER } from '../../answers/noteAnswer';
import type { ExerciseKind } from '../../exerciseKind';
import { generateNoteName } from './generate';
import { NOTE_NAME_FIELDS, type NoteNameGiven } from './given';
import { layoutNoteName } from './layout';
import { NOTE_NAME_MISTAKES } from './mistakes';
import { drawNoteName, readDrawnNote } from './sent';
import { noteNameDifficulty, solveNoteName } from './solve';
import { workingNoteName } from './working';

/** A note in a clef under a signature; it is named with its octave. */
export const NOTE_NAME: ExerciseKind<NoteNameGiven, string> = {
  id: 'note-name',
  materialFields: ['keys', 'clefs', 'accidentals', 'ledgerLines', 'bar'],
  defaults: { accidentals: 'signature' },
  fields: NOTE_NAME_FIELDS,
  answer: NOTE_ANSWER,
  generate: generateNoteName,
  solve: solveNoteName,
  difficulty: noteNameDifficulty,
  layout: layoutNoteName,
  working: workingNoteName,
  mistakes: NOTE_NAME_MISTAKES,
  sent: { draw: drawNoteName, read: readDrawnNote },
};
