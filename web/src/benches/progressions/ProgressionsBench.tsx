import { diatonicNumeral, parseKey, printNote, printNumeral, printedFifths } from '@diatonix/core';
import { lazy, Suspense, useCallback, useMemo, useRef, useState, type KeyboardEvent } from 'react';
import { useNavigate } from 'react-router';
import { useRow } from '../../columns/useRow';
import { BenchFrame } from '../../design/BenchFrame';
import { Button } from '../../design/controls';
import { GRAND_STAFF } from '../../notation/frames';
import { StaffGrid } from '../../notation/StaffGrid';
import { useEngraver } from '../../notation/useEngraver';
import { ChordByHand } from './ChordByHand';
import { play, stop, usePlayback } from '../../sound/player';
import { openProgressionOf } from '../../workbook/model';
import { useStore } from '../../workbook/store';
import { Actions } from './Actions';
import { GridColumns, ProgressionDeriver, shownRows } from './columns';
import { EmptyProgression } from './EmptyProgression';
import { EntryLine } from './EntryLine';
import { KeyChange, KeyChooser, MoveMenu } from './KeyChange';
import { ProgressionMargin } from './ProgressionMargin';
import { TitleField } from './TitleField';
import { useFourParts } from './useFourParts';
import { ViewBar } from './ViewBar';
import { VoicesAside } from './VoicesAside';

const Harmonise = lazy(() => import('./Harmonise').then((module) => ({ default: module.Harmonise })));

const QUARTERS_A_COLUMN = 2;

interface Doings {
  readonly invert: (by: 1 | -1) => void;
  readonly remove: () => void;
  readonly hear: (manner: 'together' | 'note by note') => void;
  readonly play: () => void;
}

const NO_ROWS: readonly string[] = [];

const NOTHING_TO_DO: Doings = { invert: () => {}, remove: () => {}, hear: () => {}, play: () => {} };

