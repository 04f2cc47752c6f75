import { parseNote } from '../../../pitch/parse';
import { type QuestionLayout, onStaves } from '../../layout/questionLayout';
import { notesOnStaff } from '../../layout/staffLayout';
import type { NoteNameGiven } from './given';

/** The note after those of its bar; nobody may read their names out. */
export const layoutNoteName = (given: NoteNameGiven): QuestionLayout =>
  onStaves(
    notesOnStaff(
      given,
      [...(given.earlier ?? []), given.note].map((text) => [parseNote(text)]),
    ),
    given.earlier === undefined ? null : { say: 'last-note' },
    true,
  );
