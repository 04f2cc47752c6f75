import { isTimed, parseKey } from '@diatonix/core';
import { useCallback, useMemo, useRef, useState, type KeyboardEvent } from 'react';
import { useRow } from '../../columns/useRow';
import { useSameColumn } from '../../columns/useSame';
import type { Document } from '../../documents/store/document';
import { useSchool } from '../../documents/store/use';
import { useEngraver } from '../../notation/useEngraver';
import { useSteady } from '../../parts/useSteady';
import { usePlayback } from '../../sound/player';
import { fifthsAlong, GridColumns, metresAlong } from './columns';
import { deriveProgression, type ShownColumn } from './derive';
import { PROGRESSIONS_DESK } from './desk';
import { lineKey } from './lineKey';
import { shownRows } from './rows';
import { invertColumn, removeColumns } from './state';
import { useFourParts } from './useFourParts';
import { useListening } from './useListening';
import { ON_SHEET, TO_CLASS, useSheetEntries } from './useSheetEntries';

interface LineActs {
  readonly invert: (by: 1 | -1) => void;
  readonly remove: () => void;
  readonly hear: (manner: 'together' | 'note by note') => void;
  readonly play: () => void;
}

const NO_ACTS: LineActs = { invert: () => {}, remove: () => {}, hear: () => {}, play: () => {} };

/** What is derived from the open line, which of it is selected, and what can be done with it. */
export function useProgressionModel(open: Document<'progression'>) {
  const progression = open.body;
  const school = useSchool();
  const selectedId = PROGRESSIONS_DESK.use(({ column }) => column);
  const engraver = useEngraver();
  const playing = usePlayback((state) => state.column);
  const [row, setRow] = useRow();
  const derivedBefore = useRef<readonly ShownColumn[]>([]);
  const gridColumns = useRef(new GridColumns());

  const key = useMemo(() => parseKey(progression.key), [progression.key]);
  const derived = useMemo(
    () => deriveProgression(progression, school, derivedBefore.current),
    [progression, school],
  );
  derivedBefore.current = derived;
  const [anchor, setAnchor] = useState<string | null>(null);
  const parts = useFourParts(open.id, progression, derived, key, school);
  const { blank, pattern } = progression;
  const columns = useMemo(
    () => gridColumns.current.build(derived, key, school, engraver, { blank, pattern }, parts),
    [derived, key, school, engraver, blank, pattern, parts],
  );
  const [fifths, metres] = [useSameColumn(fifthsAlong(derived, key)), useSameColumn(metresAlong(derived))];
  const timed = useMemo(() => isTimed(progression.columns), [progression?.columns]);
  const rows = useMemo(() => shownRows(progression), [progression]);
  const found = derived.findIndex(({ column }) => column.id === selectedId);
  const selected = Math.max(found, derived.length > 0 ? 0 : -1);
  const anchored = anchor === null ? -1 : derived.findIndex(({ column }) => column.id === anchor);
  const [from, to] =
    anchored < 0 ? [selected, selected] : [Math.min(anchored, selected), Math.max(anchored, selected)];
  const several = to > from;
  const hearing = useListening(open.id, progression, derived, parts, school);

  const derivedNow = useRef(derived);
  derivedNow.current = derived;
  const selectedNow = useRef(selected);
  selectedNow.current = selected;
  const select = useCallback(
    (index: number, rowId: string, extend: boolean) => {
      const begin = derivedNow.current[selectedNow.current]?.column.id ?? null;
      setAnchor((old) => (extend ? (old ?? begin) : null));
      PROGRESSIONS_DESK.set({ column: derivedNow.current[index]?.column.id ?? null });
      setRow(rowId);
    },
    [setRow],
  );

  // What the margin does keeps its identity, so that typing does not draw the margin anew.
  const latest = useRef<LineActs>(NO_ACTS);
  const acts = useMemo<LineActs>(
    () => ({
      invert: (by) => latest.current.invert(by),
      remove: () => latest.current.remove(),
      hear: (manner) => latest.current.hear(manner),
      play: () => latest.current.play(),
    }),
    [],
  );

  const others = useSteady(hearing.others);
  const voices = useSteady(() => parts.voices);
  const chosen = derived.slice(from, to + 1);
  const sheets = useSheetEntries(several ? chosen : derived, ON_SHEET);
  const asks = useSheetEntries(chosen, TO_CLASS);
  const derivedHere = useSteady(() => derivedNow.current);
  const idsText = chosen.map(({ column }) => column.id).join(' ');
  const ids = useMemo(() => idsText.split(' '), [idsText]);

  const current = derived[selected] ?? null;
  const remove = () => {
    if (!current) return;
    const next = derived[to + 1] ?? derived[from - 1];
    removeColumns(derived.slice(from, to + 1).map(({ column }) => column.id));
    setAnchor(null);
    PROGRESSIONS_DESK.set({ column: next?.column.id ?? null });
  };

  latest.current = {
    invert: (by) => current && invertColumn(current.column.id, by),
    remove,
    hear: (manner) => hearing.hearOne(selected, manner),
    play: () => (several ? hearing.hear(from, to) : hearing.hear(0, derived.length - 1)),
  };

  const onKey = (event: KeyboardEvent): boolean =>
    lineKey(event, {
      key,
      column: current?.column.id ?? null,
      remove,
      hear: (toEnd) => {
        if (toEnd) hearing.hear(selected, derived.length - 1);
        else if (several) hearing.hear(from, to);
        else hearing.hearOne(selected, 'together');
      },
    });

  return {
    ...{
      key,
      school,
      engraver,
      playing,
      parts,
      hearing,
      derived,
      derivedHere,
      columns,
      rows,
      row,
      fifths,
      metres,
    },
    ...{
      timed,
      selected,
      current,
      from,
      to,
      several,
      ids,
      others,
      voices,
      sheets,
      asks,
      select,
      acts,
      onKey,
    },
  };
}