/** The Progressions bench: a line of chords, labelled, set on a grand staff, and played. */
export function ProgressionsBench() {
  const progression = useStore((state) => openProgressionOf(state.workbook));
  const school = useStore((state) => state.workbook.school);
  const selectedId = useStore((state) => state.place.progressionColumn);
  const { setPlace, invertColumn, removeColumn, addEntry, moveColumn, putHarmony } = useStore.getState();
  const panel = useStore((state) => state.place.notePanel);
  const work = useRef<HTMLDivElement>(null);
  const engraver = useEngraver();
  const navigate = useNavigate();
  const playing = usePlayback((state) => state.column);
  const [row, setRow] = useRow();
  const [wanted, setWanted] = useState<string | null>(null);
  const deriver = useRef(new ProgressionDeriver());
  const gridColumns = useRef(new GridColumns());

  const key = useMemo(() => parseKey(progression?.key ?? 'C major'), [progression?.key]);
  const derived = useMemo(() => (progression ? deriver.current.derive(progression, school) : []), [progression, school]);
  const [skip, setSkip] = useState(0);
  const [harmonising, setHarmonising] = useState(false);
  const [loop, setLoop] = useState(false);
  const next = useCallback(() => setSkip((count) => count + 1), []);
  const parts = useFourParts(progression, derived, key, skip);
  const blank = progression?.blank ?? NO_ROWS;
  const columns = useMemo(
    () => gridColumns.current.build(derived, key, school, engraver, blank, parts),
    [derived, key, school, engraver, blank, parts],
  );
  const rows = useMemo(() => (progression ? shownRows(progression) : []), [progression]);
  const found = derived.findIndex(({ column }) => column.id === selectedId);
  const selected = found < 0 ? (derived.length > 0 ? 0 : -1) : found;

  const derivedNow = useRef(derived);
  derivedNow.current = derived;
  const select = useCallback(
    (index: number, rowId: string) => {
      setPlace({ progressionColumn: derivedNow.current[index]?.column.id ?? null });
      setRow(rowId);
    },
    [setPlace, setRow],
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

  if (!progression) return <EmptyProgression />;

  const hear = (from: number, to: number, manner: 'together' | 'note by note' = 'together') => {
    const notes = derived
      .slice(from, to)
      .map(({ setting }, index) => parts.voices[from + index] ?? (setting ? [...setting.lower, ...setting.upper] : []));
    void play(notes, { seconds: (60 / progression.tempo) * QUARTERS_A_COLUMN, from, manner, loop: loop && to - from > 1 });
  };
  const current = derived[selected] ?? null;
  const remove = () => {
    if (!current) return;
    const next = derived[selected + 1] ?? derived[selected - 1];
    removeColumn(current.column.id);
    setPlace({ progressionColumn: next?.column.id ?? null });
  };

  latest.current = {
    invert: (by) => current && invertColumn(current.column.id, by),
    remove,
    hear: (manner) => hear(selected, selected + 1, manner),
    play: () => hear(0, derived.length),
  };

  const onKey = (event: KeyboardEvent): boolean => {
    if (/^[1-7]$/.test(event.key)) {
      const numeral = printNumeral(diatonicNumeral(key, Number(event.key)), key);
      setPlace({ progressionColumn: addEntry({ kind: 'numeral', text: numeral }, current?.column.id ?? null) });
      return true;
    }
    if (!current) return false;
    switch (event.key) {
      case ']':
      case '[':
        invertColumn(current.column.id, event.key === ']' ? 1 : -1);
        return true;
      case ' ':
        hear(selected, event.shiftKey ? derived.length : selected + 1);
        return true;
      case 'Delete':
      case 'Backspace':
        remove();
        return true;
      case '<':
      case '>':
        moveColumn(current.column.id, event.key === '>' ? 1 : -1);
        return true;
      case 'Escape':
        stop();
        return true;
      default:
        return false;
    }
  };

  const hearVoice = (voice: number) => {
    const line = parts.voices.map((notes) => (notes ? [notes[voice]!] : []));
    void play(line, { seconds: (60 / progression.tempo) * QUARTERS_A_COLUMN, from: 0, manner: 'together', loop });
  };

  const four =
    progression.view === 'four-part' && current ? (
      <VoicesAside
        column={current.column}
        voices={parts.voices[selected] ?? null}
        faults={parts.faults.filter(({ at }) => at === selected)}
        said={parts.said}
        searching={parts.searching}
        onHear={hearVoice}
        school={school}
      />
    ) : null;

  return (
    <BenchFrame
      title={<TitleField id={progression.id} title={progression.title} />}
      facts={
        <>
          <KeyChooser value={progression.key} empty={progression.columns.length === 0} onWanted={setWanted} />
          {progression.columns.length > 0 && <MoveMenu value={progression.key} />}
        </>
      }
      actions={
        <Actions
          tempo={progression.tempo}
          title={progression.title}
          empty={progression.columns.length === 0}
          nothing={derived.length === 0}
          selected={selected}
          loop={loop}
          work={work}
          onLoop={setLoop}
          onPlay={doings.play}
        />
      }
      margin={
        <ProgressionMargin
          derived={current}
          position={selected}
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
        hidden={progression.hidden}
        blank={progression.blank}
        rulesOff={progression.rulesOff}
        onNext={next}
        harmonising={harmonising}
        onHarmonise={setHarmonising}
      />
      <KeyChange progression={progression} wanted={wanted} onDone={() => setWanted(null)} />
      <div ref={work}>
        {columns.length === 0 ? (
          <p>
            Nothing stands here yet. Type a line below, such as <b>I vi ii V7 I</b>, or take chords from the{' '}
            <Button onPress={() => void navigate('/key')}>Key bench</Button>
          </p>
        ) : (
          <StaffGrid
            label={`Progression ${progression.title}`}
            frame={GRAND_STAFF}
            engraver={engraver}
            clefs={['treble', 'bass']}
            fifths={printedFifths(key)}
            braced
            rows={rows}
            columns={columns}
            selected={selected}
            selectedRow={row}
            playing={playing}
            onSelect={select}
            onKey={onKey}
          />
        )}
      </div>
      <EntryLine progression={progression} />
      {harmonising && (
        <Suspense fallback={null}>
          <Harmonise
            keyOf={key}
            school={school}
            onPut={(numerals, voices) => putHarmony(numerals, voices && voices.map((notes) => notes.map(printNote)))}
          />
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
}
