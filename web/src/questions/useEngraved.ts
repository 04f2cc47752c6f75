import { staffLayout, type Question, type StaffLayout } from '@diatonix/core';
import { frameOf, questionStaff, type QuestionStaff, type StaffFrame } from '@diatonix/engraving';
import { useMemo } from 'react';
import { useEngraver } from '../notation/useEngraver';

/**
 * The staff of a question once the notation is there, or what was written on it; null until then, and for a question
 * without notes.
 */
export function useEngraved(
  question: Pick<Question, 'kind' | 'given'>,
  written: StaffLayout | null = null,
): { frame: StaffFrame; staff: QuestionStaff } | null {
  const engraver = useEngraver();
  return useMemo(() => {
    if (!engraver) return null;
    const put = written ?? staffLayout(question);
    const frame = frameOf([put]);
    const staff = frame && questionStaff(engraver, frame, put);
    return frame && staff && { frame, staff };
  }, [engraver, question, written]);
}
