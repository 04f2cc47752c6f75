import { notesIn } from '../../givenReading';
import { type QuestionLayout, onStaves } from '../../layout/questionLayout';
import { notesOnStaff } from '../../layout/staffLayout';
import type { EnharmonicRespellGiven } from './given';

/** What is spelled wrongly on its staff; it is written again beside it. */
export const layoutEnharmonicRespell = (given: EnharmonicRespellGiven): QuestionLayout =>
  onStaves(notesOnStaff(given, [notesIn(given.notes)], { written: true }), { say: 'key', key: given.key });
