import { isTimed, parseKey, printedFifths } from '@diatonix/core';
import { memo, Suspense, useCallback, useMemo, useRef, useState, type KeyboardEvent } from 'react';
import { useRow } from '../../columns/useRow';
import { useSameColumn } from '../../columns/useSame';
import { BenchFrame } from '../../parts/BenchFrame';
import { useSteady } from '../../parts/useSteady';
import { Opened } from '../../design/Opened';
import { StaffGrid } from '../../notation/StaffGrid';
import { lazyAfterNotation } from '../../notation/lazyAfterNotation';
import { useEngraver } from '../../notation/useEngraver';
import { usePlayback } from '../../sound/player';
import { Actions } from './Actions';
import { ChordByHand } from './ChordByHand';
import { fifthsAlong, lineFrame, GridColumns, metresAlong } from './columns';
import { deriveProgression, type ShownColumn } from './derive';
import { lineKey } from './lineKey';
import { EntryLine } from './EntryLine';
import { PROGRESSIONS_DESK } from './desk';
import { KeyChange, KeyChooser, MoveMenu } from './KeyChange';
import { NothingYet } from './NothingYet';
import { ON_SHEET, TO_CLASS, useSheetEntries } from './useSheetEntries';
import { shownRows } from './rows';
import { TitleField } from './TitleField';
import { useFourParts } from './useFourParts';
import { useListening } from './useListening';
import { ViewBar, type Under } from './ViewBar';
import { VoicesAside } from './VoicesAside';
import { LineMenus } from './LineMenus';
import { invertColumn, removeColumns } from './state';
import type { Document } from '../../documents/store/document';
import { useSchool } from '../../documents/store/use';
import { NOTES_DESK } from '../../notes/desk';
import { part } from '../../design/part';

const ProgressionMargin = lazyAfterNotation(() =>
  import('./ProgressionMargin').then((module) => module.ProgressionMargin),
);
const LinePrint = part(() => import('./LinePrint').then((module) => module.LinePrint));
const Harmonise = part(() => import('./Harmonise').then((module) => module.Harmonise));
const MelodyPanel = part(() => import('./MelodyLine').then((module) => module.MelodyPanel));

interface Doings {
  readonly invert: (by: 1 | -1) => void;
  readonly remove: () => void;
  readonly hear: (manner: 'together' | 'note by note') => void;
  readonly play: () => void;
}

const NOTHING_TO_DO: Doings = { invert: () => {}, remove: () => {}, hear: () => {}, play: () => {} };

