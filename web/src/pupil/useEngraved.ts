import { putOf, type Question } from '@diatonix/core';
import type { Engraver, QuestionStaff, StaffFrame } from '@diatonix/engraving';
import { useEffect, useMemo, useState } from 'react';
import type { PupilQuestion } from './work';

interface Engraving {
  readonly engraver: Engraver;
  readonly frameOf: (puts: readonly ReturnType<typeof putOf>[]) => StaffFrame | null;
  readonly questionStaff: (
    engraver: Engraver,
    frame: StaffFrame,
    put: ReturnType<typeof putOf>,
  ) => QuestionStaff | null;
}

let loading: Promise<Engraving> | null = null;

async function load(): Promise<Engraving> {
  const [{ loadVexFlow }, { asText, Engraver, frameOf, questionStaff }] = await Promise.all([
    import('../notation/vexflow'),
    import('@diatonix/engraving'),
  ]);
  return { engraver: new Engraver(await loadVexFlow(), asText), frameOf, questionStaff };
}

/** The staff of a question once the notation is there; null until then, and for a question without notes. */
export function useEngraved(question: PupilQuestion): { frame: StaffFrame; staff: QuestionStaff } | null {
  const [engraving, setEngraving] = useState<Engraving | null>(null);
  useEffect(() => {
    let live = true;
    loading ??= load();
    void loading.then(
      (loaded) => live && setEngraving(loaded),
      () => (loading = null),
    );
    return () => {
      live = false;
    };
  }, []);
  return useMemo(() => {
    if (!engraving) return null;
    const put = putOf(question as unknown as Question);
    const frame = engraving.frameOf([put]);
    const staff = frame && engraving.questionStaff(engraving.engraver, frame, put);
    return frame && staff && { frame, staff };
  }, [engraving, question]);
}
