import { parseNote } from '../../../pitch/parse';
import { type QuestionLayout, onStaves } from '../../layout/questionLayout';
import { notesOnStaff } from '../../layout/staffLayout';
import type { FiguresNameGiven } from './given';

/** The bass on its staff; its figures stand over each other beside the key. */
export const layoutFiguresName = (given: FiguresNameGiven): QuestionLayout =>
  onStaves(notesOnStaff(given, [[parseNote(given.bass)]]), {
    say: 'figures',
    figures: given.figures,
    key: given.key,
  });
