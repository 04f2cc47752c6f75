import { type QuestionLayout, onStaves } from '../../layout/questionLayout';
import { notesOnStaff } from '../../layout/staffLayout';
import type { ScaleWriteGiven } from './given';

/** A bare staff: the scale is written on it, with its accidentals. */
export const layoutScaleWrite = (given: ScaleWriteGiven): QuestionLayout =>
  onStaves(notesOnStaff(given, [], { written: true, fifths: 0 }), {
    say: 'key',
    key: given.key,
    ...(given.form === 'natural' ? {} : { form: given.form }),
  });