/** A line of chords on its bench: labelled, set on a grand staff, and played. */
export const OpenProgression = memo(function OpenProgression({ open }: { open: Document<'progression'> }) {
  const progression = open.body;
  const school = useSchool();
  const selectedId = PROGRESSIONS_DESK.use(({ column }) => column);
  const panel = NOTES_DESK.use(({ open }) => open);
  const work = useRef<HTMLDivElement>(null);
  const engraver = useEngraver();
  const playing = usePlayback((state) => state.column);
  const [row, setRow] = useRow();
  const [wanted, setWanted] = useState<string | null>(null);
  const derivedBefore = useRef<readonly ShownColumn[]>([]);
  const gridColumns = useRef(new GridColumns());

  const key = useMemo(() => parseKey(progression.key), [progression.key]);
  const derived = useMemo(
    () => deriveProgression(progression, school, derivedBefore.current),
    [progression, school],
  );
  derivedBefore.current = derived;
  const [under, setUnder] = useState<Under | null>(null);
  const [anchor, setAnchor] = useState<string | null>(null);
  const parts = useFourParts(open.id, progression, derived, key, school);
  const { blank, pattern } = progression;
  const columns = useMemo(
    () => gridColumns.current.build(derived, key, school, engraver, { blank, pattern }, parts),
    [derived, key, school, engraver, blank, pattern, parts],
  );
  const [fifths, metres] = [useSameColumn(fifthsAlong(derived, key)), useSameColumn(metresAlong(derived))];
  const { frame, clefs } = lineFrame(progression.columns, parts);
  const printing = PROGRESSIONS_DESK.use((desk) => desk.printing);
  const oneLine = PROGRESSIONS_DESK.use((desk) => desk.oneLine);
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

  // The margin's doings keep their identity, so that typing does not draw the margin anew.
  const latest = useRef<Doings>(NOTHING_TO_DO);
  const doings = useMemo<Doings>(
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
  const workBack = useMemo(
    () => <LineMenus derived={() => derivedNow.current} sheets={sheets} asks={asks} />,
    [sheets, asks],
  );
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

  const four =
    progression.view === 'four-part' && current ? (
      <VoicesAside
        column={current.column}
        line={derived}
        all={parts.voices}
        voices={parts.voices[selected] ?? null}
        faults={parts.faults.filter(({ at }) => at === selected)}
        said={parts.said}
        cost={parts.cost}
        searching={parts.searching}
        onHear={hearing.hearVoice}
        school={school}
      />
    ) : null;

  return (
    <BenchFrame
      title={<TitleField id={open.id} title={progression.title} source={progression.source} />}
      facts={
        <>
          {!several && (
            <KeyChooser
              value={progression.key}
              empty={progression.columns.length === 0}
              onWanted={setWanted}
            />
          )}
          {progression.columns.length > 0 && (
            <MoveMenu from={from} to={to} area={derived[from]?.line?.key ?? key} />
          )}
        </>
      }
      actions={
        <Actions
          tempo={progression.tempo}
          title={progression.title}
          empty={progression.columns.length === 0}
          nothing={derived.length === 0}
          selected={selected}
          several={several}
          listening={hearing.listening}
          fourParts={parts.voices.length > 0}
          melody={progression.columns.some(({ melody }) => melody !== undefined)}
          source={progression.source}
          others={others}
          voices={voices}
          work={work}
          onListening={hearing.setListening}
          onPlay={doings.play}
        />
      }
      margin={
        <ProgressionMargin
          derived={current}
          ids={ids}
          keyOf={key}
          school={school}
          onInvert={doings.invert}
          onRemove={doings.remove}
          onHear={doings.hear}
          four={four}
        />
      }
    >
      <h2 className="visually-hidden">Columns</h2>
      <ViewBar
        view={progression.view}
        modulate={progression.modulate}
        metre={progression.metre}
        pattern={progression.pattern}
        hidden={progression.hidden}
        blank={progression.blank}
        order={progression.order}
        weights={progression.weights}
        onNext={parts.next}
        under={under}
        onUnder={setUnder}
        workBack={workBack}
      />
      <KeyChange progression={progression} derived={derived} wanted={wanted} onWanted={setWanted} />
      {printing && (
        <Suspense fallback={null}>
          <LinePrint
            progression={progression}
            school={school}
            engraver={engraver}
            parts={parts}
            onClose={() => PROGRESSIONS_DESK.set({ printing: false })}
          />
        </Suspense>
      )}
      <div ref={work} className={printing ? 'no-print' : ''} hidden={printing}>
        {columns.length === 0 ? (
          <NothingYet />
        ) : (
          <StaffGrid
            label={`Progression ${progression.title}`}
            frame={frame}
            engraver={engraver}
            clefs={clefs}
            fifths={printedFifths(key)}
            fifthsAt={fifths}
            metreAt={metres}
            wrap={oneLine ? null : 'fit'}
            braced
            metre={timed ? progression.metre : null}
            rows={rows}
            columns={columns}
            selected={selected}
            selectedRow={row}
            range={several ? [from, to] : null}
            playing={playing}
            onSelect={select}
            onKey={onKey}
          />
        )}
      </div>
      <EntryLine id={open.id} progression={progression} />
      {under && (
        <Suspense fallback={null}>
          <Opened key={under}>
            {under === 'melody' ? (
              <MelodyPanel id={open.id} progression={progression} />
            ) : (
              <Harmonise keyOf={key} school={school} line={progression} />
            )}
          </Opened>
        </Suspense>
      )}
      {panel && (
        <ChordByHand
          keyOf={key}
          shown={current?.setting ? [...current.setting.lower, ...current.setting.upper] : []}
          after={current?.column.id ?? null}
        />
      )}
    </BenchFrame>
  );
});
