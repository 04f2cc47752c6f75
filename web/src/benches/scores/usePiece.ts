import {
  toRead,
  type ChordsFrom,
  type PieceReading,
  type Score,
  type ScoreRows,
  type ScoreToRead,
} from '@diatonix/core';
import { useCallback, useEffect, useMemo, useState } from 'react';
import type { ScorePiece } from '../../documents/kinds/score/type';
import { useDocuments } from '../../documents/store/store';
import { PieceLine } from '../../workers/pieceLine';
import { scoreOf } from './state';

/**
 * A piece as it is shown: its notes at once, its reading when the worker has it. After an edit the last reading
 * stays until the next is there, with the notes that it was made of.
 */
export interface ShownPiece {
  readonly score: Score;
  readonly given: ScoreToRead;
  /** For each sounding note the places of its written ones. */
  readonly written: readonly (readonly number[])[];
  readonly piece: PieceReading | null;
  /** Whether the reading takes long, and what went wrong with it. */
  readonly slow: boolean;
  readonly problem: string | null;
  readonly cancel: () => void;
}

/** Reads the open piece in the worker, anew with every ruling; the last reading stays until the next is there. */
export function usePiece(id: string, body: ScorePiece): ShownPiece {
  const { score: rows, rulings, modulation = 'usual', chordsFrom } = body;
  const score = scoreOf(rows);
  const [read, setRead] = useState<{ rows: ScoreRows; piece: PieceReading } | null>(null);
  const from = read?.rows ?? rows;
  const { given, written } = useMemo(() => {
    const { written, ...given } = toRead(scoreOf(from));
    // Of notes that are not there any more nothing is marked.
    return { given, written: from === rows ? written : placesIn(rows, from, written) };
  }, [from, rows]);
  const [slow, setSlow] = useState(false);
  const [problem, setProblem] = useState<string | null>(null);
  const [line, setLine] = useState<PieceLine | null>(null);
  useEffect(() => {
    const own = new PieceLine({
      read: (piece, of) => setRead({ rows: of, piece }),
      slow: setSlow,
      problem: setProblem,
    });
    setLine(own);
    return () => own.close();
  }, []);
  useEffect(
    () => line?.ask(asked({ score: rows, rulings, modulation, chordsFrom })),
    [line, rows, rulings, modulation, chordsFrom],
  );
  // The worker begins with an edit while the page still draws it.
  useEffect(
    () =>
      useDocuments.subscribe(({ documents }) => {
        const own = documents[id];
        if (own?.kind !== 'score') return;
        line?.ask(asked(own.body as ScorePiece));
      }),
    [line, id],
  );
  const cancel = useCallback(() => line?.cancel(), [line]);
  return { score, given, written, piece: read?.piece ?? null, slow, problem, cancel };
}

/** Places of written notes in rows that were edited since: those whose rows are still the same. */
function placesIn(rows: ScoreRows, old: ScoreRows, written: ShownPiece['written']): ShownPiece['written'] {
  let places: Map<string, number> | null = null;
  return written.map((own) => {
    if (own.every((place) => rows.notes[place] === old.notes[place])) return own;
    places ??= new Map(rows.notes.map((row, at) => [row, at]));
    return own.flatMap((place) => places!.get(old.notes[place]!) ?? []);
  });
}

/** What the worker is asked of a piece. */
const asked = ({
  score,
  rulings,
  modulation = 'usual',
  chordsFrom = 'symbols',
}: Pick<ScorePiece, 'score' | 'rulings' | 'modulation'> & {
  readonly chordsFrom?: ChordsFrom | undefined;
}) => ({ score, rulings, modulation, chordsFrom });
