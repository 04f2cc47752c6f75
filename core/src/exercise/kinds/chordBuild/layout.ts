import { type QuestionLayout, onStaves } from '../../layout/questionLayout';
import { notesOnStaff } from '../../layout/staffLayout';
import type { ChordBuildGiven } from './given';

/** A staff with its signature: the chord is written on it. */
export const layoutChordBuild = (given: ChordBuildGiven): QuestionLayout => {
  const { root, quality, inversion } = given;
  return onStaves(notesOnStaff(given, [], { written: true }), { say: 'chord', root, quality, inversion });
};
