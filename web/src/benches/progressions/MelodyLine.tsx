import { printMelody, readMelody } from '@diatonix/core';
import { useCallback, useMemo } from 'react';
import { LineField } from '../../design/LineField';
import { useSchool } from '../../documents/store/use';
import { typeMelody } from './state';
import type { Progression } from '../../documents/kinds/progression/type';

/** A melody over the line, typed chord by chord: what is in no chord passes, turns or clashes. */
export function MelodyPanel({ id, progression }: { id: string; progression: Progression }) {
  const { columns } = progression;
  const { letters } = useSchool();
  const stored = useMemo(
    () =>
      printMelody(
        columns.map(({ melody }) => melody),
        letters,
      ),
    [columns, letters],
  );
  const readFaults = useCallback(
    (text: string) =>
      readMelody(text, columns.length, letters).faults.map(({ start, end, error }) => ({
        start,
        end,
        message: error.message,
      })),
    [columns.length, letters],
  );
  return (
    <LineField
      label="Melody: the notes over each chord, a slash before the next"
      placeholder="Type a melody over the chords: C#5 B4 / A4 / - / B4"
      owner={`melody ${id}`}
      stored={stored}
      readFaults={readFaults}
      onType={typeMelody}
      keepFaulty
    />
  );
}
