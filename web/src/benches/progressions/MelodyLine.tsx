import { printMelody, readMelody } from '@diatonix/core';
import { useCallback, useMemo } from 'react';
import { LineField } from '../../design/LineField';
import type { Progression } from '../../workbook/model';
import { useStore } from '../../workbook/store';

/** A melody over the line, typed chord by chord: what is in no chord passes, turns or clashes. */
export function MelodyLine({ progression }: { progression: Progression }) {
  const typeMelody = useStore((state) => state.typeMelody);
  const { columns } = progression;
  const stored = useMemo(() => printMelody(columns.map(({ melody }) => melody)), [columns]);
  const readFaults = useCallback(
    (text: string) =>
      readMelody(text, columns.length).faults.map(({ start, end, error }) => ({
        start,
        end,
        message: error.message,
      })),
    [columns.length],
  );
  return (
    <LineField
      label="Melody: the notes over each chord, a slash before the next"
      placeholder="Type a melody over the chords: C#5 B4 / A4 / - / B4"
      owner={`melody ${progression.id}`}
      stored={stored}
      readFaults={readFaults}
      onType={typeMelody}
      keepFaulty
    />
  );
}
